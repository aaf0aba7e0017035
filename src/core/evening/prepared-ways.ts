import { type DishWay, type EveningProblem, HANDS, type Waiting } from './evening-problem';
import { type Demand, endOf } from './find-clash';
import { lossAfter } from './loss-curve';
import { createNetwork, putArc, type TemporalNetwork } from './temporal-network';

/** What each minute of an earlier beginning costs, points. Source: chosen; an hour weighs as half a point of a dish. */
const EARLY_MINUTE = 0.5 / 60;

/** One way of each dish as a network, with what clashes in it. */
export interface Prepared {
  /** of the steps, in the order of the nodes */
  readonly ids: readonly string[];
  readonly network: TemporalNetwork;
  readonly inFryers: readonly Demand[];
  readonly elsewhere: readonly Demand[];
  /** what of `elsewhere` takes the cooks' hands and is not begun; empty where hands are never short */
  readonly hands: Demand;
  readonly waiting: readonly (Waiting & { readonly node: number })[];
  /** what is lost by these ways however short the waits */
  readonly own: number;
}

/**
 * How long before serving hands must begin, s: nothing that they do can end nearer to serving than it does now, and together they do
 * only so much at a time. Source: Jackson's preemptive schedule of one machine (1955), its work spread over all hands.
 */
function leastWork({ capacity, blocks }: Demand, times: Float64Array): number {
  const ends = blocks.map((block) => ({ end: endOf(block, times), work: (block.length * block.amount) / capacity }));
  return ends.sort((a, b) => a.end - b.end).reduce((done, { end, work }) => Math.max(done, end) + work, 0);
}

/** What is lost at the least by the times as they are. */
export function lossOf({ waiting, own, hands }: Prepared, times: Float64Array): number {
  let loss = own;
  for (const { node, from, loss: curve } of waiting) loss += lossAfter(curve, times[node]! - from);
  let longest = leastWork(hands, times);
  for (const time of times) if (time > longest) longest = time;
  return loss + (longest / 60) * EARLY_MINUTE;
}

/** Steps of these ways with their lags, what is fixed and the chosen order; null where that cannot hold. */
export function prepare(problem: EveningProblem, ways: readonly DishWay[]): Prepared | null {
  const steps = ways.flatMap((way) => way.steps);
  const ids = steps.map(({ id }) => id);
  const nodes = new Map(ids.map((id, i) => [id, i + 1]));
  const network = createNetwork(ids.length);
  const arcs: [number, number, number][] = [];
  steps.forEach(({ id, length, endsWithin }, i) => {
    arcs.push([0, i + 1, length]);
    if (endsWithin !== undefined) arcs.push([i + 1, 0, -length - endsWithin]);
    const fixed = problem.fixed.get(id);
    if (fixed !== undefined) arcs.push([0, i + 1, fixed], [i + 1, 0, -fixed]);
    else if (Number.isFinite(problem.earliest)) arcs.push([i + 1, 0, -problem.earliest]);
  });
  const lengths = new Map(steps.map(({ id, length }) => [id, length]));
  for (const { before, after, least, most } of ways.flatMap((way) => way.lags)) {
    /* a dish looked at alone has no table to be brought to */
    if (!nodes.has(after)) continue;
    const [one, other, length] = [nodes.get(before)!, nodes.get(after)!, lengths.get(before)!];
    arcs.push([other, one, length + least]);
    if (Number.isFinite(most)) arcs.push([one, other, -length - most]);
  }
  for (const [before, after] of problem.order ?? []) {
    const [one, other] = [nodes.get(before), nodes.get(after)];
    if (one !== undefined && other !== undefined) arcs.push([other, one, lengths.get(before)!]);
  }
  if (!arcs.every(([from, to, weight]) => putArc(network, from, to, weight))) return null;
  const demands = Object.entries(problem.capacity).map(([resource, capacity]) => ({
    resource,
    capacity,
    blocks: steps.flatMap(({ id, uses }, i) =>
      uses
        .filter((use) => use.resource === resource && use.length > 0)
        .map(({ from, length, amount = 1 }) => ({
          node: i + 1,
          from,
          length,
          amount,
          settled: problem.begun?.has(id) ?? false,
          fixed: problem.fixed.has(id),
        })),
    ),
  }));
  /* what is taken until serving is taken by all of them at once */
  const keptTogether = demands.every(({ capacity, blocks }) => {
    const kept = blocks.filter(({ length }) => length === Infinity);
    return kept.length < 2 || kept.reduce((sum, { amount }) => sum + amount, 0) <= capacity;
  });
  if (!keptTogether) return null;
  const elsewhere = demands.filter(({ resource }) => !problem.fryers.includes(resource));
  const hands = elsewhere.find(({ resource }) => resource === HANDS);
  return {
    ids,
    network,
    inFryers: demands.filter(({ resource }) => problem.fryers.includes(resource)),
    elsewhere,
    hands: { capacity: hands?.capacity ?? 1, blocks: hands?.blocks.filter(({ settled }) => !settled) ?? [] },
    waiting: ways.flatMap((way) => way.waiting).map((one) => ({ ...one, node: nodes.get(one.step)! })),
    own: ways.reduce((sum, { loss }) => sum + loss, 0),
  };
}
