import type { Advice } from '../../core/coach/advice';
import type { Observation } from '../../core/coach/observation';
import type { PullInterval } from '../../core/forecast/pull-interval';
import type { Unknowns } from '../../core/forecast/unknowns';
import type { PlanFile } from '../../schemas/plan-file';

/** What the run looks like after all that was told. */
export interface Correction {
  readonly interval: PullInterval;
  /** likeliest fryer and food */
  readonly unknowns: Unknowns;
  /** observations taken in */
  readonly taken: number;
  /** what to do otherwise; null until something was told, and while it is worked out */
  readonly advice: Advice | null;
}

/** Keeps the guesses of one run and corrects them. */
export interface CoachService {
  /**
   * Takes in what is new and reports: at once by weight, then after drawing anew, then with advice. An observation that was
   * taken back starts over. A newer call ends the work on an older one.
   * @param then the plan as it was at each observation, so that a device that takes them all in at once learns the same as one
   * that was there
   */
  correct(
    document: PlanFile,
    observations: readonly Observation[],
    then: readonly PlanFile[],
    now: number,
    plannedPull: number | null,
    report: (correction: Correction) => void,
  ): Promise<void>;
}
