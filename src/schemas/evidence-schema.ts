import { z } from 'zod';
import { COAT_INGREDIENTS } from '../core/food/coat-by-recipe';
import { EVIDENCE_VERSION } from '../core/learn/evidence';
import { QUANTITY_COUNT } from '../core/learn/quantities';
import { PLACES } from '../core/fryer/places';

const number = z.number().min(-1e6).max(1e6);

/** What a batch says, as a device works it out. */
export const evidenceSchema = z.strictObject({
  information: z.array(number).length(QUANTITY_COUNT ** 2),
  vector: z.array(number).length(QUANTITY_COUNT),
  answers: z.int().min(0).max(1000),
});

const places = z.array(number).length(PLACES);

/** How many quantities there were before the softening of food was one of them, and before its sugar was. */
const EARLIER_COUNTS = [6, 7];

/** Evidence kept when there were fewer quantities as evidence about all: it says nothing of the others, which are the last. */
function aboutAll(evidence: unknown): unknown {
  const earlier = z.looseObject({ information: z.array(number), vector: z.array(number) }).safeParse(evidence);
  if (!earlier.success) return evidence;
  const { information, vector, ...rest } = earlier.data;
  const count = vector.length;
  if (!EARLIER_COUNTS.includes(count) || information.length !== count ** 2) return evidence;
  const row = (q: number, s: number) => (q < count && s < count ? information[q * count + s]! : 0);
  return {
    ...rest,
    information: Array.from({ length: QUANTITY_COUNT ** 2 }, (_, at) =>
      row(Math.floor(at / QUANTITY_COUNT), at % QUANTITY_COUNT),
    ),
    vector: Array.from({ length: QUANTITY_COUNT }, (_, q) => vector[q] ?? 0),
  };
}

/** What a test of a fryer says; a grid of slices of bread tells of the places of its floor as well. */
const fryerTestEvidence = evidenceSchema.extend({
  places: z.strictObject({ information: z.array(number.min(0)).length(PLACES), vector: places }).optional(),
});

/** The same as it was kept, whenever that was. */
export const fryerTestEvidenceSchema = z.preprocess(aboutAll, fryerTestEvidence);

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
  coat: z.enum([...COAT_INGREDIENTS, 'batter']).nullable(),
  kin: z.enum(['starchy', 'vegetable', 'protein']),
  season: z.int().min(0).max(3),
  /** °C and W that its document says of the fryer */
  offset_c: z.number(),
  power_w: z.number().positive(),
});
