import { z } from 'zod';
import { PLACES } from '../core/fryer/places';

/** Version of how evidence is worked out; raised when the model changes, so that all is worked out anew. */
export const EVIDENCE_VERSION = 1;

const number = z.number().min(-1e6).max(1e6);

/** What a batch says, as a device works it out. */
export const evidenceSchema = z.strictObject({
  information: z.array(number).length(36),
  vector: z.array(number).length(6),
  answers: z.int().min(0).max(1000),
});

const places = z.array(number).length(PLACES);

/** What a test of a fryer says; a grid of slices of bread tells of the places of its floor as well. */
export const fryerTestEvidenceSchema = evidenceSchema.extend({
  places: z.strictObject({ information: z.array(number.min(0)).length(PLACES), vector: places }).optional(),
});

/** Body of a request that keeps it; `toldBy` is which events and which outcome it was worked out from. */
export const keepEvidenceSchema = z.strictObject({
  version: z.literal(EVIDENCE_VERSION),
  toldBy: z.string().min(1).max(80),
  evidence: evidenceSchema,
});

/** What a batch was made with, as it is kept; the fryer's name is that of the batch. */
export const madeWithSchema = z.object({
  drawer: z.int().min(1).max(2).nullable(),
  food: z.string().max(120),
  kin: z.enum(['starchy', 'vegetable', 'protein']),
  season: z.int().min(0).max(3),
  /** °C and W that its document says of the fryer */
  offset_c: z.number(),
  power_w: z.number().positive(),
});
