import type { FirstSight } from '@/core/forecast/first-sight';
import type { PlanFile } from '@/schemas/plan-file';

/** A plan whose first sight is asked for. */
export interface Asked {
  readonly id: number;
  readonly document: PlanFile;
}

/** Number of the message by which a thread says that it has started. */
export const READY = 0;

/** What became of it; null where it could not be worked out. */
export interface Seen {
  readonly id: number;
  readonly sight: FirstSight | null;
}
