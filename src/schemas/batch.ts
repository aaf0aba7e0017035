import { z } from 'zod';
import type { Heart } from '../core/learn/what-came-out';
import type { BatchEvent } from '../core/run/batch-event';
import { eveningStepSchema } from './evening-event';
import { type PlanFile, planFileSchema } from './plan-file';

/** What was forecast when a batch began, minutes; kept to hold the outcome against it. */
export const batchForecastSchema = z.strictObject({
  done_min: z.number().min(0).max(720).nullable(),
  done_p10_min: z.number().min(0).max(720).nullable(),
  done_p90_min: z.number().min(0).max(720).nullable(),
  window: z.strictObject({ from_min: z.number().min(0).max(720), to_min: z.number().min(0).max(720) }).nullable(),
  first_check_min: z.number().min(0).max(720).nullable(),
});

/** @see batchForecastSchema */
export type BatchForecast = z.output<typeof batchForecastSchema>;

/** Body of a request that saves a plan; `base` is the revision it was made from, 0 for a plan that is new, null to write over whatever is there. */
export const savePlanSchema = z.strictObject({
  fryerId: z.uuid(),
  document: planFileSchema,
  base: z.int().min(0).nullable(),
});

/** Body of a request that begins a batch. */
export const beginBatchSchema = z.strictObject({
  batchId: z.uuid(),
  fryerName: z.string().trim().min(1).max(60),
  document: planFileSchema,
  forecast: batchForecastSchema,
  /** begun although another batch cooks in this fryer, or beside it in the other drawer */
  beside: z.boolean().default(false),
  /** the load of an evening that it is, and in which fryers that dish is made */
  evening: z.strictObject({ eveningId: z.uuid(), step: eveningStepSchema, fryers: z.string().max(120) }).optional(),
});

/** How the bite was. */
export const OUTCOME_CRISPNESS = ['soft', 'tender', 'crisp', 'very-crisp', 'hard'] as const;

/** How even the colour was. */
export const OUTCOME_EVENNESS = ['even', 'some-differ', 'uneven'] as const;

/** What went wrong. */
export const OUTCOME_FAULTS = [
  'stuck',
  'broke',
  'burst',
  'wet-heart',
  'dried-out',
  'burnt-edges',
  'greasy',
  'bland',
] as const;

/** How the colour was liked. */
export const OUTCOME_LIKED = ['too-pale', 'as-wished', 'too-dark'] as const;

/** How the inside was. */
export const OUTCOME_HEARTS = ['hard', 'soft'] as const satisfies readonly Heart[];

/** What is to be done the next time. */
export const OUTCOME_NEXT = ['again', 'changed', 'not-again'] as const;

/** What a cook says of a batch. */
export const outcomeSchema = z.strictObject({
  crispness: z.enum(OUTCOME_CRISPNESS),
  browning: z.number().min(0).max(6),
  evenness: z.enum(OUTCOME_EVENNESS),
  faults: z.array(z.enum(OUTCOME_FAULTS)).max(OUTCOME_FAULTS.length).default([]),
  note: z.string().trim().max(2000, 'must be 2000 characters at most').default(''),
  liked: z.enum(OUTCOME_LIKED).nullable().default(null),
  heart: z.enum(OUTCOME_HEARTS).nullable().default(null),
  next: z.enum(OUTCOME_NEXT).nullable().default(null),
});

/** Body of a request that stores an outcome, with the colours of the pieces as the cook's own device worked them out. */
export const recordOutcomeSchema = outcomeSchema.extend({
  fingerprint: z.array(z.number().min(0).max(20)).max(64).default([]),
});

/** @see outcomeSchema */
export type Outcome = z.output<typeof outcomeSchema>;

/** A batch with all that is known of it. */
export interface Batch {
  readonly id: string;
  readonly fryerName: string;
  readonly document: PlanFile;
  readonly forecast: BatchForecast;
  /** ms since 1970 */
  readonly begunAt: number;
  readonly events: readonly BatchEvent[];
  /** number of the newest of them; 0 before the first */
  readonly seq: number;
  /** ms by which the clock that tells the run is behind the server's; null before the first event, and in a rehearsal, whose clock is its own */
  readonly clockBehind: number | null;
  /** events that today's form cannot read; they are kept, and do not count */
  readonly unreadable: number;
  readonly outcome: Outcome | null;
  /** browning of the sampled pieces when pulled, palest first; empty before the outcome */
  readonly fingerprint: readonly number[];
  /** nothing is learnt from it */
  readonly leftOut: boolean;
}
