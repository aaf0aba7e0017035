import { z } from 'zod';
import { between } from './between';
import { PLAN_LIMITS } from './plan-limits';

const thickness = between(PLAN_LIMITS.thicknessMm);
const length = between(PLAN_LIMITS.lengthMm);
const scatter = between(PLAN_LIMITS.scatter).default(0.07);

/** A cut as a plan file has it, mm. */
export const cutSchema = z.discriminatedUnion('shape', [
  z.strictObject({
    shape: z.literal('stick'),
    thickness_mm: thickness,
    width_mm: thickness.optional(),
    length_mm: length.default(60),
    scatter,
  }),
  z.strictObject({ shape: z.literal('slice'), thickness_mm: thickness, diameter_mm: length.default(45), scatter }),
  z.strictObject({ shape: z.literal('cube'), thickness_mm: thickness, scatter }),
  z.strictObject({
    shape: z.literal('wedge'),
    thickness_mm: thickness,
    width_mm: length.optional(),
    length_mm: length.default(80),
    scatter,
  }),
  z.strictObject({ shape: z.literal('floret'), diameter_mm: length, scatter }),
  z.strictObject({ shape: z.literal('cylinder'), diameter_mm: thickness, length_mm: length.default(80), scatter }),
  z.strictObject({ shape: z.literal('disc'), thickness_mm: thickness, diameter_mm: length.default(60), scatter }),
  z.strictObject({
    shape: z.literal('sheet'),
    thickness_mm: between(PLAN_LIMITS.leafMm).default(0.5),
    width_mm: length.default(50),
    length_mm: length.default(60),
    scatter,
  }),
  z.strictObject({
    shape: z.literal('formed'),
    diameter_mm: thickness.optional(),
    thickness_mm: thickness.optional(),
    length_mm: length.optional(),
    scatter,
  }),
]);

/** @see cutSchema */
export type CutFile = z.output<typeof cutSchema>;
