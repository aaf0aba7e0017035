import { z } from 'zod';
import { findFood, listFoods } from '../core/food/catalogue';
import { fryerFromLabel } from '../core/fryer/fryer';
import type { Plan } from '../core/plan/plan';
import { kelvinFromCelsius } from '../core/units/temperature';

/** Limits of what is physical and of what a forecast can still answer in time. */
export const PLAN_LIMITS = {
  thicknessMm: [1, 60],
  lengthMm: [3, 250],
  scatter: [0, 0.4],
  massG: [20, 3000],
  startTemperatureC: [0, 60],
  waterC: [0, 100],
  soakMinutes: [0.5, 1440],
  oilG: [0, 200],
  powerW: [400, 3000],
  basketCm2: [100, 2000],
  basketHeightMm: [30, 300],
  dialC: [60, 250],
  stageMinutes: [0.5, 90],
} as const satisfies Record<string, readonly [number, number]>;

const between = (limits: readonly [number, number]) => z.number().min(limits[0]).max(limits[1]);
const thickness = between(PLAN_LIMITS.thicknessMm);
const length = between(PLAN_LIMITS.lengthMm);

const cut = z.discriminatedUnion('shape', [
  z.strictObject({
    shape: z.literal('stick'),
    thickness_mm: thickness,
    width_mm: thickness.optional(),
    length_mm: length.default(60),
    scatter: between(PLAN_LIMITS.scatter).default(0.07),
  }),
  z.strictObject({
    shape: z.literal('slice'),
    thickness_mm: thickness,
    diameter_mm: length.default(45),
    scatter: between(PLAN_LIMITS.scatter).default(0.07),
  }),
  z.strictObject({
    shape: z.literal('cube'),
    thickness_mm: thickness,
    scatter: between(PLAN_LIMITS.scatter).default(0.07),
  }),
]);

const prepStep = z.discriminatedUnion('step', [
  z.strictObject({ step: z.literal('rinse'), changes: z.int().min(1).max(10).default(1) }),
  z.strictObject({
    step: z.literal('soak'),
    water_c: between(PLAN_LIMITS.waterC).default(15),
    minutes: between(PLAN_LIMITS.soakMinutes),
  }),
  z.strictObject({ step: z.literal('dry'), method: z.enum(['drain', 'towel', 'towel-twice', 'spinner']) }),
  z.strictObject({ step: z.literal('oil'), mass_g: between(PLAN_LIMITS.oilG) }),
]);

const stage = z.strictObject({
  minutes: between(PLAN_LIMITS.stageMinutes),
  temperature_c: between(PLAN_LIMITS.dialC),
});

/** The open plan file, version 1: every number with its unit in the name, unknown fields refused. */
export const planFileSchema = z.strictObject({
  format: z.literal('drubek.plan'),
  version: z.literal(1),
  name: z.string().trim().min(1).max(120).default('Untitled plan'),
  food: z.enum(listFoods().map((food) => food.id) as [string, ...string[]]),
  cut,
  mass_g: between(PLAN_LIMITS.massG),
  start_temperature_c: between(PLAN_LIMITS.startTemperatureC).default(20),
  prep: z.array(prepStep).max(20).default([]),
  fryer: z
    .strictObject({
      power_w: between(PLAN_LIMITS.powerW).default(1500),
      basket_cm2: between(PLAN_LIMITS.basketCm2).default(500),
      basket_height_mm: between(PLAN_LIMITS.basketHeightMm).default(90),
      thermostat_offset_c: z.number().min(-40).max(40).default(0),
      preheat: stage.nullable().default(null),
    })
    .prefault({}),
  cook: z.strictObject({
    stages: z.array(stage).min(1).max(8),
    events: z
      .array(
        z.strictObject({
          minute: z.number().min(0).max(180),
          action: z.enum(['shake', 'toss', 'flip', 'open']),
        }),
      )
      .max(60)
      .default([]),
  }),
  target: z
    .strictObject({
      colour: z.enum(['pale', 'golden', 'brown']).default('golden'),
      crispness: z.enum(['tender', 'crisp', 'very-crisp']).default('crisp'),
    })
    .prefault({}),
});

/** A plan file as read, every default filled in. */
export type PlanFile = z.output<typeof planFileSchema>;

/** A plan file as written, defaults may be missing. */
export type PlanFileInput = z.input<typeof planFileSchema>;

const MM = 1e-3;

/** The engine's plan, in SI. @throws when the food is not in the catalogue, which the schema has excluded */
export function planFromFile(file: PlanFile): Plan {
  const food = findFood(file.food);
  if (!food) throw new Error(`food ${file.food} passed the schema but is not in the catalogue`);
  const seconds = (stage: { minutes: number; temperature_c: number }) => ({
    duration: stage.minutes * 60,
    temperature: kelvinFromCelsius(stage.temperature_c),
  });
  return {
    name: file.name,
    food,
    cut: cutFromFile(file.cut),
    scatter: file.cut.scatter,
    mass: file.mass_g / 1000,
    startTemperature: kelvinFromCelsius(file.start_temperature_c),
    preparation: file.prep.map(preparationFromFile),
    fryer: {
      ...fryerFromLabel(file.fryer.power_w, file.fryer.basket_cm2 * 1e-4, file.fryer.basket_height_mm * MM),
      thermostatOffset: file.fryer.thermostat_offset_c,
    },
    preheat: file.fryer.preheat ? seconds(file.fryer.preheat) : null,
    browningScale: 1,
    stages: file.cook.stages.map(seconds),
    events: file.cook.events.map((event) => ({ time: event.minute * 60, action: event.action })),
    target: file.target,
  };
}

function cutFromFile(file: PlanFile['cut']): Plan['cut'] {
  switch (file.shape) {
    case 'stick':
      return {
        shape: 'stick',
        thickness: Math.min(file.thickness_mm, file.width_mm ?? file.thickness_mm) * MM,
        width: Math.max(file.thickness_mm, file.width_mm ?? file.thickness_mm) * MM,
        length: Math.max(file.length_mm, file.thickness_mm, file.width_mm ?? 0) * MM,
      };
    case 'slice':
      return {
        shape: 'slice',
        thickness: file.thickness_mm * MM,
        diameter: Math.max(file.diameter_mm, file.thickness_mm) * MM,
      };
    case 'cube':
      return { shape: 'cube', thickness: file.thickness_mm * MM };
  }
}

function preparationFromFile(step: PlanFile['prep'][number]): Plan['preparation'][number] {
  switch (step.step) {
    case 'soak':
      return { step: 'soak', waterTemperature: kelvinFromCelsius(step.water_c), duration: step.minutes * 60 };
    case 'oil':
      return { step: 'oil', mass: step.mass_g / 1000 };
    default:
      return step;
  }
}
