import type { KnownPlaces } from '../core/learn/knowledge';
import type { Belief, FryerQuantity } from '../core/learn/beliefs';

/** One batch behind what is known of a fryer. */
export interface CardBatch {
  readonly id: string;
  readonly name: string;
  /** ms since 1970 */
  readonly begunAt: number;
  readonly leftOut: boolean;
  /** a test of the fryer, no batch */
  readonly isTest: boolean;
  /** from before the fryer was begun afresh */
  readonly before: boolean;
  /** what it says of the thermostat by itself, K */
  readonly says: Belief;
  /** what was believed after it; null where it does not count */
  readonly after: Belief | null;
  /** it says something else than all the others */
  readonly contradicts: boolean;
  readonly colours: readonly number[];
}

/** What a kitchen knows of one fryer, and from what. */
export interface FryerCard {
  readonly fryerId: string;
  readonly inUse: boolean;
  /** ms since 1970, where it was begun afresh */
  readonly from: number | null;
  readonly now: Record<FryerQuantity, Belief>;
  readonly before: Record<FryerQuantity, Belief>;
  /** strong and weak places of its drawers, where they were looked for */
  readonly places: readonly KnownPlaces[];
  /** oldest first, the newest that there is room for */
  readonly batches: readonly CardBatch[];
  /** how many batches count, and how many tests */
  readonly counting: number;
  readonly testsCounting: number;
}
