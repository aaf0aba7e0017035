import type { EveningProblem, EveningSchedule } from './evening-problem';
import { type Block, findClash } from './find-clash';
import { placeGreedily } from './place-greedily';
import { lossOf, prepare, type Prepared } from './prepared-ways';
import { putArc, takeArc } from './temporal-network';
import type { Combination } from './ways-together';

/** Loss that nobody tastes, points of a dish: schedules this close are alike. Source: chosen, a thousandth of a dish. */
export const ALIKE = 0.1;

/** Partial schedules between two that are placed in full. Source: numerics. */
const PLACED_EACH = 16;

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
export interface Search extends Budget {
  best: EveningSchedule | null;
  /** nothing that loses this or more is wanted */
  worth: number;
  /** the least that what was left unlooked at could lose */
  open: number;
  looked: number;
}

/**
 * The best schedule of these ways: steps begin as late as their lags allow; where some take together more than there is, each order of
 * two of them is tried. Losses never fall with the wait, so the latest beginnings of a partial order bound all schedules below it.
 * @param worth nothing that loses this or more is wanted
 * Source: De Reyck and Herroelen (1998), for projects with least and most lags.
 */
export function search(
  problem: EveningProblem,
  combinations: readonly Combination[],
  budget: Budget,
  worth: number,
): Search {
  const state: Search = { best: null, worth, open: Infinity, looked: 0, ...budget };
  for (const combination of combinations) {
    if (combination.bound >= state.worth) break;
    if (isEnough(state)) {
      state.open = Math.min(state.open, combination.bound);
      break;
    }
    const prepared = prepare(problem, combination.ways);
    if (prepared) descend(problem, combination, prepared, state);
  }
  return state;
}

/** A schedule is looked for until one is found; then the clock counts. */
function isEnough({ best, looked, most, isOver }: Search): boolean {
  return looked >= most || ((best !== null || looked >= BEFORE_NONE) && isOver());
}

/** Tries each order of two steps that clash, the one that loses less first; fryers before hands, whose order decides little. */
function descend(problem: EveningProblem, combination: Combination, prepared: Prepared, state: Search): void {
  const { network, inFryers, elsewhere } = prepared;
  const here = lossOf(prepared, network.times);
  if (here >= state.worth) return;
  if (isEnough(state)) {
    state.open = Math.min(state.open, here);
    return;
  }
  state.looked++;
  const inFryer = findClash(inFryers, network.times);
  const clash = inFryer ?? findClash(elsewhere, network.times);
  /* placing takes longer than looking: once there is a schedule, now and then is enough */
  const isWorthPlacing = state.best === null || state.looked % PLACED_EACH === 1;
  const placed = !clash
    ? network.times.slice()
    : isWorthPlacing
      ? placeGreedily(network, [...inFryers, ...elsewhere])
      : null;
  if (placed) {
    const loss = lossOf(prepared, placed);
    if (loss < state.worth) {
      state.best = {
        ways: new Map(combination.ways.map((way, i) => [problem.dishes[i]!.id, way])),
        begins: new Map(prepared.ids.map((id, i) => [id, placed[i + 1]!])),
        loss,
      };
      state.worth = loss - ALIKE;
    }
    /* nothing below is better by what anyone tastes */
    if (here >= state.worth) return;
  }
  if (!clash) return;
  const before = network.times.slice();
  const tries = ordersOfTwo(clash).map(([first, then]) => {
    const weight = first.from + first.length - then.from;
    const holds = putArc(network, then.node, first.node, weight);
    const loss = holds ? lossOf(prepared, network.times) : Infinity;
    /* of two that lose alike, the one that moves less leaves more room */
    const moved = holds ? network.times.reduce((sum, time) => sum + time, 0) : Infinity;
    takeArc(network, then.node, before);
    return { first, then, weight, loss, moved };
  });
  for (const { first, then, weight, loss } of tries.sort((a, b) => a.loss - b.loss || a.moved - b.moved)) {
    if (loss >= state.worth) break;
    putArc(network, then.node, first.node, weight);
    descend(problem, combination, prepared, state);
    takeArc(network, then.node, before);
  }
}

function ordersOfTwo(clash: readonly Block[]): [Block, Block][] {
  return clash.flatMap((first) =>
    clash
      .filter((then) => then.node !== first.node && Number.isFinite(first.length))
      .map((then): [Block, Block] => [first, then]),
  );
}
