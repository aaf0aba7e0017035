import { z } from 'zod';
import { BATCH_EVENT_KINDS } from '../core/run/batch-event';
import {
  OUTCOME_CRISPNESS,
  OUTCOME_EVENNESS,
  OUTCOME_FAULTS,
  OUTCOME_HEARTS,
  OUTCOME_LIKED,
  OUTCOME_NEXT,
} from './batch';
import { EVENING_EVENT_KINDS } from './evening-event';
import { keepPhotoSchema } from './photo';
import { TASTERS } from './trial';

/** A moment as PostgreSQL writes it into JSON, within the years in which this is used. */
const moment = z.iso
  .datetime({ offset: true, error: 'is no moment' })
  .refine((text) => Math.abs(Date.parse(text) - Date.UTC(2050)) < 50 * 366 * 86_400_000, 'is no moment of these times');
const maybe = moment.nullable();
const id = z.uuid();
const number = z.number().min(-1e9).max(1e9);
const text = (longest: number) => z.string().max(longest);

/** A document: what it says is read again whenever it is opened, and one of another version is shown as such. */
const document = z.record(z.string(), z.unknown());

/** What a row of each table of an archive must be, so that no page and no query stumbles over it; fields of later versions are left out. */
export const ARCHIVE_ROWS = {
  fryers: z.object({
    fryer_id: id,
    name: text(60),
    power_w: number,
    basket_cm2: number,
    basket_height_mm: number,
    thermostat_offset_c: number,
    created_at: moment,
    archived_at: maybe,
    learns_from: maybe.optional(),
    not_learnt_at: maybe.optional(),
  }),
  cutters: z.object({
    cutter_id: id,
    name: text(40),
    setting: text(20),
    thickness_mm: number,
    scatter: number,
    created_at: moment,
  }),
  plans: z.object({
    plan_id: id,
    fryer_id: id,
    name: text(120),
    document,
    created_at: moment,
    updated_at: moment,
    archived_at: maybe,
    revision: z.int().min(0).max(2_000_000_000),
  }),
  plan_versions: z.object({ plan_id: id, version: z.int().min(1).max(2_000_000_000), document, kept_at: moment }),
  batches: z.object({
    batch_id: id,
    fryer_name: text(60),
    document,
    forecast: document,
    begun_at: moment,
    last_seq: z.int().min(0),
    left_out_at: maybe.optional(),
    removed_at: maybe.optional(),
  }),
  batch_events: z.object({
    event_id: id,
    batch_id: id,
    seq: z.int().min(1),
    version: z.int().min(1).max(1000),
    kind: z.enum(BATCH_EVENT_KINDS),
    detail: document,
    happened_at: moment,
    recorded_at: moment,
  }),
  fryer_tests: z.object({
    test_id: id,
    fryer_id: id,
    readings: document,
    thermostat_offset_c: number,
    power_w: number,
    evidence: document,
    made_at: moment,
    left_out_at: maybe,
  }),
  outcomes: z.object({
    batch_id: id,
    crispness: z.enum(OUTCOME_CRISPNESS),
    browning: number,
    evenness: z.enum(OUTCOME_EVENNESS),
    faults: z.array(z.enum(OUTCOME_FAULTS)).max(20),
    note: text(2000),
    fingerprint: z.array(number).max(64),
    liked: z.enum(OUTCOME_LIKED).nullable().optional(),
    heart: z.enum(OUTCOME_HEARTS).nullable().optional(),
    next_time: z.enum(OUTCOME_NEXT).nullable().optional(),
    recorded_at: moment,
  }),
  batch_photos: z.object({
    photo_id: id,
    batch_id: id,
    width: keepPhotoSchema.shape.width,
    height: keepPhotoSchema.shape.height,
    image: keepPhotoSchema.shape.image,
    taken_at: moment,
  }),
  trials: z.object({
    trial_id: id,
    fryer_id: id,
    name: text(120),
    one: document,
    other: document,
    word_one: text(60),
    word_other: text(60),
    begun_at: moment,
    ended_at: maybe,
  }),
  trial_pairs: z.object({
    trial_id: id,
    pair: z.int().min(1).max(40),
    code_one: text(60),
    code_other: text(60),
    other_first: z.boolean(),
    side_by_side: z.boolean().nullable().optional(),
    drawn_at: moment,
    revealed_at: maybe,
  }),
  trial_tastings: z.object({
    trial_id: id,
    pair: z.int().min(1).max(40),
    taster: z.enum(TASTERS),
    crisper: text(60),
    rather: text(60),
    tasted_at: moment,
  }),
  evenings: z.object({
    evening_id: id,
    name: text(120),
    serve_at: moment,
    document,
    created_at: moment,
    updated_at: moment,
    removed_at: maybe,
    revision: z.int().min(0).max(2_000_000_000),
  }),
  evening_events: z.object({
    event_id: id,
    evening_id: id,
    kind: z.enum(EVENING_EVENT_KINDS),
    detail: document,
    happened_at: moment,
    recorded_at: moment,
  }),
  evening_batches: z.object({ batch_id: id, evening_id: id, step: text(80), fryers: text(120) }),
} as const;

/** Brackets that may be open at once in a line of an archive. Source: chosen; a plan has about eight. */
const DEEPEST = 64;

/** Whether a line of JSON is nested deeper than any of ours: what walks it later would run out of stack. */
export function isTooDeep(line: string): boolean {
  let [depth, inText] = [0, false];
  for (let i = 0; i < line.length; i++) {
    const code = line.charCodeAt(i);
    if (inText) {
      if (code === 92) i++;
      else if (code === 34) inText = false;
    } else if (code === 34) inText = true;
    else if ((code === 123 || code === 91) && ++depth > DEEPEST) return true;
    else if (code === 125 || code === 93) depth--;
  }
  return false;
}
