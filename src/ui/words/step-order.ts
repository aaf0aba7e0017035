import type { Plan } from '../../core/plan/plan';

/** What to do at a step, how much of what, and what to beware of. */
export interface StepOrder {
  readonly text: string;
  /** grams with spoons or cups beside, for this load; null where nothing is measured */
  readonly amount: string | null;
  readonly caution: string | null;
}

/** What a step needs to know of the load it is done to. */
export type LoadOf = Pick<Plan, 'food' | 'cut' | 'mass'>;
