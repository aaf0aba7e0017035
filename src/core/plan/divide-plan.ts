import type { CoatAmounts } from '../food/coat-by-recipe';
import type { BatchPart, CookEvent, Plan, PreparationStep } from './plan';

/** A preparation step for a share of the pieces: what is measured by mass is divided, what is done by time is repeated. */
export function divideStep(step: PreparationStep, share: number): PreparationStep {
  if (step.step === 'cook') return { ...step, events: step.events.map((event) => divideOpening(event, share)) };
  if (step.step === 'coat') return { ...step, amounts: divideAmounts(step.amounts, share) };
  return 'mass' in step ? { ...step, mass: step.mass * share } : step;
}

function divideAmounts(amounts: CoatAmounts, share: number): CoatAmounts {
  return Object.fromEntries(Object.entries(amounts).map(([name, mass]) => [name, mass * share]));
}

function divideOpening(event: CookEvent, share: number): CookEvent {
  return {
    ...event,
    ...(event.oilMass === undefined ? {} : { oilMass: event.oilMass * share }),
    ...(event.seasoning === undefined ? {} : { seasoning: event.seasoning * share }),
  };
}

/* so that shares of one plan have one preparation, which need be gone through once: see `prepareOnce` */
const divided = new WeakMap<readonly PreparationStep[], Map<number, readonly PreparationStep[]>>();

function dividePreparation(steps: readonly PreparationStep[], share: number): readonly PreparationStep[] {
  const known = divided.get(steps) ?? new Map<number, readonly PreparationStep[]>();
  divided.set(steps, known);
  const own = known.get(share) ?? steps.map((step) => divideStep(step, share));
  known.set(share, own);
  return own;
}

function dividePart<Part extends BatchPart>(part: Part, share: number): Part {
  return {
    ...part,
    mass: part.mass * share,
    preparation: dividePreparation(part.preparation, share),
  };
}

/**
 * A share of a plan: food, oil, coats and what is added are divided, openings and stages are repeated. Loads whose shares make
 * one together hold what the plan holds.
 */
export function shareOfPlan(plan: Plan, share: number): Plan {
  return {
    ...dividePart(plan, share),
    events: plan.events.map((event) => ({
      ...divideOpening(event, share),
      ...(event.part ? { part: dividePart(event.part, share) } : {}),
    })),
  };
}
