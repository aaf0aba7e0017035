import { beginOf, type Block, type Demand, endOf, findClash, TOUCH } from './find-clash';
import { putArc, type TemporalNetwork } from './temporal-network';

/** How often placing begins anew after something that was placed had to move. Source: numerics. */
const MOST_ATTEMPTS = 60;

/**
 * Places the steps one by one, those nearest to serving first, each as late as what is placed already leaves room; where a longest
 * wait then moves what was placed, placing begins anew with that kept earlier. A schedule that keeps everything, though not the best.
 * @returns s before serving of each node, or null where it was not found; the network is as before
 */
export function placeGreedily(network: TemporalNetwork, demands: readonly Demand[]): Float64Array | null {
  const { times, arcs } = network;
  const before = times.slice();
  const own = arcs[0]!.length;
  let placed: Float64Array | null = null;
  for (let attempt = 0; attempt < MOST_ATTEMPTS && !placed; attempt++) {
    const bounds = times.slice();
    const kept = arcs[0]!.length;
    const ending = placeOnce(network, demands);
    /* what is pinned was placed unseen: two of them may want the same hands */
    if (ending === 'placed') placed = findClash(demands, times) ? null : times.slice();
    arcs[0]!.length = kept;
    if (ending === 'stuck' || ending === 'placed') break;
    times.set(bounds);
    if (!putArc(network, 0, ending.node, ending.time)) break;
  }
  arcs[0]!.length = own;
  times.set(before);
  return placed;
}

/** One pass: all are placed, or one that was placed has to begin earlier, or nothing helps. */
function placeOnce(
  network: TemporalNetwork,
  demands: readonly Demand[],
): 'placed' | 'stuck' | { readonly node: number; readonly time: number } {
  const { times } = network;
  const isPlaced = new Uint8Array(times.length);
  isPlaced[0] = 1;
  for (const { blocks } of demands) for (const { node, fixed } of blocks) if (fixed) isPlaced[node] = 1;
  const placedTimes = times.slice();
  for (;;) {
    let next = -1;
    for (let node = 1; node < times.length; node++) {
      if (!isPlaced[node] && (next < 0 || times[node]! < times[next]!)) next = node;
    }
    if (next < 0) return 'placed';
    const time = latestFit(next, demands, times, isPlaced);
    if (time === Infinity) return 'stuck';
    if (time > times[next]! && !putArc(network, 0, next, time)) return 'stuck';
    isPlaced[next] = 1;
    placedTimes[next] = times[next]!;
    for (let node = 1; node < times.length; node++) {
      if (isPlaced[node] && times[node]! > placedTimes[node]! + TOUCH) return { node, time: times[node]! };
    }
  }
}

/** The latest moment from which all that a node takes is free of what is placed; Infinity where there is none. */
function latestFit(node: number, demands: readonly Demand[], times: Float64Array, isPlaced: Uint8Array): number {
  const at = times.slice();
  const taken = demands.flatMap(({ capacity, blocks }) => {
    const own = blocks.filter((block) => block.node === node);
    if (own.length === 0) return [];
    const others = blocks.filter((other) => other.node !== node && isPlaced[other.node]);
    return others.length > 0 ? [{ capacity, own, others }] : [];
  });
  for (let moved = true; moved;) {
    moved = false;
    for (const { capacity, own, others } of taken) {
      for (const block of own) {
        const free = freeFrom(block, others, capacity, at);
        if (free === Infinity) return Infinity;
        if (free <= at[node]! + TOUCH) continue;
        at[node] = free;
        moved = true;
      }
    }
  }
  return at[node]!;
}

/** The latest beginning of the node, no later than it is, at which this block has room. */
function freeFrom(block: Block, others: readonly Block[], capacity: number, times: Float64Array): number {
  const [begin, end] = [beginOf(block, times), endOf(block, times)];
  const beside = others.filter((other) => beginOf(other, times) > end + TOUCH && endOf(other, times) < begin - TOUCH);
  /* the most that runs beside it at once is found where one of them, or the block, ends */
  const moments = [end, ...beside.map((other) => endOf(other, times)).filter((moment) => moment > end)];
  const isFull = moments.some((moment) => {
    const taken = beside
      .filter((other) => beginOf(other, times) > moment + TOUCH && endOf(other, times) <= moment + TOUCH)
      .reduce((sum, { amount }) => sum + amount, 0);
    return taken + block.amount > capacity;
  });
  if (!isFull) return times[block.node]!;
  if (block.length === Infinity) return Infinity;
  return Math.min(...beside.map((other) => beginOf(other, times))) + block.from + block.length;
}
