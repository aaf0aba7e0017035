import { fryersOf } from './dish-ways';
import { dishOf } from './evening-run';
import type { DishWay, EveningAnswer, EveningProblem, EveningSchedule, Waiting } from './evening-problem';
import { type Block, type Demand, findClash } from './find-clash';
import { lossAfter } from './loss-curve';
import { placeGreedily } from './place-greedily';
import { createNetwork, putArc, takeArc, type TemporalNetwork } from './temporal-network';

/** Loss that nobody tastes, points of a dish: schedules this close are alike. Source: chosen, a thousandth of a dish. */
const ALIKE = 0.1;

/** What each minute of an earlier beginning costs, points. Source: chosen; an hour weighs as half a point of a dish. */
const EARLY_MINUTE = 0.5 / 60;

/** Partial schedules between two that are placed in full. Source: numerics. */
const PLACED_EACH = 16;

/** Partial schedules that are looked at before it is believed that there is none, whatever the clock says. Source: numerics. */
const BEFORE_NONE = 3000;

/** Most ways of all dishes together that are tried. Source: numerics; beyond, the best are tried and nothing is proved. */
const MOST_WAYS = 20_000;

/** The ways of all dishes, one each, as a network with what clashes in it. */
interface Combination {
  readonly ways: readonly DishWay[];
  /** no schedule of these loses less */
  readonly bound: number;
}

interface Prepared {
  readonly ids: readonly string[];
  readonly network: TemporalNetwork;
  readonly inFryers: readonly Demand[];
  readonly elsewhere: readonly Demand[];
  readonly waiting: readonly (Waiting & { readonly node: number })[];
  readonly own: number;
}

/** How far a search has come. */
interface Search {
  best: EveningSchedule | null;
  /** nothing that loses this or more is wanted */
  worth: number;
  /** the least that what was left unlooked at could lose */
  open: number;
  looked: number;
  readonly most: number;
  readonly isOver: () => boolean;
}

/**
 * Puts an evening in order: the ways of the dishes, their order in the fryers and the moment of each step, so that eaters lose least.
 * Branch and bound: steps begin as late as their lags allow; where some take together more than there is, each order of two of them
 * is tried. Losses never fall with the wait, so the latest beginnings of a partial order bound all schedules below it.
 * @param most partial schedules to look at @param isOver whether time is up, for who has a clock
 * Source: De Reyck and Herroelen (1998), for projects with least and most lags. Error: the best is within `ALIKE` where proved.
 */
export function arrangeEvening(
  problem: EveningProblem,
  most = 40_000,
  isOver: () => boolean = () => false,
): EveningAnswer {
  const { combinations, complete } = waysTogether(problem);
  const { best, open, looked } = search(problem, combinations, { most, isOver }, Infinity);
  return {
    best,
    bound: best ? Math.min(best.loss - ALIKE, open) : open,
    proved: complete && open === Infinity,
    orders: combinations.reduce((sum, { ways }) => sum + ordersOf(problem, ways), 0),
    looked,
  };
}

/**
 * The best schedule that differs from `best` in what goes into which fryer, or in which order: one dish in other fryers, or two
 * neighbours in a fryer the other way round. Whatever differs does one of these, so that nothing is left out.
 * @param most partial schedules to look at for each of them
 */
export function runnerUpOf(
  problem: EveningProblem,
  best: EveningSchedule,
  most = 500,
  isOver: () => boolean = () => false,
): EveningSchedule | null {
  const elsewhere = problem.dishes.map((dish): EveningProblem => {
    const fryers = fryersOf(best.ways.get(dish.id)!);
    const ways = dish.ways.filter((way) => fryersOf(way) !== fryers);
    return { ...problem, dishes: problem.dishes.map((one) => (one === dish ? { ...one, ways } : one)) };
  });
  const turned = problem.fryers.flatMap((fryer) => {
    const loads = fryerOrder(fryer, best.ways, best.begins);
    return loads.slice(1).flatMap((after, i): EveningProblem[] => {
      const before = loads[i]!;
      if (dishOf(before) === dishOf(after)) return [];
      return [{ ...problem, order: [...(problem.order ?? []), [after, before]] }];
    });
  });
  let found: EveningSchedule | null = null;
  for (const other of [...turned, ...elsewhere]) {
    if (other.dishes.some(({ ways }) => ways.length === 0)) continue;
    if (isOver()) break;
    const { combinations } = waysTogether(other);
    const { best: own } = search(other, combinations, { most, isOver }, found?.loss ?? Infinity);
    found = own ?? found;
  }
  return found;
}

