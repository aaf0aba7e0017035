import type { CookAction } from '../plan/plan';
import { isWaiting, type PrepTask } from '../prep/prep-tasks';
import {
  type DishWay,
  type EveningStep,
  HANDS,
  type Lag,
  type Resource,
  type Use,
  type Waiting,
} from './evening-problem';
import { BOARD, OVEN, RING, SINK } from './places';
import { LONGEST_OUT, longestAfter } from './step-lags';
import { LEAST_SERVING, SERVE } from './table-way';
import { type Keeping, unevenLoss, waitingLoss } from './waiting-loss';
import { KEPT, TOGETHER } from './way-id';

/** Hands for filling a drawer, and for emptying it, s. Source: assumed. */
export const FILLING = 60;
export const EMPTYING = 30;

/** Hands for setting up what then waits, s. Source: assumed, as in `handsOnDuration`. */
const SET_UP = 60;

/** All back into the drawer for the last minutes, s, and hands to toss them in. Source: chosen; cooks say three to five minutes. */
export const BACK = 240;

/** What a warm oven costs against a rack, points: energy for an evening. Source: chosen; only breaks ties. */
const OVEN_COSTS = 0.3;

/** One load in one fryer. */
export interface LoadForecast {
  /** share of the dish */
  readonly share: number;
  /** s from loading to the pull */
  readonly pull: number;
  /** s from loading, and the hands for it */
  readonly openings: readonly { readonly time: number; readonly hands: number; readonly action: CookAction }[];
}

/** A dish in one fryer, as the engine forecasts it. */
export interface FriedDish {
  readonly fryer: Resource;
  readonly loads: readonly LoadForecast[];
  /** share of all pieces right when pulled */
  readonly right: number;
  readonly rack: Keeping;
  readonly oven: Keeping;
  /** bite over that at the drawer after a wait and `BACK` s in the drawer */
  readonly refreshed: number;
  /** K of the hearts then */
  readonly heartRefreshed: number;
}

/** What of a fried dish is the same in every fryer. */
export interface DishWork {
  readonly id: string;
  /** s of hands on the board */
  readonly board: number;
  readonly tasks: readonly PrepTask[];
  /** s from the pull to the table */
  readonly toTable: number;
}

/** Where a task stands while it lasts. */
function placeOf(task: PrepTask, fryer: Resource): Resource | null {
  if (task.kind === 'cook') return fryer;
  if (task.kind === 'cut' || task.kind === 'press-flat') return BOARD;
  if (task.kind === 'rinse') return SINK;
  if (task.kind === 'parcook') return task.method === 'microwave' ? null : RING;
  return null;
}

function taskStep(dish: string, task: PrepTask, index: number, fryer: Resource): EveningStep {
  const hands = isWaiting(task) ? Math.min(SET_UP, task.duration) : task.duration;
  const place = placeOf(task, fryer);
  return {
    id: `${dish}:${task.kind}-${index + 1}`,
    kind: task.kind,
    length: task.duration,
    uses: [
      { resource: HANDS, from: 0, length: hands },
      ...(place ? [{ resource: place, from: 0, length: task.duration }] : []),
    ],
  };
}

/** What comes before the fryer, one step after the other, each within its time of the one before. */
function beforeFryer({ id, board, tasks }: DishWork, fryer: Resource): { steps: EveningStep[]; lags: Lag[] } {
  const cut: EveningStep[] =
    board > 0
      ? [
          {
            id: `${id}:board`,
            kind: 'board',
            length: board,
            uses: [
              { resource: HANDS, from: 0, length: board },
              { resource: BOARD, from: 0, length: board },
            ],
          },
        ]
      : [];
  /* the fryer is made hot before its first load of the evening, whichever that is */
  const steps = [
    ...cut,
    ...tasks.filter(({ kind }) => kind !== 'preheat').map((task, i) => taskStep(id, task, i, fryer)),
  ];
  const lags = steps.slice(1).map((step, i) => ({
    before: steps[i]!.id,
    after: step.id,
    least: 0,
    most: longestAfter(steps[i]!.kind as PrepTask['kind'] | 'board'),
  }));
  return { steps, lags };
}

