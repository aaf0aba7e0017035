import type { CookLooks } from '../../core/batch/record-statistics';
import type { EveningTold } from '../../core/evening/evening-run';
import type { StepKind, Use } from '../../core/evening/evening-problem';
import type { Work } from '../../core/evening/share-out-hands';
import type { WarmUp } from '../../core/evening/warm-ups';
import type { WayOut } from '../../core/evening/ways-out';
import type { ChosenOpening } from '../../editing/openings-for';
import type { Paces } from '../../editing/evening-problem';
import type { EveningFile } from '../../schemas/evening-file';
import type { PlanFile } from '../../schemas/plan-file';

/** An evening to put in order. */
export interface EveningQuestion {
  readonly evening: EveningFile;
  /** each plan's dish in each fryer of the evening, in their order, by the dish; with what the kitchen knows of them */
  readonly plans: Readonly<Record<string, readonly PlanFile[]>>;
  /** how long cooks take at the board over what is reckoned, by their names */
  readonly paces: Paces;
  readonly told: readonly EveningTold[];
  /** ms since 1970 */
  readonly now: number;
}

/** One step where it was put. */
export interface PlacedStep {
  readonly id: string;
  readonly dish: string;
  readonly kind: StepKind;
  /** s before serving */
  readonly begin: number;
  /** s */
  readonly length: number;
  readonly uses: readonly Use[];
}

/** A dish as it comes to the table. */
export interface DishAtTable {
  readonly dish: string;
  /** how it is made, as `fryersOf` and `keepOf` read it */
  readonly way: string;
  /** bite over that at the drawer, and K of the hearts; null for a dish of the cook's own */
  readonly kept: number | null;
  readonly heart: number | null;
  /** s since the last of it was done */
  readonly since: number;
  /** which evening fryer its picture comes from */
  readonly fryer: number | null;
}

/** One schedule as a screen shows it. */
export interface ShownSchedule {
  readonly loss: number;
  /** ms since 1970 */
  readonly serveAt: number;
  /** in the order done */
  readonly steps: readonly PlacedStep[];
  /** null where the steps that have their own cook leave nobody free for another */
  readonly work: readonly Work[] | null;
  readonly table: readonly DishAtTable[];
  /** what is to be switched on */
  readonly warmUps: readonly WarmUp[];
  /** loads of each fryer in the order done */
  readonly orders: readonly { readonly fryer: string; readonly steps: readonly string[] }[];
}

/** What a dish looks like in one fryer. */
export interface DishPicture {
  readonly looks: CookLooks;
  readonly browning: readonly (readonly number[])[];
  /** when its drawer is opened, as the order reckons with it */
  readonly openings: readonly ChosenOpening[];
}

/** An evening put in order. */
export interface EveningView {
  readonly best: ShownSchedule | null;
  readonly runnerUp: ShownSchedule | null;
  readonly proved: boolean;
  /** loss that no schedule is below */
  readonly bound: number;
  /** in how many ways and orders the fryers could be filled */
  readonly orders: number;
  /** where nothing keeps everything */
  readonly waysOut: readonly WayOut[];
  /** when it can be served by now, once it is under way and late: soonest first */
  readonly lines: readonly { readonly by: number; readonly shown: ShownSchedule }[];
  /** steps after which the pieces have lain too long, and by how much, s */
  readonly overdue: readonly (readonly [string, number])[];
  /** by the dish, one for each fryer */
  readonly pictures: Readonly<Record<string, readonly DishPicture[]>>;
}

/** Puts evenings in order. */
export interface EveningService {
  /**
   * @param report how many dishes are forecast, and how many there are
   * @returns null where a newer question was asked meanwhile
   */
  arrange(question: EveningQuestion, report: (done: number, of: number) => void): Promise<EveningView | null>;
}
