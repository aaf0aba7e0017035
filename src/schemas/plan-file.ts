import { z } from 'zod';
import { listFoods } from '../core/food/catalogue';
import { STORAGES } from '../core/food/sugar';
import { usualWish } from '../core/plan/usual-wish';
import { cutFromFile } from './cut-from-file';
import { cutSchema } from './cut-schema';
import { foodOfFile } from './food-from-file';
import { ownFoodSchema } from './own-food';
import { between } from './between';
import { PLAN_LIMITS } from './plan-limits';

const minutes = between(PLAN_LIMITS.prepMinutes);
const coatMass = between(PLAN_LIMITS.coatG);

const prepStep = z.discriminatedUnion('step', [
  z.strictObject({ step: z.literal('rinse'), changes: z.int().min(1).max(10).default(1) }),
  z.strictObject({ step: z.literal('soak'), water_c: between(PLAN_LIMITS.waterC).default(15), minutes }),
  z.strictObject({
    step: z.literal('parcook'),
    method: z.enum(['boil', 'steam', 'microwave', 'pressure', 'hot-soak']),
    minutes,
    water_c: between(PLAN_LIMITS.waterC).default(75),
  }),
  z.strictObject({ step: z.literal('press'), minutes: minutes.default(20) }),
  z.strictObject({ step: z.literal('freeze-thaw') }),
  z.strictObject({ step: z.literal('marinate'), minutes: minutes.default(30) }),
  z.strictObject({ step: z.literal('brine'), minutes: minutes.default(30) }),
  z.strictObject({
    step: z.literal('dry'),
    method: z.enum(['drain', 'towel', 'towel-twice', 'spinner', 'steam-dry', 'air']),
    minutes: minutes.optional(),
  }),
  z.strictObject({
    step: z.literal('oil'),
    mass_g: between(PLAN_LIMITS.oilG).optional(),
    film_g_m2: between(PLAN_LIMITS.filmGM2).optional(),
    method: z.enum(['toss', 'spray', 'brush']).optional(),
  }),
  z.strictObject({ step: z.literal('starch'), mass_g: coatMass }),
  z.strictObject({
    step: z.literal('season'),
    mass_g: coatMass.default(3),
    salt_share: z.number().min(0).max(1).default(0.5),
  }),
  z.strictObject({ step: z.literal('dredge'), layers: z.union([z.literal(1), z.literal(2)]).default(1) }),
  z.strictObject({ step: z.literal('batter'), mass_g: coatMass }),
]);

const stage = z.strictObject({
  minutes: between(PLAN_LIMITS.stageMinutes),
  temperature_c: between(PLAN_LIMITS.dialC),
});

/** What is wished; what is left out is the food's usual wish. */
const target = z.strictObject({
  colour: z.enum(['pale', 'golden', 'brown']).optional(),
  crispness: z.enum(['tender', 'crisp', 'very-crisp']).optional(),
});

const food = z.union([z.enum(listFoods().map((one) => one.id) as [string, ...string[]]), ownFoodSchema]);
const storage = z.enum(STORAGES).default('usual');
const prep = z.array(prepStep).max(20).default([]);
const startTemperature = between(PLAN_LIMITS.startTemperatureC).default(20);

/** Pieces put in later: what is left out is as in the plan itself. */
const addedPart = z.strictObject({
  food: food.optional(),
  storage,
  cut: cutSchema.optional(),
  mass_g: between(PLAN_LIMITS.massG),
  start_temperature_c: startTemperature,
  prep,
  target: target.optional(),
});

const minute = z.number().min(0).max(180);
const cookEvent = z.discriminatedUnion('action', [
  z.strictObject({ minute, action: z.enum(['shake', 'toss', 'flip', 'open', 'pull']) }),
  z.strictObject({ minute, action: z.literal('oil'), mass_g: between(PLAN_LIMITS.oilG).optional() }),
  z.strictObject({ minute, action: z.literal('add'), part: addedPart }),
]);

const asWritten = z.strictObject({
  format: z.literal('drubek.plan'),
  version: z.literal(1),
  name: z.string().trim().min(1).max(120).default('Untitled plan'),
  food,
  storage,
  cut: cutSchema,
  mass_g: between(PLAN_LIMITS.massG),
  start_temperature_c: startTemperature,
  prep,
  fryer: z
    .strictObject({
      power_w: between(PLAN_LIMITS.powerW).default(1500),
      basket_cm2: between(PLAN_LIMITS.basketCm2).default(500),
      basket_height_mm: between(PLAN_LIMITS.basketHeightMm).default(90),
      thermostat_offset_c: z.number().min(-40).max(40).default(0),
      liner: z.boolean().optional(),
      drawers: z.union([z.literal(1), z.literal(2)]).optional(),
      preheat: stage.nullable().default(null),
    })
    .prefault({}),
  cook: z.strictObject({
    stages: z.array(stage).min(1).max(8),
    events: z.array(cookEvent).max(60).default([]),
    /** whether the openings that mix were chosen by Drubek and follow the plan, or were set by the cook */
    openings: z.enum(['set', 'chosen']).optional(),
  }),
  target: target.optional(),
  rest: z
    .strictObject({
      minutes: z.number().min(0).max(120).default(2),
      place: z.enum(['rack', 'heap', 'covered', 'warm-oven']).default('rack'),
      salt_g: z.number().min(0).max(100).default(0),
    })
    .optional(),
});

/** The open plan file, version 1: every number with its unit in the name, unknown fields refused, the wish filled in. */
export const planFileSchema = asWritten.transform((file) => ({
  ...file,
  target: { ...usualWish(foodOfFile(file.food), cutFromFile(file.cut), file.prep), ...file.target },
}));

/** A plan file as read, every default filled in. */
export type PlanFile = z.output<typeof planFileSchema>;

/** A plan file as written, defaults may be missing. */
export type PlanFileInput = z.input<typeof planFileSchema>;
