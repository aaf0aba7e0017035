import TinyQueue from 'tinyqueue';
import type { EveningProblem, EveningSchedule } from './evening-problem';
import { type Block, findClash } from './find-clash';
import { placeGreedily } from './place-greedily';
import { lossOf, prepare, type Prepared } from './prepared-ways';
import { putArc, takeArc } from './temporal-network';
import type { Combination } from './ways-together';

/** Loss that nobody tastes, points of a dish: schedules this close are alike. Source: chosen, a thousandth of a dish. */
export const ALIKE = 0.1;

/**
 * Partial schedules between two that are placed in full, and after how many once there is a schedule: placing takes longer than looking
 * and rarely finds more later on. Source: numerics.
 */
const PLACED_EACH = 16;
const PLACED_SELDOM = 256;
const SELDOM_AFTER = 512;

/** Partial schedules that are looked at before it is believed that there is none, whatever the clock says. Source: numerics. */
const BEFORE_NONE = 3000;

/** How far a search may go. */
export interface Budget {
  /** partial schedules to look at */
  readonly most: number;
  /** whether time is up, for who has a clock */
  readonly isOver: () => boolean;
}

/** How far a search has come. */
export interface Search {
  readonly best: EveningSchedule | null;
  /** the least that what was left unlooked at could lose; Infinity where nothing was left */
  readonly open: number;
  readonly looked: number;
}

/** One way of each dish, set up when it is first looked at: null where it cannot hold. */
interface Setting {
  readonly combination: Combination;
  prepared?: Prepared | null;
}

/** One step before another, as an arc of the network. */
interface Order {
  readonly from: number;
  readonly to: number;
  readonly weight: number;
}

/** A setting with the orders of some steps decided. */
interface Partial {
  readonly setting: Setting;
  /** what was decided last, and after what */
  readonly decided: { readonly order: Order; readonly after: Partial } | null;
  /** orders decided */
  readonly depth: number;
  /** no schedule below loses less */
  readonly loss: number;
  /** s before serving of each node; null until its setting is set up */
  readonly times: Float64Array | null;
}

/** What may lose least comes first; of what is alike, what has more decided is nearer to a schedule. */
function byPromise(a: Partial, b: Partial): number {
  return Math.floor(a.loss / ALIKE) - Math.floor(b.loss / ALIKE) || b.depth - a.depth || a.loss - b.loss;
}

/**
 * The best schedule of these ways: steps begin as late as their lags allow; where some take together more than there is, each order of
 * two of them is tried. Losses never fall with the wait, so the latest beginnings of a partial order bound all schedules below it;
 * what may lose least is looked at next, whichever ways of the dishes it has.
 * @param worth nothing that loses this or more is wanted
 * Source: De Reyck and Herroelen (1998), for projects with least and most lags; here best first.
 */
export function search(
  problem: EveningProblem,
  combinations: readonly Combination[],
  { most, isOver }: Budget,
  worth: number,
): Search {
  const queue = new TinyQueue<Partial>(
    combinations.map((combination) => ({
      setting: { combination },
      decided: null,
      depth: 0,
      loss: combination.bound,
      times: null,
    })),
    byPromise,
  );
  let best: EveningSchedule | null = null;
  let looked = 0;
  for (let next = queue.pop(); next; next = queue.pop()) {
    if (next.loss >= worth) continue;
    /* a schedule is looked for until one is found; then the clock counts */
    if (looked >= most || ((best !== null || looked >= BEFORE_NONE) && isOver())) {
      return { best, open: queue.data.reduce((least, { loss }) => Math.min(least, loss), next.loss), looked };
    }
    const { setting } = next;
    if (setting.prepared === undefined) setting.prepared = prepare(problem, setting.combination.ways);
    const { prepared } = setting;
    if (!prepared) continue;
    const partial = { ...next, times: next.times ?? prepared.network.times.slice() };
    looked++;
    const orders = ordersOf(partial);
    for (const { from, to, weight } of orders) prepared.network.arcs[from]!.push({ to, weight });
    prepared.network.times.set(partial.times);
    const clash = findClash(prepared.inFryers, partial.times) ?? findClash(prepared.elsewhere, partial.times);
    const isWorthPlacing = best === null || looked % (looked < SELDOM_AFTER ? PLACED_EACH : PLACED_SELDOM) === 1;
    const placed = !clash
      ? partial.times
      : isWorthPlacing
        ? placeGreedily(prepared.network, [...prepared.inFryers, ...prepared.elsewhere])
        : null;
    const loss = placed ? lossOf(prepared, placed) : Infinity;
    if (placed && loss < worth) {
      best = scheduleOf(problem, setting.combination, prepared, placed, loss);
      /* nothing below is better by what anyone tastes */
      worth = loss - ALIKE;
    }
    if (clash) for (const below of decide(partial, prepared, clash)) if (below.loss < worth) queue.push(below);
    for (const { from } of orders) prepared.network.arcs[from]!.pop();
  }
  return { best, open: Infinity, looked };
}

/** Each order of two steps that clash; fryers come before hands, whose order decides little. */
function decide(
  partial: Partial & { readonly times: Float64Array },
  prepared: Prepared,
  clash: readonly Block[],
): Partial[] {
  const { network } = prepared;
  return ordersOfTwo(clash).flatMap(([first, then]) => {
    const order = { from: then.node, to: first.node, weight: first.from + first.length - then.from };
    const holds = putArc(network, order.from, order.to, order.weight);
    const below = holds
      ? [
          {
            setting: partial.setting,
            decided: { order, after: partial },
            depth: partial.depth + 1,
            loss: lossOf(prepared, network.times),
            times: network.times.slice(),
          },
        ]
      : [];
    takeArc(network, order.from, partial.times);
    return below;
  });
}

function ordersOf(partial: Partial): Order[] {
  const orders: Order[] = [];
  for (let at = partial.decided; at; at = at.after.decided) orders.push(at.order);
  return orders;
}

function ordersOfTwo(clash: readonly Block[]): [Block, Block][] {
  return clash.flatMap((first) =>
    clash
      .filter((then) => then.node !== first.node && Number.isFinite(first.length))
      .map((then): [Block, Block] => [first, then]),
  );
}

function scheduleOf(
  problem: EveningProblem,
  { ways }: Combination,
  { ids }: Prepared,
  times: Float64Array,
  loss: number,
): EveningSchedule {
  return {
    ways: new Map(ways.map((way, i) => [problem.dishes[i]!.id, way])),
    begins: new Map(ids.map((id, i) => [id, times[i + 1]!])),
    loss,
  };
}
