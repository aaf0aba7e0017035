import { batchYield } from '../cut/batch-yield';
import { type Plan, planParts } from '../plan/plan';
import type { Preparation } from '../prep/prepare-batch';

/** Where the oil of a batch goes, kg for the whole of it. */
export interface OilBudget {
  /** taken from the bottle, in the bowl and at later openings, for all parts */
  readonly used: number;
  /** that stays on what is loaded first */
  readonly held: number;
  /** that drips off it into the drawer */
  readonly dripping: number;
  /** that the same pieces would take up in deep frying */
  readonly deepFried: number;
  /** kg/m² of cut surface, as held */
  readonly film: number;
}

/**
 * Oil that deep frying leaves on cut surface, kg/m². Source: uptake goes with the surface and comes in while cooling (Ufheil &
 * Escher 1996); 0.14 gives sticks of 10 mm some 9 % and chips of 1.5 mm some 35–40 % of their finished mass, the usual figures;
 * from memory, assumed.
 */
const DEEP_FRIED_FILM = 0.14;

/** The oil of a plan against deep frying. */
export function oilBudget(plan: Plan, prepared: Preparation): OilBudget {
  const { surface } = batchYield(plan.food, plan.cut, plan.mass);
  const inBowls = planParts(plan).flatMap((part) =>
    part.preparation.map((step) => (step.step === 'oil' ? step.mass : 0)),
  );
  const held = prepared.flows.reduce((sum, { substance, mass }) => (substance === 'oil' ? sum + mass : sum), 0);
  const later = plan.events.map((event) => event.oilMass ?? 0);
  return {
    used: [...inBowls, ...later].reduce((sum, mass) => sum + mass, 0),
    held,
    dripping: prepared.oilDripping,
    deepFried: DEEP_FRIED_FILM * surface,
    film: prepared.oilFilm,
  };
}
