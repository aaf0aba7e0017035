import type { Explained } from '../../editing/explain-difference';
import type { PullInterval } from '../../core/forecast/pull-interval';
import type { Cause } from '../../core/trouble/cause';
import type { Complaint, Diagnosis } from '../../core/trouble/diagnose';
import type { HoldForecast, HoldPlace } from '../../core/forecast/hold';
import type { CookLooks } from '../../core/batch/record-statistics';
import type { PlanOutcome } from '../../core/forecast/plan-outcome';
import type { Sensitivity } from '../../core/forecast/sensitivity';
import type { LoadShare } from '../../core/plan/load-share';
import type { PartOfWays } from '../../core/search/look-over';
import type { JoinMoment } from '../../core/search/when-to-add';
import type { Score } from '../../core/search/score-way';
import type { ChosenOpening } from '../../editing/openings-for';
import type { PlanFile } from '../../schemas/plan-file';

/** One way to cook what lies on the board, as a plan that can be put on the bench. */
export interface FoundPlan {
  readonly document: PlanFile;
  readonly batches: number;
  readonly score: Score;
  /** the plan as it was when the search began */
  readonly asItStands: boolean;
}

/** What the search has so far: the trade-off front, how many were tried, whether it is through. */
export interface SearchAnswer {
  readonly front: readonly FoundPlan[];
  readonly tried: number;
  readonly finished: boolean;
}

/** One load of several. */
export interface LoadOutcome extends LoadShare {
  /** s from the first loading of all to this one's loading and pull */
  readonly from: number;
  readonly to: number;
  /** how its drawer looks when it is pulled */
  readonly looks: CookLooks;
  /** share of its pieces right when pulled */
  readonly right: number;
  /** share of its bite left once the last load is out, and after a refresh then */
  readonly kept: number;
  readonly refreshed: number;
  /** K of its hearts at the same moments */
  readonly heart: number;
  readonly heartRefreshed: number;
}

/** The loads of a plan, one after the other or side by side. */
export interface LoadsOutcome {
  /** in order */
  readonly each: readonly LoadOutcome[];
  /** s from the first loading to the last pull; null where a load is not done in its stages */
  readonly time: number | null;
  /** share of all pieces right when their load is pulled */
  readonly evenness: number;
  /** J */
  readonly energy: number;
}

/** A plan changed against a cause, and what it would have given had that been there. */
export interface TriedMend {
  readonly cause: Cause;
  readonly document: PlanFile;
  /** s, when to pull */
  readonly pullTime: number | null;
  /** share of the pieces right then */
  readonly right: number;
}

/** A diagnosis with the mends of its likeliest causes. */
export interface TriedDiagnosis {
  readonly diagnosis: Diagnosis;
  readonly mends: readonly TriedMend[];
}

/** Slower questions, asked beside the forecast. Each has a ticket by which it can be called off; then it answers null. */
export interface StudyService {
  /** reports the outcome of each plan as it is known, with the openings that suit it where they are left to Drubek */
  outcomes(
    ticket: number,
    documents: readonly PlanFile[],
    report: (index: number, outcome: PlanOutcome | null) => void,
  ): Promise<void>;
  sensitivity(ticket: number, document: PlanFile): Promise<Sensitivity[] | null>;
  /** how the bite lasts at each place after pulling at `pulledAt` s */
  hold(ticket: number, document: PlanFile, pulledAt: number): Promise<Record<HoldPlace, HoldForecast> | null>;
  /** the plan in its loads, each in the fryer as the one before leaves it, and what they keep until the last is out */
  loads(ticket: number, document: PlanFile): Promise<LoadsOutcome | null>;
  /** when the food of one opening goes in best; `index` of the opening in the plan */
  whenToAdd(ticket: number, document: PlanFile, index: number): Promise<JoinMoment | null>;
  /** the openings that suit a plan, minutes and what to do */
  openings(ticket: number, document: PlanFile): Promise<ChosenOpening[] | null>;
  /** what may have spoilt a batch, each cause tried on its plan; the mends of the likeliest with what they would have given */
  diagnose(ticket: number, document: PlanFile, complaint: Complaint): Promise<TriedDiagnosis | null>;
  /** how surely each plan's moment to pull is known */
  intervals(ticket: number, documents: readonly PlanFile[]): Promise<PullInterval[] | null>;
  /** what makes two plans differ in their moment to pull */
  explain(ticket: number, one: PlanFile, other: PlanFile): Promise<Explained | null>;
  search(ticket: number, document: PlanFile, part: PartOfWays, report: (answer: SearchAnswer) => void): Promise<void>;
  callOff(ticket: number): void;
}
