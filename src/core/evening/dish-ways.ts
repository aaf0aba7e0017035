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
import { LONGEST_OUT, longestAfter } from './step-lags';
import { type Keeping, type TableManner, ownLoss, unevenLoss, waitingLoss } from './waiting-loss';

/** The board, a ring of the hob, and the oven by its shelves. */
export const BOARD = 'board';
export const RING = 'ring';
export const OVEN = 'oven';

/** Hands for filling a drawer, and for emptying it, s. Source: assumed. */
const FILLING = 60;
const EMPTYING = 30;

/** Hands for bringing a dish to the table, and the least that bringing all takes, s. Source: assumed. */
const SERVING = 20;
const LEAST_SERVING = 60;

/** The one step with which every evening ends, and the dish that it stands for. */
export const TABLE = 'evening';
export const SERVE = `${TABLE}:serve`;

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

/** Signs in the id of a way: between its fryers, and before how its food is kept. */
const TOGETHER = '+';
const KEPT = ' ';

/** The fryers of a way, as one word. */
export function fryersOf({ id }: Pick<DishWay, 'id'>): string {
  return id.split(KEPT)[0]!;
}

/** How the food of a fried way waits for the table; null for a dish of the cook's own. */
export function keepOf({ id }: Pick<DishWay, 'id'>): 'rack' | 'oven' | 'back' | null {
  return (id.split(KEPT)[1] as 'rack' | 'oven' | 'back' | undefined) ?? null;
}

/** One step of a dish of the cook's own. */
export interface OwnStep {
  /** s of hands, and s that follow without them */
  readonly hands: number;
  readonly waits: number;
  /** what it takes while it lasts; null where it only stands */
  readonly place: Resource | null;
  /** s it may lie before the next */
  readonly most: number;
}

/** All hands bring everything to the table, last of all. */
export function serveWay(dishes: number, cooks: number): DishWay {
  const length = Math.max(LEAST_SERVING, (SERVING * dishes) / cooks);
  return {
    id: 'table',
    steps: [
      {
        id: SERVE,
        kind: 'serve',
        length,
        uses: [{ resource: HANDS, from: 0, length, amount: cooks }],
        endsWithin: 0,
      },
    ],
    lags: [],
    waiting: [],
    loss: 0,
  };
}

/** The one way of a dish of the cook's own: its steps one after the other, then to the table. */
export function ownWay(id: string, own: readonly OwnStep[], manner: TableManner, ovenShelves: number): DishWay {
  const steps: EveningStep[] = own.map(({ hands, waits, place }, i) => ({
    id: `${id}:own-${i + 1}`,
    kind: 'own',
    length: hands + waits,
    uses: [
      { resource: HANDS, from: 0, length: hands },
      ...(place
        ? /* what bakes needs the oven at its own heat */
          [{ resource: place, from: 0, length: hands + waits, amount: place === OVEN ? ovenShelves : 1 }]
        : []),
    ],
  }));
  const last = steps.at(-1);
  return {
    id: 'own',
    steps,
    lags: steps.map((step, i) => ({
      before: step.id,
      after: steps[i + 1]?.id ?? SERVE,
      least: 0,
      most: own[i]!.most,
    })),
    waiting: last ? [{ step: last.id, from: last.length, loss: ownLoss(manner) }] : [],
    loss: 0,
  };
}
