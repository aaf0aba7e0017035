import { z } from 'zod';
import { listFoods } from '../core/food/catalogue';
import { STORAGES } from '../core/food/sugar';
import type { Wish } from '../core/food/wish';
import { usualWish } from '../core/plan/usual-wish';
import { between } from './between';
import { cutFromFile } from './cut-from-file';
import { learntSchema } from './learnt-schema';
import { cutSchema } from './cut-schema';
import { foodOfFile } from './food-from-file';
import { ownFoodSchema } from './own-food';
import { PLAN_LIMITS } from './plan-limits';
import {
  type AfterStep,
  afterSteps,
  cookEndSchema,
  firstStepSchema,
  minuteSchema,
  partStepSchema,
  type PlainEvent,
  plainEvents,
  type PrepStep,
  prepSteps,
  restSchema,
  stageSchema,
} from './plan-steps';

/** What is wished; what is left out is the food's usual wish. */
const target = z.strictObject({
  colour: z.enum(['first', 'pale', 'golden', 'brown']).optional(),
  crispness: z.enum(['soft', 'chewy', 'tender', 'crisp', 'very-crisp']).optional(),
  faces: z.enum(['both', 'one']).optional(),
  spread: z.enum(['even', 'mixed']).optional(),
});

const food = z.union([z.enum(listFoods().map((one) => one.id) as [string, ...string[]]), ownFoodSchema]);
const storage = z.enum(STORAGES).default('usual');
const startTemperature = between(PLAN_LIMITS.startTemperatureC).default(20);

/** Pieces put in later: what is left out is as in the plan itself. */
const addedPart = z.strictObject({
  food: food.optional(),
  storage,
  cut: cutSchema.optional(),
  mass_g: between(PLAN_LIMITS.massG),
  start_temperature_c: startTemperature,
  prep: z.array(partStepSchema).max(20).default([]),
  target: target.optional(),
});

const cookEvent = z.discriminatedUnion('action', [
  ...plainEvents,
  z.strictObject({ minute: minuteSchema, action: z.literal('add'), part: addedPart }),
]);

const cook = z.strictObject({
  stages: z.array(stageSchema).min(1).max(8),
  events: z.array(cookEvent).max(60).default([]),
  /** whether the openings that mix were chosen by Drubek and follow the plan, or were set by the cook */
  openings: z.enum(['set', 'chosen']).optional(),
});

const fryer = z.strictObject({
  power_w: between(PLAN_LIMITS.powerW).default(1500),
  basket_cm2: between(PLAN_LIMITS.basketCm2).default(500),
  basket_height_mm: between(PLAN_LIMITS.basketHeightMm).default(90),
  thermostat_offset_c: z.number().min(-40).max(40).default(0),
  liner: z.boolean().optional(),
  drawers: z.union([z.literal(1), z.literal(2)]).optional(),
  /** racks one above the other, each of that floor; one unless given */
  racks: z.int().min(1).max(4).optional(),
});

const preheat = stageSchema.nullable().default(null);

const produce = {
  format: z.literal('drubek.plan'),
  name: z.string().trim().min(1).max(120).default('Untitled plan'),
  food,
  storage,
  cut: cutSchema,
  mass_g: between(PLAN_LIMITS.massG),
  start_temperature_c: startTemperature,
  target: target.optional(),
  learnt: learntSchema.optional(),
};

const firstVersion = z.strictObject({
  ...produce,
  version: z.literal(1),
  prep: z.array(firstStepSchema).max(20).default([]),
  fryer: fryer.extend({ preheat }).prefault({}),
  cook,
  rest: restSchema.optional(),
});

/** A cook as a step; only the last may put more food in, only those before it end by what they give. */
const cookStep = z.strictObject({ step: z.literal('cook'), ...cook.shape, preheat, until: cookEndSchema.optional() });

const step = z.discriminatedUnion('step', [...prepSteps, cookStep, ...afterSteps]);

const count = z.int().min(1).max(8);

/** A load that went in before the one that a batch is. */
const earlierLoad = z.strictObject({
  loaded_at: z.iso.datetime(),
  /** when it was pulled, or null while it is in the other drawer */
  pulled_at: z.iso.datetime().nullable(),
  /** when it was to be pulled */
  due_at: z.iso.datetime(),
});

/** How what is on the board goes in: in how many loads, of which sizes, in which drawer, and how they are served. */
const loads = z
  .strictObject({
    count: count.default(1),
    serve: z.enum(['as-they-come', 'together']).default('as-they-come'),
    /** how much goes into each, one against the other: [3, 2] is three fifths and two; equal unless given */
    sizes: z.array(z.number().min(0.05).max(20)).min(1).max(8).optional(),
    /** drawer of each, in a fryer with two; the first unless given */
    drawers: z
      .array(z.union([z.literal(1), z.literal(2)]))
      .min(1)
      .max(8)
      .optional(),
    /** as they fall, or the thicker over the stronger places of the floor, where these are known */
    lay: z.enum(['as-they-fall', 'thick-to-strong']).optional(),
    /** coated all at once, or each load just before it goes in */
    coat: z.enum(['at-once', 'each-load']).default('at-once'),
    /** which of them this is, where a batch is one of several */
    current: count.optional(),
    /** those that went in before it, in order */
    earlier: z.array(earlierLoad).max(8).optional(),
  })
  .superRefine((own, context) => {
    for (const key of ['sizes', 'drawers'] as const) {
      const listed = own[key]?.length;
      if (listed === undefined || listed === own.count) continue;
      context.addIssue({ code: 'custom', path: [key], message: `must name all ${own.count} loads`, input: own });
    }
    if (own.current !== undefined && own.current > own.count) {
      context.addIssue({ code: 'custom', path: ['current'], message: `must be one of ${own.count} loads`, input: own });
    }
  });

