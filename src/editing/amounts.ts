import type { PlanFile } from '../schemas/plan-file';
import type { AfterStep, PrepStep } from '../schemas/plan-steps';

type AnyStep = PrepStep | AfterStep;

/** What of a step is weighed out for the load. */
const WEIGHED = [
  'mass_g',
  'salt_g',
  'crumb_g',
  'flour_g',
  'egg_g',
  'aquafaba_g',
  'mustard_g',
  'cheese_g',
  'nuts_g',
  'seeds_g',
  'herbs_g',
  'sugar_g',
] as const;

type Weighed = Partial<Record<(typeof WEIGHED)[number], number>>;

/** The load for which the cook has set a step's amount, g; undefined where it follows. */
function setFor(step: AnyStep): number | undefined {
  return 'set_for_g' in step ? step.set_for_g : undefined;
}

/** g of all that is weighed out for a step. */
function amountOf(step: AnyStep): number {
  return WEIGHED.reduce((sum, name) => sum + ((step as Weighed)[name] ?? 0), 0);
}

const toTenths = (grams: number) => Math.round(grams * 10) / 10;

/** A step or an opening for `share` times the load. */
function scaled<Step extends object>(step: Step, share: number): Step {
  const amounts = WEIGHED.flatMap((name) => {
    const grams = (step as Weighed)[name];
    return grams === undefined ? [] : [[name, toTenths(grams * share)] as const];
  });
  return amounts.length === 0 ? step : { ...step, ...Object.fromEntries(amounts) };
}

/** The plan with another load; what is weighed out for it goes along, but for amounts that the cook has set. */
export function withLoad(document: PlanFile, massG: number): PlanFile {
  const share = massG / document.mass_g;
  const follow = <Step extends AnyStep>(step: Step) => (setFor(step) === undefined ? scaled(step, share) : step);
  return {
    ...document,
    mass_g: massG,
    prep: document.prep.map(follow),
    after: document.after.map(follow),
    cook: {
      ...document.cook,
      /* what goes in on the way has a mass of its own */
      events: document.cook.events.map((event) => (event.action === 'add' ? event : scaled(event, share))),
    },
  };
}

/** A step of which the cook has changed the amount, marked as set for this load; another stays as it is. */
export function markedAsSet<Step extends AnyStep>(
  document: Pick<PlanFile, 'mass_g'>,
  before: AnyStep,
  step: Step,
): Step {
  return amountOf(before) === amountOf(step) ? step : { ...step, set_for_g: document.mass_g };
}

/** An amount that stayed as the cook set it while the load changed. */
export interface KeptAmount {
  readonly step: AnyStep['step'];
  /** g, as set, and what it would be for this load */
  readonly grams: number;
  readonly following: number;
  /** g, the load it was set for */
  readonly setFor: number;
}

/** The amounts that stayed behind when the load changed. */
export function keptAmounts(document: PlanFile): KeptAmount[] {
  return [...document.prep, ...document.after].flatMap((step) => {
    const load = setFor(step);
    if (load === undefined || load === document.mass_g) return [];
    const grams = amountOf(step);
    return [{ step: step.step, grams, following: toTenths((grams * document.mass_g) / load), setFor: load }];
  });
}

/** The plan with every amount as much as its load wants, and following it from now on. */
export function withAmountsFollowing(document: PlanFile): PlanFile {
  const follow = <Step extends AnyStep>(step: Step): Step => {
    const load = setFor(step);
    if (load === undefined) return step;
    const free = { ...scaled(step, document.mass_g / load) } as Step & { set_for_g?: number };
    delete free.set_for_g;
    return free;
  };
  return { ...document, prep: document.prep.map(follow), after: document.after.map(follow) };
}
