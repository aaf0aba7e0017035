import { z } from 'zod';
import { BINDERS } from '../core/food/binder';
import { OIL_KINDS } from '../core/food/oil-kind';
import { between } from './between';
import { cutSchema } from './cut-schema';
import { PLAN_LIMITS } from './plan-limits';

const minutes = between(PLAN_LIMITS.prepMinutes);
const coatMass = between(PLAN_LIMITS.coatG);
const hours = between(PLAN_LIMITS.hours);

/** Of an amount that the cook has set: the load it was set for, g. Such an amount stays as it is when the load changes. */
const setByHand = { set_for_g: between(PLAN_LIMITS.massG).optional() };

/** Steps that version 1 knew, and the later ones that may also be done to pieces put in on the way. */
const firstSteps = [
  z.strictObject({ step: z.literal('rinse'), changes: z.int().min(1).max(10).default(1) }),
  z.strictObject({ step: z.literal('soak'), water_c: between(PLAN_LIMITS.waterC).default(15), minutes }),
  z.strictObject({
    step: z.literal('parcook'),
    method: z.enum(['boil', 'steam', 'microwave', 'pressure', 'hot-soak', 'par-fry']),
    minutes,
    water_c: between(PLAN_LIMITS.waterC).default(75),
  }),
  z.strictObject({ step: z.literal('press'), minutes: minutes.default(20) }),
  z.strictObject({ step: z.literal('freeze-thaw') }),
  z.strictObject({
    step: z.literal('marinate'),
    minutes: minutes.default(30),
    /** in the fridge beyond half an hour unless said otherwise */
    place: z.enum(['kitchen', 'fridge']).optional(),
  }),
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
    ...setByHand,
    method: z.enum(['toss', 'spray', 'brush']).optional(),
    /** refined unless given; others smoke sooner */
    kind: z.enum(OIL_KINDS).optional(),
  }),
  z.strictObject({ step: z.literal('starch'), mass_g: coatMass, ...setByHand }),
  z.strictObject({
    step: z.literal('season'),
    mass_g: coatMass.default(3),
    salt_share: z.number().min(0).max(1).default(0.5),
    ...setByHand,
  }),
  z.strictObject({ step: z.literal('dredge'), layers: z.union([z.literal(1), z.literal(2)]).default(1) }),
  z.strictObject({ step: z.literal('batter'), mass_g: coatMass, ...setByHand }),
] as const;

const laterSteps = [
  z.strictObject({
    step: z.literal('dip'),
    bath: z.enum(['water', 'salted', 'acid', 'garlic']).default('water'),
    seconds: between(PLAN_LIMITS.dipSeconds).default(10),
  }),
  /** worked into a mass before it is shaped */
  z.strictObject({ step: z.literal('bind'), with: z.enum(BINDERS), mass_g: coatMass, ...setByHand }),
  z.strictObject({ step: z.literal('cool'), minutes: minutes.default(10) }),
  z.strictObject({ step: z.literal('chill'), hours: hours.default(2) }),
  z.strictObject({ step: z.literal('freeze'), hours: hours.default(12) }),
  z.strictObject({ step: z.literal('press-flat'), thickness_mm: between(PLAN_LIMITS.thicknessMm) }),
  z.strictObject({ step: z.literal('cut'), cut: cutSchema }),
  /** a coat of one's own, by what goes into it */
  z.strictObject({
    step: z.literal('coat'),
    crumb_g: coatMass.default(0),
    flour_g: coatMass.default(0),
    egg_g: coatMass.default(0),
    aquafaba_g: coatMass.default(0),
    mustard_g: coatMass.default(0),
    cheese_g: coatMass.default(0),
    nuts_g: coatMass.default(0),
    seeds_g: coatMass.default(0),
    herbs_g: coatMass.default(0),
    sugar_g: coatMass.default(0),
    ...setByHand,
  }),
] as const;

/** One temperature on the dial for a while. */
export const stageSchema = z.strictObject({
  minutes: between(PLAN_LIMITS.stageMinutes),
  temperature_c: between(PLAN_LIMITS.dialC),
});

/** The minute after loading of an opening. */
export const minuteSchema = z.number().min(0).max(180);

const handEvent = z.strictObject({
  minute: minuteSchema,
  action: z.enum(['shake', 'toss', 'flip', 'open', 'swap']),
});
const pullEvent = z.strictObject({
  minute: minuteSchema,
  action: z.literal('pull'),
  which: z.enum(['right', 'darkest', 'palest']).optional(),
});
const seasonEvent = z.strictObject({
  minute: minuteSchema,
  action: z.literal('season'),
  mass_g: between(PLAN_LIMITS.coatG),
});
const oilEvent = z.strictObject({
  minute: minuteSchema,
  action: z.literal('oil'),
  mass_g: between(PLAN_LIMITS.oilG).optional(),
});

/** Openings that put nothing in. */
export const plainEvents = [handEvent, pullEvent, oilEvent, seasonEvent] as const;

/** What ends a cook that others follow. */
export const cookEndSchema = z.enum(['stages', 'soft', 'pale']);

/** A step of preparation as version 1 had it. */
export const firstStepSchema = z.discriminatedUnion('step', firstSteps);

/** A step done to pieces that are put in on the way; they go through no cook of their own. */
export const partStepSchema = z.discriminatedUnion('step', [...firstSteps, ...laterSteps]);

/** Every step before the last cook but the cooks. */
export const prepSteps = [...firstSteps, ...laterSteps] as const;

/** What is turned in, poured or grated over what comes out. */
export const DRESSINGS = ['salt', 'spice', 'vinegar', 'syrup', 'herb-oil', 'cheese', 'herbs', 'marinade'] as const;

const restStep = z.strictObject({
  step: z.literal('rest'),
  minutes: z.number().min(0).max(120).default(2),
  place: z.enum(['rack', 'heap', 'covered', 'warm-oven']).default('rack'),
  salt_g: z.number().min(0).max(100).default(0),
  ...setByHand,
});

/** Every step after the last cook. */
export const afterSteps = [
  restStep,
  z.strictObject({
    step: z.literal('dress'),
    with: z.enum(DRESSINGS),
    mass_g: between(PLAN_LIMITS.dressingG),
    ...setByHand,
  }),
  z.strictObject({
    step: z.literal('refresh'),
    minutes: between(PLAN_LIMITS.refreshMinutes).default(4),
    temperature_c: between(PLAN_LIMITS.dialC).default(190),
  }),
  /** left to cool until it is no hotter than this inside */
  z.strictObject({ step: z.literal('temper'), to_c: between(PLAN_LIMITS.temperC).default(60) }),
  z.strictObject({
    step: z.literal('keep'),
    hours: hours.default(24),
    place: z.enum(['fridge', 'freezer']).default('fridge'),
  }),
] as const;

/** The rest of version 1, which had no name of its own. */
export const restSchema = restStep.omit({ step: true, set_for_g: true });

/** An opening that puts nothing in. */
export type PlainEvent = z.output<(typeof plainEvents)[number]>;

/** A cook before the last: what comes out of it is worked on further. */
export interface EarlierCookStep {
  readonly step: 'cook';
  readonly stages: z.output<typeof stageSchema>[];
  readonly events: PlainEvent[];
  readonly preheat: z.output<typeof stageSchema> | null;
  readonly until: z.output<typeof cookEndSchema>;
}

/** A step before the last cook. */
export type PrepStep = z.output<typeof partStepSchema> | EarlierCookStep;

/** A step after the last cook. */
export type AfterStep = z.output<(typeof afterSteps)[number]>;
