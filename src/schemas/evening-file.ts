import { z } from 'zod';
import { TABLE } from '../core/evening/table-way';
import { TABLE_MANNERS } from '../core/evening/waiting-loss';
import { eveningStepSchema as stepId } from './evening-event';
import { planFileSchema } from './plan-file';
import { writePlanFile } from './write-plan';

/** Where a step of the cook's own stands while it lasts. */
export const OWN_PLACES = ['board', 'sink', 'ring', 'oven', 'fridge', 'aside'] as const;

/** @see OWN_PLACES */
export type OwnPlace = (typeof OWN_PLACES)[number];

/** What an evening may be. */
export const EVENING_LIMITS = {
  people: [1, 30],
  dishes: 8,
  steps: 12,
  cooks: 3,
  fryers: 3,
  rings: 6,
  minutes: 1440,
} as const;

const words = (most: number) => z.string().trim().min(1).max(most);
const id = z.string().regex(/^[a-z0-9-]{1,40}$/);

const ownStep = z.strictObject({
  word: words(60),
  hands_min: z.number().min(0).max(180),
  waits_min: z.number().min(0).max(EVENING_LIMITS.minutes).default(0),
  place: z.enum(OWN_PLACES).default('aside'),
  /** how long it may lie before the next; as long as it likes unless given */
  most_min: z.number().min(0).max(EVENING_LIMITS.minutes).optional(),
});

const dish = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('plan'), id, plan: planFileSchema }),
  z.strictObject({
    kind: z.literal('own'),
    id,
    name: words(60),
    at_table: z.enum(TABLE_MANNERS),
    steps: z.array(ownStep).min(1).max(EVENING_LIMITS.steps),
    /** what is bought for it, a line each, for the people of the evening */
    needs: z.array(words(80)).max(30).default([]),
  }),
]);

/** An evening as it is kept and goes out: dishes, people, hands, fryers, and what the cook has settled. */
export const eveningFileSchema = z
  .strictObject({
    format: z.literal('drubek.evening'),
    version: z.literal(1),
    name: words(120),
    /** on the table at */
    serve_at: z.iso.datetime(),
    people: z.int().min(EVENING_LIMITS.people[0]).max(EVENING_LIMITS.people[1]),
    cooks: z.array(words(30)).min(1).max(EVENING_LIMITS.cooks),
    boards: z.int().min(1).max(3).default(1),
    rings: z.int().min(0).max(EVENING_LIMITS.rings).default(4),
    /** shelves of the oven; none where there is no oven */
    oven_shelves: z.int().min(0).max(4).default(2),
    fryers: z
      .array(z.strictObject({ fryer_id: z.uuid(), drawers: z.union([z.literal(1), z.literal(2)]).default(1) }))
      .min(1)
      .max(EVENING_LIMITS.fryers),
    dishes: z.array(dish).max(EVENING_LIMITS.dishes),
    /** steps that begin when the cook says */
    pins: z
      .array(z.strictObject({ step: stepId, at: z.iso.datetime() }))
      .max(100)
      .default([]),
    /** steps that one cook does, by the cook's place in the list */
    hands: z.record(stepId, z.int().min(0).max(2)).default({}),
    /** what goes into which fryer, one after the other, where the cook has taken an order */
    order: z
      .array(z.strictObject({ fryer_id: z.uuid(), steps: z.array(stepId).max(60) }))
      .max(EVENING_LIMITS.fryers)
      .optional(),
  })
  .superRefine((own, context) => {
    const ids = own.dishes.map((one) => one.id);
    if (new Set([TABLE, ...ids]).size > ids.length) return;
    const message = 'two dishes have the same id, or one is called as the table is';
    context.addIssue({ code: 'custom', path: ['dishes'], message, input: own.dishes });
  });

/** @see eveningFileSchema */
export type EveningFile = z.output<typeof eveningFileSchema>;

/** @see eveningFileSchema */
export type EveningDishFile = EveningFile['dishes'][number];

/** A dish of the cook's own. */
export type OwnDishFile = Extract<EveningDishFile, { kind: 'own' }>;

/** What a dish is called. */
export function dishName(dish: EveningDishFile): string {
  return dish.kind === 'plan' ? dish.plan.name : dish.name;
}

/** An evening as a file, its plans as plan files. */
export function writeEveningFile({ dishes, ...evening }: EveningFile) {
  return {
    ...evening,
    dishes: dishes.map((one) => (one.kind === 'plan' ? { ...one, plan: writePlanFile(one.plan) } : one)),
  };
}

/** @see writeEveningFile */
export type WrittenEvening = ReturnType<typeof writeEveningFile>;
