/**
 * Latest beginnings of steps by their lags alone: each time is s before serving, and each arc says that one step begins at least so
 * much before another. The least times are longest paths from serving, kept as arcs are put in and taken out.
 * Source: simple temporal networks, Dechter, Meiri and Pearl (1991).
 */
export interface TemporalNetwork {
  /** s before serving; node 0 is serving */
  readonly times: Float64Array;
  readonly arcs: readonly Arc[][];
}

interface Arc {
  readonly to: number;
  readonly weight: number;
}

/** A network of `count` nodes besides serving, all at 0 s. */
export function createNetwork(count: number): TemporalNetwork {
  return { times: new Float64Array(count + 1), arcs: Array.from({ length: count + 1 }, () => []) };
}

/**
 * Puts in that node `to` begins at least `weight` s before node `from`, and moves what must move.
 * @returns whether all still holds; where not, the times are of no use and the caller goes back to a copy
 */
export function putArc(network: TemporalNetwork, from: number, to: number, weight: number): boolean {
  network.arcs[from]!.push({ to, weight });
  const { times, arcs } = network;
  if (times[from]! + weight <= times[to]!) return true;
  times[to] = times[from]! + weight;
  const queue = [to];
  for (let node = queue.shift(); node !== undefined; node = queue.shift()) {
    const time = times[node]!;
    for (const arc of arcs[node]!) {
      if (time + arc.weight <= times[arc.to]!) continue;
      /* serving itself cannot move; what comes back to where the arc begins would go round for ever */
      if (arc.to === 0 || arc.to === from) return false;
      times[arc.to] = time + arc.weight;
      if (!queue.includes(arc.to)) queue.push(arc.to);
    }
  }
  return true;
}

/** Takes out the arc that was put in last at `from`, and goes back to the times from before. */
export function takeArc(network: TemporalNetwork, from: number, before: Float64Array): void {
  network.arcs[from]!.pop();
  network.times.set(before);
}
