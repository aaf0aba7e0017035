import type { CookAction } from '../plan/plan';
import type { PrepTask } from '../prep/prep-tasks';
import type { LossCurve } from './loss-curve';

/** What steps take while they last: hands, board, sink, rings, oven, and each fryer by its own name. */
export type Resource = string;

/** The cooks' hands. */
export const HANDS = 'hands';

/** A stretch of a step for which it takes something. */
export interface Use {
  readonly resource: Resource;
  /** s from the beginning of the step */
  readonly from: number;
  /** s; Infinity is until the food is served */
  readonly length: number;
  /** of what is there; one unless given */
  readonly amount?: number;
  /** what hands do at the drawer meanwhile */
  readonly deed?: DrawerDeed;
}

/** What hands do at the drawer in an evening. */
export type DrawerDeed = CookAction | 'fill' | 'empty';

/** What is done in a step: on the board, before the fryer, a load of it, put back for the last minutes, brought to the table, or in the cook's own words. */
export type StepKind = 'board' | PrepTask['kind'] | 'load' | 'back' | 'serve' | 'own';

/** One step on the way of a dish to the table. */
export interface EveningStep {
  /** the same in every way of its dish */
  readonly id: string;
  readonly kind: StepKind;
  /** s of hands and waiting together */
  readonly length: number;
  readonly uses: readonly Use[];
  /** s; it must not end longer before serving. However long unless given */
  readonly endsWithin?: number;
}

/** How long after the end of one step another may begin, s. */
export interface Lag {
  readonly before: string;
  readonly after: string;
  readonly least: number;
  /** Infinity where it can wait as long as it likes */
  readonly most: number;
}

/** Food that waits for the table from some moment of a step on. */
export interface Waiting {
  readonly step: string;
  /** s from the beginning of the step */
  readonly from: number;
  /** what the eater loses by the wait */
  readonly loss: LossCurve;
}

/** One way to make a dish: in which fryer, kept where, put back or not. */
export interface DishWay {
  readonly id: string;
  readonly steps: readonly EveningStep[];
  readonly lags: readonly Lag[];
  readonly waiting: readonly Waiting[];
  /** what the eater loses by this way however short the wait */
  readonly loss: number;
}

/** A dish and the ways in which it can be made. */
export interface EveningDish {
  readonly id: string;
  readonly ways: readonly DishWay[];
}

/** What is to be put in order. Times are s before serving. */
export interface EveningProblem {
  readonly dishes: readonly EveningDish[];
  /** how much there is of each resource; what is not named is never short */
  readonly capacity: Readonly<Record<Resource, number>>;
  /** those of them in which food is cooked one load after the other */
  readonly fryers: readonly Resource[];
  /** s before serving; nothing begins earlier. Infinity when nothing hurries */
  readonly earliest: number;
  /** s before serving at which steps begin that are begun or pinned */
  readonly fixed: ReadonlyMap<string, number>;
  /** those of them that are begun: they stay, whatever they clash with; none unless given */
  readonly begun?: ReadonlySet<string>;
  /** pairs of steps that follow one another in a fryer, where the cook has chosen an order */
  readonly order?: readonly (readonly [string, string])[];
}

/** An evening put in order. */
export interface EveningSchedule {
  /** the way of each dish, by the dish */
  readonly ways: ReadonlyMap<string, DishWay>;
  /** s before serving at which each step begins */
  readonly begins: ReadonlyMap<string, number>;
  /** what the eaters lose altogether */
  readonly loss: number;
}

/** What putting an evening in order has found. */
export interface EveningAnswer {
  /** null where no way keeps everything */
  readonly best: EveningSchedule | null;
  /** no schedule loses less than this */
  readonly bound: number;
  readonly proved: boolean;
  /** in how many ways and orders the fryers could be filled */
  readonly orders: number;
  /** partial schedules that were looked at */
  readonly looked: number;
}
