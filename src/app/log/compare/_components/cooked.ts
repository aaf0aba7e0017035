import type { Batch } from '@/schemas/batch';
import type { PlanFile } from '@/schemas/plan-file';

/** A batch as it was really cooked, and when it was pulled. */
export interface Cooked {
  readonly batch: Batch;
  readonly document: PlanFile;
  /** s, or null */
  readonly pulledAt: number | null;
}
