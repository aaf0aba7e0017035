import { z } from 'zod';
import { listFoods } from '../core/food/catalogue';
import { STORAGES } from '../core/food/sugar';
import { ownFoodSchema } from './own-food';
import { between } from './between';
import { PLAN_LIMITS } from './plan-limits';

const thickness = between(PLAN_LIMITS.thicknessMm);
const length = between(PLAN_LIMITS.lengthMm);
const scatter = between(PLAN_LIMITS.scatter).default(0.07);
const minutes = between(PLAN_LIMITS.prepMinutes);
const coatMass = between(PLAN_LIMITS.coatG);

const cut = z.discriminatedUnion('shape', [
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

const target = z
  .strictObject({
    colour: z.enum(['pale', 'golden', 'brown']).default('golden'),
    crispness: z.enum(['tender', 'crisp', 'very-crisp']).default('crisp'),
  })
  .prefault({});

const food = z.union([z.enum(listFoods().map((one) => one.id) as [string, ...string[]]), ownFoodSchema]);
const storage = z.enum(STORAGES).default('usual');
const prep = z.array(prepStep).max(20).default([]);
const startTemperature = between(PLAN_LIMITS.startTemperatureC).default(20);

/** Pieces put in later: what is left out is as in the plan itself. */
const addedPart = z.strictObject({
  food: food.optional(),
  storage,
  cut: cut.optional(),
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

/** The open plan file, version 1: every number with its unit in the name, unknown fields refused. */
export const planFileSchema = z.strictObject({
  format: z.literal('drubek.plan'),
  version: z.literal(1),
  name: z.string().trim().min(1).max(120).default('Untitled plan'),
  food,
  storage,
  cut,
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
  }),
  target,
  rest: z
    .strictObject({
      minutes: z.number().min(0).max(120).default(2),
      place: z.enum(['rack', 'heap', 'covered', 'warm-oven']).default('rack'),
      salt_g: z.number().min(0).max(100).default(0),
    })
    .optional(),
});

/** A plan file as read, every default filled in. */
export type PlanFile = z.output<typeof planFileSchema>;

/** A plan file as written, defaults may be missing. */
export type PlanFileInput = z.input<typeof planFileSchema>;
