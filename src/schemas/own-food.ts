import { z } from 'zod';

const share = z.number().min(0).max(1);
const lab = z.tuple([z.number().min(0).max(100), z.number().min(-100).max(100), z.number().min(-100).max(100)]);

/** A food of one's own, from composition alone; the rest has defaults of an ordinary vegetable. */
export const ownFoodSchema = z
  .strictObject({
    name: z.string().trim().min(1).max(60),
    composition: z.strictObject({
      water: z.number().min(0.05).max(0.97),
      protein: share.default(0),
      fat: share.default(0),
      carbohydrate: share.default(0),
      fibre: share.default(0),
      ash: share.default(0),
    }),
    density_kg_m3: z.number().min(300).max(1500).default(1030),
    starch: share.default(0.02),
    reducing_sugar: share.default(0.015),
    glass_transition_c: z.number().min(80).max(250).default(195),
    softening_s: z.number().min(1).max(3000).default(400),
    raw_lab: lab.default([80, 0, 22]),
    golden_lab: lab.default([64, 14, 43]),
  })
  .refine(({ composition }) => Math.abs(Object.values(composition).reduce((sum, part) => sum + part, 0) - 1) <= 0.03, {
    path: ['composition'],
    message: 'must add up to 1, within 0.03',
  });

/** @see ownFoodSchema */
export type OwnFood = z.output<typeof ownFoodSchema>;
