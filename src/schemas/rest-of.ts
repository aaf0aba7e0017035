import type { PlanFile } from './plan-file';
import type { AfterStep } from './plan-steps';

type Rest = Extract<AfterStep, { step: 'rest' }>;

/** The rest where a plan names none. Source: assumed; steam leaves, crust sets. */
const USUAL_REST: Rest = { step: 'rest', minutes: 2, place: 'rack', salt_g: 0 };

/** The first rest after the last cook. */
export function restOf(document: Pick<PlanFile, 'after'>): Rest {
  return document.after.find((step) => step.step === 'rest') ?? USUAL_REST;
}
