import { z } from 'zod';
import { rampBetween } from '../core/food/colour-ramp';
import { structureOf } from '../core/food/define-food';
import type { Food } from '../core/food/food';

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

/** The engine's food from one in a plan file; shares are brought to a sum of one exactly. */
export function foodFromFile(file: z.output<typeof ownFoodSchema>): Food {
  const total = Object.values(file.composition).reduce((sum, part) => sum + part, 0);
  const { water, protein, fat, carbohydrate, fibre, ash } = file.composition;
  const composition = {
    water: water / total,
    protein: protein / total,
    fat: fat / total,
    carbohydrate: carbohydrate / total,
    fibre: fibre / total,
    ash: ash / total,
  };
  return {
    id: 'own',
    name: file.name,
    composition,
    density: file.density_kg_m3,
    starch: file.starch,
    reducingSugar: file.reducing_sugar,
    sugarRange: [0.6 * file.reducing_sugar, 1.6 * file.reducing_sugar],
    ...structureOf(composition, file.density_kg_m3, file.starch),
    dryGlassTransition: file.glass_transition_c + 273.15,
    softeningDose: file.softening_s,
    ramp: rampBetween(file.raw_lab, file.golden_lab),
    cautions: [],
    safeCentreTemperature: null,
  };
}
