import { z } from 'zod';
import { BATCH_EVENT_KINDS, type BatchEvent } from '../core/run/run-state';
import { between } from './between';
import { SPEED_LIMITS } from './device-message';
import { type PlanFile, planFileSchema } from './plan-file';
import { PLAN_LIMITS } from './plan-limits';

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

/** Body of a request that saves a plan. */
export const savePlanSchema = z.strictObject({ fryerId: z.uuid(), document: planFileSchema });

/** Body of a request that begins a batch. */
export const beginBatchSchema = z.strictObject({
  batchId: z.uuid(),
  fryerName: z.string().trim().min(1).max(60),
  document: planFileSchema,
  forecast: batchForecastSchema,
});

/** One event as a device sends it. */
export const batchEventSchema = z.strictObject({
  id: z.uuid(),
  kind: z.enum(BATCH_EVENT_KINDS),
  happenedAt: z.number().int().min(1_500_000_000_000).max(4_102_444_800_000),
  detail: z
    .strictObject({
      step: z.int().min(0).max(40).optional(),
      minutes: between(PLAN_LIMITS.prepMinutes).optional(),
      event: z.uuid().optional(),
      look: z.enum(['as-shown', 'paler', 'darker']).optional(),
      shown: z.number().min(0).max(20).optional(),
      browning: z.number().min(0).max(6).optional(),
      bite: z.enum(['as-said', 'softer', 'crisper']).optional(),
      said: z.number().min(0).max(50).optional(),
      lost: z.number().min(-0.2).max(1).optional(),
      grams: z.number().min(0).max(10_000).optional(),
      celsius: z.number().min(-40).max(400).optional(),
      share: z.number().min(0).max(1).optional(),
      speed: z.number().min(SPEED_LIMITS[0]).max(SPEED_LIMITS[1]).optional(),
      real: z.number().int().min(1_500_000_000_000).max(4_102_444_800_000).optional(),
      device: z.boolean().optional(),
    })
    .default({}),
});

/** Body of a request that appends events. */
export const appendEventsSchema = z.strictObject({ events: z.array(batchEventSchema).min(1).max(200) });

/** How the bite was. */
export const OUTCOME_CRISPNESS = ['soft', 'tender', 'crisp', 'very-crisp', 'hard'] as const;

/** How even the colour was. */
export const OUTCOME_EVENNESS = ['even', 'some-differ', 'uneven'] as const;

/** What went wrong. */
export const OUTCOME_FAULTS = ['stuck', 'broke', 'wet-heart', 'dried-out', 'burnt-edges', 'greasy', 'bland'] as const;

/** What a cook says of a batch. */
export const outcomeSchema = z.strictObject({
  crispness: z.enum(OUTCOME_CRISPNESS),
  browning: z.number().min(0).max(6),
  evenness: z.enum(OUTCOME_EVENNESS),
  faults: z.array(z.enum(OUTCOME_FAULTS)).max(OUTCOME_FAULTS.length).default([]),
  note: z.string().trim().max(2000, 'must be 2000 characters at most').default(''),
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
  readonly outcome: Outcome | null;
  /** browning of the sampled pieces when pulled, palest first; empty before the outcome */
  readonly fingerprint: readonly number[];
}