function loadStep(id: string, { pull, openings }: LoadForecast, number: number, fryer: Resource, kept: boolean) {
  const out = FILLING + pull;
  const hands: Use[] = [
    { resource: HANDS, from: 0, length: FILLING, deed: 'fill' },
    ...openings
      .filter(({ time }) => time < pull)
      .map(({ time, hands: length, action: deed }) => ({ resource: HANDS, from: FILLING + time, length, deed })),
    { resource: HANDS, from: out, length: EMPTYING, deed: 'empty' },
  ];
  return {
    id: `${id}:load-${number}`,
    kind: 'load' as const,
    length: out + EMPTYING,
    uses: [
      ...hands,
      { resource: fryer, from: 0, length: out + EMPTYING },
      ...(kept ? [{ resource: OVEN, from: out, length: Infinity }] : []),
    ],
  };
}

/**
 * The ways of a fried dish: in each fryer, loads turn about in two of them where there are several, and then on a rack, in the warm
 * oven, or all back for the last minutes.
 * @param hasOven whether the oven is there to keep food warm
 */
export function friedWays(work: DishWork, fried: readonly FriedDish[], hasOven: boolean): DishWay[] {
  const inOne = fried.map((one) => [one]);
  const inTwo = fried.flatMap((one, i) =>
    one.loads.length > 1 ? fried.slice(i + 1).map((other) => [one, other]) : [],
  );
  return [...inOne, ...inTwo].flatMap((fryers) => [
    friedWay(work, fryers, 'rack'),
    ...(hasOven ? [friedWay(work, fryers, 'oven')] : []),
    ...(fryers.length === 1 ? [friedWay(work, fryers, 'back')] : []),
  ]);
}

function friedWay(work: DishWork, fryers: readonly FriedDish[], keep: 'rack' | 'oven' | 'back'): DishWay {
  const { id, toTable } = work;
  const [first] = fryers;
  const { steps, lags } = beforeFryer(work, first!.fryer);
  const inFryer = (n: number) => fryers[n % fryers.length]!;
  const loads = first!.loads.map((_, i) =>
    loadStep(id, inFryer(i).loads[i]!, i + 1, inFryer(i).fryer, keep === 'oven'),
  );
  const last = steps.at(-1);
  const waitFor = last ? longestAfter(last.kind as PrepTask['kind'] | 'board') : 0;
  const back: EveningStep = {
    id: `${id}:back`,
    kind: 'back',
    length: BACK + EMPTYING,
    uses: [
      { resource: first!.fryer, from: 0, length: BACK + EMPTYING },
      { resource: HANDS, from: 0, length: EMPTYING, deed: 'fill' },
      { resource: HANDS, from: BACK, length: EMPTYING, deed: 'empty' },
    ],
  };
  const ends = keep === 'back' ? [back] : loads;
  const share = (i: number) => inFryer(i).loads[i]!.share;
  const waiting: Waiting[] =
    keep === 'back'
      ? [{ step: back.id, from: BACK, loss: waitingLoss(first!.rack, 1, first!.refreshed) }]
      : loads.map((load, i) => ({
          step: load.id,
          from: load.length - EMPTYING,
          loss: waitingLoss(inFryer(i)[keep], share(i)),
        }));
  return {
    id: `${fryers.map(({ fryer }) => fryer).join(TOGETHER)}${KEPT}${keep}`,
    steps: [...steps, ...loads, ...(keep === 'back' ? [back] : [])],
    lags: [
      ...lags,
      /* the first load follows the last step; further ones wait for the drawer as long as that takes */
      ...(last ? [{ before: last.id, after: loads[0]!.id, least: 0, most: waitFor }] : []),
      ...loads.slice(1).map((load, i) => ({
        before: loads[i]!.id,
        after: load.id,
        least: fryers.length > 1 ? -loads[i]!.length : 0,
        most: LONGEST_OUT,
      })),
      ...(keep === 'back'
        ? loads.map((load) => ({ before: load.id, after: back.id, least: 0, most: LONGEST_OUT }))
        : []),
      ...ends.map((end) => ({
        before: end.id,
        after: SERVE,
        least: Math.max(0, toTable - LEAST_SERVING),
        most: LONGEST_OUT,
      })),
    ],
    waiting,
    loss:
      fryers.reduce((sum, { right }) => sum + unevenLoss(right) / fryers.length, 0) +
      (keep === 'oven' ? OVEN_COSTS : 0),
  };
}