/** A sauce, dip or side of one's own: amount per head, hands, and how long before the table it must stand ready. */
const side = z.strictObject({
  name: z.string().trim().min(1).max(60),
  grams_per_head: z.number().min(0).max(1000).default(40),
  hands_minutes: z.number().min(0).max(240).default(5),
  lead_hours: z.number().min(0).max(72).default(0),
});

const secondVersion = z.strictObject({
  ...produce,
  version: z.literal(2),
  /** people it is for, for what is measured per head */
  portions: z.int().min(1).max(40).default(2),
  sides: z.array(side).max(8).default([]),
  loads: loads.prefault({}),
  fryer: fryer
    .extend({
      /** air in the fryer as the load goes in, where another came out shortly before */
      start_c: between(PLAN_LIMITS.fryerStartC).optional(),
      /** how the fryer was heated for the load that went into it cold, where this one goes in warm */
      first_preheat: stageSchema.nullable().optional(),
    })
    .prefault({}),
  /** all that is done, in order; the last cook is the one whose pull is forecast */
  steps: z.array(step).min(1).max(40).transform(takeApart),
});

type Step = z.output<typeof step>;
type CookStep = Extract<Step, { step: 'cook' }>;

const AFTER: ReadonlySet<string> = new Set(afterSteps.map(({ shape }) => shape.step.value));

/** The steps before the last cook, that cook, and what follows it. */
function takeApart(steps: readonly Step[], context: z.core.$RefinementCtx) {
  const refuse = (at: number, message: string, ...path: (string | number)[]) =>
    context.addIssue({ code: 'custom', message, path: at < 0 ? [] : [at, ...path], input: steps });
  const last = steps.findLastIndex((one) => one.step === 'cook');
  const before = steps.slice(0, Math.max(0, last));
  const after = steps.slice(last + 1);
  if (last < 0) refuse(-1, 'must hold a step "cook"');
  before.forEach((one, at) => {
    if (AFTER.has(one.step)) refuse(at, 'comes after the last cook; move it to the end', 'step');
    if (one.step !== 'cook') return;
    one.events.forEach(({ action }, i) => {
      if (action === 'add') refuse(at, 'only the last cook can take more food in', 'events', i, 'action');
    });
  });
  after.forEach((one, i) => {
    if (!AFTER.has(one.step)) refuse(last + 1 + i, 'comes before the last cook; move it up', 'step');
  });
  return {
    prep: before.map((one) => (one.step === 'cook' ? earlierCook(one) : one)) as PrepStep[],
    cook: steps[last] as CookStep,
    after: after as AfterStep[],
  };
}

function earlierCook({ stages, events, preheat: warm, until }: CookStep): Extract<PrepStep, { step: 'cook' }> {
  return { step: 'cook', stages, events: events as PlainEvent[], preheat: warm, until: until ?? 'stages' };
}

/** What both versions become once read: the steps before the last cook, that cook, and what follows it. */
export interface PlanFile extends Omit<
  z.output<typeof firstVersion>,
  'version' | 'prep' | 'rest' | 'target' | 'fryer'
> {
  readonly fryer: z.output<typeof firstVersion>['fryer'] & {
    readonly start_c?: number | undefined;
    readonly first_preheat?: z.output<typeof preheat> | undefined;
  };
  readonly version: 2;
  readonly loads: z.output<typeof loads>;
  readonly portions: number;
  readonly sides: z.output<typeof side>[];
  readonly prep: PrepStep[];
  readonly after: AfterStep[];
  readonly target: Wish;
}

function upgraded({ rest, prep, ...file }: z.output<typeof firstVersion>): PlanFile {
  return withWish({
    ...file,
    version: 2,
    loads: { count: 1, serve: 'as-they-come', coat: 'at-once' },
    portions: 2,
    sides: [],
    prep,
    after: rest ? [{ step: 'rest', ...rest }] : [],
  });
}

function opened({ steps, fryer: own, ...file }: z.output<typeof secondVersion>): PlanFile {
  const { stages, events, openings, preheat: warm } = steps.cook;
  const lastCook = { stages, events, ...(openings === undefined ? {} : { openings }) };
  return withWish({ ...file, fryer: { ...own, preheat: warm }, prep: steps.prep, cook: lastCook, after: steps.after });
}

function withWish(
  file: Omit<PlanFile, 'target'> & { readonly target?: z.output<typeof target> | undefined },
): PlanFile {
  const cut = file.prep.findLast((one) => one.step === 'cut')?.cut ?? file.cut;
  const usual = usualWish(foodOfFile(file.food), cutFromFile(cut), file.prep);
  return { ...file, target: { ...usual, ...file.target } };
}

/** The open plan file, versions 1 and 2: every number with its unit in the name, unknown fields refused, the wish filled in. */
export const planFileSchema = z.discriminatedUnion('version', [
  firstVersion.transform(upgraded),
  secondVersion.transform(opened),
]);

/** A plan file as written, defaults may be missing. */
export type PlanFileInput = z.input<typeof planFileSchema>;

/** Its first version. */
export type FirstPlanFile = z.input<typeof firstVersion>;

/** Its second version. */
export type SecondPlanFile = z.input<typeof secondVersion>;