function search(
  problem: EveningProblem,
  combinations: readonly Combination[],
  budget: { readonly most: number; readonly isOver: () => boolean },
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

/** What is lost at the least by the times as they are. */
function lossOf({ waiting, own }: Prepared, times: Float64Array): number {
  let loss = own;
  for (const { node, from, loss: curve } of waiting) loss += lossAfter(curve, times[node]! - from);
  let longest = 0;
  for (const time of times) if (time > longest) longest = time;
  return loss + (longest / 60) * EARLY_MINUTE;
}

/** Steps of these ways with their lags, what is fixed and the chosen order; null where that cannot hold. */
function prepare(problem: EveningProblem, ways: readonly DishWay[]): Prepared | null {
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
  return {
    ids,
    network,
    inFryers: demands.filter(({ resource }) => problem.fryers.includes(resource)),
    elsewhere: demands.filter(({ resource }) => !problem.fryers.includes(resource)),
    waiting: ways.flatMap((way) => way.waiting).map((one) => ({ ...one, node: nodes.get(one.step)! })),
    own: ways.reduce((sum, { loss }) => sum + loss, 0),
  };
}

/** One way of each dish, in every way, those that can lose least first. */
function waysTogether(problem: EveningProblem): { combinations: Combination[]; complete: boolean } {
  const alone = problem.dishes.map(({ ways }) =>
    ways
      .flatMap((way) => {
        const prepared = prepare(problem, [way]);
        return prepared ? [{ way, loss: lossOf(prepared, prepared.network.times) }] : [];
      })
      .sort((a, b) => a.loss - b.loss),
  );
  const all = alone.reduce((product, { length }) => product * length, 1);
  const each = all <= MOST_WAYS ? Infinity : Math.max(1, Math.floor(MOST_WAYS ** (1 / problem.dishes.length)));
  let together: { ways: DishWay[]; bound: number }[] = [{ ways: [], bound: 0 }];
  for (const dish of alone) {
    together = together.flatMap(({ ways, bound }) =>
      dish.slice(0, each).map(({ way, loss }) => ({ ways: [...ways, way], bound: bound + loss })),
    );
  }
  /* the minutes of an early beginning were counted for each dish and are had once */
  const combinations = together
    .map(({ ways }) => {
      const prepared = prepare(problem, ways);
      return { ways, bound: prepared ? lossOf(prepared, prepared.network.times) : Infinity };
    })
    .filter(({ bound }) => bound < Infinity)
    .sort((a, b) => a.bound - b.bound);
  return { combinations, complete: all <= MOST_WAYS };
}

/** The steps of one fryer in the order done. */
export function fryerOrder(
  fryer: string,
  ways: ReadonlyMap<string, DishWay>,
  begins: ReadonlyMap<string, number>,
): string[] {
  return [...ways.values()]
    .flatMap((way) => way.steps)
    .filter(({ uses }) => uses.some(({ resource }) => resource === fryer))
    .map(({ id }) => id)
    .sort((a, b) => begins.get(b)! - begins.get(a)!);
}

/** Orders in which the fryers could be filled by these ways: loads of one dish follow one another in theirs. */
function ordersOf(problem: EveningProblem, ways: readonly DishWay[]): number {
  return problem.fryers.reduce((product, fryer) => {
    const counts = ways.map(
      (way) => way.steps.filter(({ uses }) => uses.some(({ resource }) => resource === fryer)).length,
    );
    let total = 0;
    let orders = 1;
    for (const count of counts) {
      for (let i = 1; i <= count; i++) orders = (orders * (total + i)) / i;
      total += count;
    }
    return product * orders;
  }, 1);
}
