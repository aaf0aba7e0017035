import { z } from 'zod';
import { BATCH_EVENT_KINDS, type BatchEvent, type BatchEventKind } from '../core/run/batch-event';
import { between } from './between';
import { SPEED_LIMITS } from './device-message';
import { PLAN_LIMITS } from './plan-limits';

/** Version of the form in which events are written today. */
export const EVENT_VERSION = 1;

/** A moment on a clock, ms since 1970. */
const moment = z.number().int().min(1_500_000_000_000).max(4_102_444_800_000);

/** s; the longest that a forecast may name. */
const LONGEST_RUN = 720 * 60;

const step = z.int().min(0).max(40);
const celsius = z.number().min(-40).max(400);
const atStep = { step };
const nothing = {};

/** What each kind of event carries; one list for the schema, the kinds of the core and those of the database, tested against both. */
const DETAILS = {
  'prep-begun': atStep,
  'prep-done': atStep,
  'prep-skipped': atStep,
  'prep-took': { step, minutes: between(PLAN_LIMITS.prepMinutes) },
  loaded: nothing,
  shaken: nothing,
  tossed: nothing,
  flipped: nothing,
  oiled: nothing,
  added: nothing,
  swapped: nothing,
  'pulled-some': { share: z.number().min(0).max(1).optional() },
  'drawer-open': nothing,
  'more-time': nothing,
  looked: {
    look: z.enum(['as-shown', 'paler', 'darker']).optional(),
    shown: z.number().min(0).max(20).optional(),
    browning: z.number().min(0).max(6).optional(),
  },
  bent: { bite: z.enum(['as-said', 'softer', 'crisper']), said: z.number().min(0).max(50) },
  weighed: {
    grams: z.number().min(0).max(10_000).optional(),
    lost: z.number().min(-0.2).max(1).optional(),
  },
  'dial-turned': { celsius },
  stuck: nothing,
  'air-read': { celsius },
  probed: { celsius },
  rehearsed: { speed: z.number().min(SPEED_LIMITS[0]).max(SPEED_LIMITS[1]), real: moment },
  seasoned: nothing,
  'after-begun': atStep,
  'after-done': atStep,
  served: nothing,
  done: { called: z.number().min(0).max(LONGEST_RUN).optional() },
  undone: { event: z.uuid() },
  'put-away': nothing,
} as const satisfies Record<BatchEventKind, z.ZodRawShape>;

function eventOf<Kind extends BatchEventKind>(kind: Kind) {
  /* whatever tells it may be a device */
  const detail = z.strictObject({ ...DETAILS[kind], device: z.boolean().optional() });
  return z.strictObject({
    id: z.uuid(),
    kind: z.literal(kind),
    happenedAt: moment,
    detail: detail.prefault({} as never),
  });
}

const [first, ...others] = BATCH_EVENT_KINDS;

/** One event as a device sends it: a member of its own for each kind. */
export const batchEventSchema: z.ZodType<BatchEvent> = z.discriminatedUnion('kind', [
  eventOf(first),
  ...others.map((kind) => eventOf(kind)),
]) as never;

/** Steps from one version of the form to the next; what is read has gone through all of them. */
const UPGRADES: readonly ((detail: unknown) => unknown)[] = [];

/** An event as stored, brought to today's form; null where it cannot be read. */
export function readEvent(
  version: number,
  event: Readonly<Record<'id' | 'kind' | 'happenedAt' | 'detail', unknown>>,
): BatchEvent | null {
  if (version > EVENT_VERSION) return null;
  const detail = UPGRADES.slice(version - 1).reduce((sofar, upgrade) => upgrade(sofar), event.detail);
  return batchEventSchema.safeParse({ ...event, detail }).data ?? null;
}

/** Body of a request that appends events. Each is read by itself, so that one that is refused does not hold up the others. */
export const appendEventsSchema = z.strictObject({ events: z.array(z.unknown()).min(1).max(200) });
