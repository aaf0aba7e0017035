import { z } from 'zod';
import { outcomeSchema } from './batch';
import { planFileSchema } from './plan-file';

/** Most notes that one request brings. */
export const NOTES_AT_ONCE = 12;

/** A batch that was noted before the app was there. */
export const oldNoteSchema = z.strictObject({
  document: planFileSchema,
  fryerName: z.string().trim().min(1).max(60),
  /** ms since 1970, of the day; never in the future */
  begunAt: z.int().min(0),
  pulledMin: z.number().min(1).max(180),
  outcome: outcomeSchema,
});

/** @see oldNoteSchema */
export type OldNote = z.output<typeof oldNoteSchema>;

/** Body of a request that brings old notes into the log. */
export const bringNotesSchema = z.strictObject({
  notes: z.array(oldNoteSchema).min(1).max(NOTES_AT_ONCE),
  /** whether forecasts learn from them */
  learn: z.boolean(),
});
