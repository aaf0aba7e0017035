import type { EveningDishFile, EveningFile } from '../schemas/evening-file';
import type { PlanFile } from '../schemas/plan-file';
import { dishOf } from '../core/evening/evening-run';
import { SERVE, TABLE } from '../core/evening/table-way';
import { withLoad } from './amounts';
import { withLoads } from './edit-loads';
import { ownDishFor } from './own-dishes';
import { PLAN_LIMITS } from '../schemas/plan-limits';

/** Hour at which an evening begins to be on the table, and how long before it is too late for today, h. Source: chosen. */
const AT_TABLE = 19;
const AHEAD = 2;

/** Seven in the evening, today if there is still time. */
export function nextEvening(now: Date): Date {
  const at = new Date(now);
  at.setHours(AT_TABLE, 0, 0, 0);
  if (at.getTime() - now.getTime() < AHEAD * 3_600_000) at.setDate(at.getDate() + 1);
  return at;
}

/** An evening to begin with, nothing on the table yet. */
export function newEvening(name: string, serveAt: Date, fryerIds: readonly string[]): EveningFile {
  return {
    format: 'drubek.evening',
    version: 1,
    name,
    serve_at: serveAt.toISOString(),
    people: 4,
    cooks: ['A'],
    boards: 1,
    rings: 4,
    oven_shelves: 2,
    fryers: fryerIds.slice(0, 3).map((fryer_id) => ({ fryer_id, drawers: 1 as const })),
    dishes: [],
    pins: [],
    hands: {},
  };
}

/** What names steps that may no longer be there goes with them. */
function settled(evening: EveningFile): EveningFile {
  const ids = new Set(evening.dishes.map(({ id }) => id));
  const isThere = (step: string) => step === SERVE || ids.has(dishOf(step));
  return {
    ...evening,
    pins: evening.pins.filter(({ step }) => isThere(step)),
    hands: Object.fromEntries(Object.entries(evening.hands).filter(([step]) => isThere(step))),
    order: evening.order?.every(({ steps }) => steps.every(isThere)) ? evening.order : undefined,
  };
}

/** The evening with one dish more; an order that was taken no longer holds. */
export function withDish(evening: EveningFile, dish: EveningDishFile): EveningFile {
  return { ...evening, dishes: [...evening.dishes, dish], order: undefined };
}

export function withoutDish(evening: EveningFile, id: string): EveningFile {
  return settled({ ...evening, dishes: evening.dishes.filter((dish) => dish.id !== id), order: undefined });
}

/** A plan for other guests: its amounts follow, in as many loads as keep each about as deep; its way stays. */
export function planForPeople(plan: PlanFile, people: number): PlanFile {
  const [least, most] = PLAN_LIMITS.massG;
  const grams = Math.min(most, Math.max(least, Math.round(((plan.mass_g / plan.portions) * people) / 5) * 5));
  const perLoad = plan.mass_g / plan.loads.count;
  const count = Math.min(MOST_LOADS, Math.max(1, Math.ceil(grams / perLoad - DEEPER)));
  const more = count === plan.loads.count ? plan : withLoads(plan, count);
  return { ...withLoad(more, grams), portions: people };
}

/** Most loads of a plan, and how much of one more than planned still goes into a load. Source: as in `planOfWay`. */
const MOST_LOADS = 6;
const DEEPER = 0.15;

/** The evening for other guests; every dish follows. */
export function withPeople(evening: EveningFile, people: number): EveningFile {
  return {
    ...evening,
    people,
    dishes: evening.dishes.map((dish) =>
      dish.kind === 'plan'
        ? { ...dish, plan: planForPeople(dish.plan, people) }
        : ownDishFor(dish, dish.id, evening.people, people),
    ),
  };
}

/** The evening at another time; what was pinned moves along. */
export function servedAt(evening: EveningFile, serveAt: Date): EveningFile {
  const by = serveAt.getTime() - Date.parse(evening.serve_at);
  return {
    ...evening,
    serve_at: serveAt.toISOString(),
    pins: evening.pins.map(({ step, at }) => ({ step, at: new Date(Date.parse(at) + by).toISOString() })),
  };
}

/** The evening with a step that begins when the cook says, or with null when it fits best. @param at ms since 1970 */
export function withPin(evening: EveningFile, step: string, at: number | null): EveningFile {
  const others = evening.pins.filter((pin) => pin.step !== step);
  return { ...evening, pins: at === null ? others : [...others, { step, at: new Date(at).toISOString() }] };
}

/** The evening with a step that belongs to one cook, or with null to whoever is free. */
export function withHands(evening: EveningFile, step: string, cook: number | null): EveningFile {
  const hands = { ...evening.hands };
  if (cook === null) delete hands[step];
  else hands[step] = cook;
  return { ...evening, hands };
}

/** The evening with its loads in this order, each fryer's one after the other. */
export function withOrder(evening: EveningFile, order: NonNullable<EveningFile['order']>): EveningFile {
  return { ...evening, order };
}

/** An id for a dish that no other of the evening has. */
export function newDishId(evening: EveningFile, name: string): string {
  const word =
    name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 24) || 'dish';
  const ids = new Set([TABLE, ...evening.dishes.map(({ id }) => id)]);
  for (let n = 1; ; n++) {
    const id = n === 1 ? word : `${word}-${n}`;
    if (!ids.has(id)) return id;
  }
}

/** The evening with fryers of this kitchen: those it does not have give way to the first it has that are not in it yet. @param fryerIds the kitchen's, at least one */
export function inFryers(evening: EveningFile, fryerIds: readonly string[]): EveningFile {
  const known = new Set(fryerIds);
  const free = fryerIds.filter((id) => !evening.fryers.some(({ fryer_id }) => fryer_id === id));
  const become = new Map<string, string>();
  const fryers = evening.fryers.flatMap((fryer) => {
    const own = known.has(fryer.fryer_id) ? fryer.fryer_id : free.shift();
    if (own === undefined) return [];
    become.set(fryer.fryer_id, own);
    return [{ ...fryer, fryer_id: own }];
  });
  if ([...become].every(([from, to]) => from === to) && fryers.length === evening.fryers.length) return evening;
  /* an order is for the fryers it was made for */
  return {
    ...evening,
    fryers: fryers.length > 0 ? fryers : [{ fryer_id: fryerIds[0]!, drawers: 1 }],
    order: undefined,
  };
}
