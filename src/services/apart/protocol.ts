import type { FirstSight } from '@/core/forecast/first-sight';
import type { Learning } from '@/core/learn/kitchen-model';
import type { ToldBatch } from '@/core/learn/told-batch';
import type { PlanFile } from '@/schemas/plan-file';

/** Number of the message by which a thread says that it has started. */
export const READY = 0;

/** What a thread of the server works out, by the kind of question: what it is told, and its answer. */
export interface Jobs {
  readonly sight: { readonly of: PlanFile; readonly answer: FirstSight };
  readonly learn: { readonly of: readonly ToldBatch[]; readonly answer: Learning };
}

/** A question. */
export type Asked = {
  [Kind in keyof Jobs]: { readonly id: number; readonly kind: Kind; readonly of: Jobs[Kind]['of'] };
}[keyof Jobs];

/** What became of it; null where it could not be worked out. */
export interface Answered {
  readonly id: number;
  readonly answer: Jobs[keyof Jobs]['answer'] | null;
}
