import { z } from 'zod';

/** What can be told of an evening under way. */
export const EVENING_EVENT_KINDS = ['begun', 'done', 'taken-back', 'due', 'serve-at'] as const;

/** A step of an evening by its dish and what is done. */
export const eveningStepSchema = z.string().regex(/^[a-z0-9-]{1,40}:[a-z0-9-]{1,30}$/);

const step = eveningStepSchema;
/** who it was, by the place in the evening's list */
const cook = z.int().min(0).max(2);
const base = {
  id: z.uuid(),
  /** ms since 1970, by the device on which it happened */
  happenedAt: z.int().min(0).max(8e15),
};

/** One thing that happened in an evening, told by one of its cooks. */
export const eveningEventSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    ...base,
    kind: z.literal('begun'),
    /** with the fryer it went into, where it is one of several, and the batch as which it is cooked, where it is one */
    detail: z.strictObject({
      step,
      fryers: z.string().max(120).optional(),
      cook: cook.optional(),
      batch: z.uuid().optional(),
    }),
  }),
  z.strictObject({ ...base, kind: z.literal('done'), detail: z.strictObject({ step, cook: cook.optional() }) }),
  /** what was told last of this step does not hold */
  z.strictObject({ ...base, kind: z.literal('taken-back'), detail: z.strictObject({ step }) }),
  /** when what is in a drawer is to come out by what was seen there, ms since 1970 */
  z.strictObject({ ...base, kind: z.literal('due'), detail: z.strictObject({ step, at: z.int().min(0).max(8e15) }) }),
  /** the evening is served at another time, ms since 1970 */
  z.strictObject({ ...base, kind: z.literal('serve-at'), detail: z.strictObject({ at: z.int().min(0).max(8e15) }) }),
]);

/** @see eveningEventSchema */
export type EveningEvent = z.output<typeof eveningEventSchema>;

/** Body of a request that tells of an evening. */
export const eveningEventsSchema = z.strictObject({ events: z.array(eveningEventSchema).min(1).max(100) });
