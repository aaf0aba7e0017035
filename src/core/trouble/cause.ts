import { divideStep } from '../plan/divide-plan';
import { type CookEvent, isMixing, type Plan, type PreparationStep } from '../plan/plan';

/** What may have spoilt a batch. */
export const CAUSES = [
  'cool-fryer',
  'hot-fryer',
  'weak-fan',
  'too-full',
  'wet-pieces',
  'uneven-cut',
  'cold-start',
  'sweet-produce',
  'few-openings',
  'little-oil',
  'much-oil',
  'heavy-coat',
  'soft-parcook',
  'much-shaking',
  'pulled-early',
  'pulled-late',
  'waited',
] as const;

/** @see CAUSES */
export type Cause = (typeof CAUSES)[number];

/** A plan as it may really have been cooked: with one cause in it, at one of its strengths. */
export interface Suspect {
  readonly cause: Cause;
  /** in the cause's own unit */
  readonly strength: number;
  readonly plan: Plan;
  /** s, when it was pulled, and how long it then waited in a bowl */
  readonly pulledAt: number;
  readonly waited: number;
}

/** Strengths at which a cause is tried, each as likely as the others. Source: assumed; what happens in kitchens, from hardly seen to plain. */
const STRENGTHS: Record<Cause, readonly number[]> = {
  /* K */
  'cool-fryer': [-12, -22],
  'hot-fryer': [12, 22],
  /* of h, over that expected */
  'weak-fan': [0.75, 0.6],
  /* of the load */
  'too-full': [1.4, 1.9],
  /* kg/m² of water beyond what drying leaves */
  'wet-pieces': [0.09, 0.2],
  /* of thickness, standard deviation over mean */
  'uneven-cut': [0.2, 0.3],
  /* K of the pieces as they come in, from a fridge */
  'cold-start': [277],
  /* of browning */
  'sweet-produce': [1.6, 2.4],
  /* of the openings left out */
  'few-openings': [1],
  /* of the oil */
  'little-oil': [0.15],
  'much-oil': [2.2, 3],
  /* of the coat */
  'heavy-coat': [1.6, 2.2],
  /* of the time in the pot */
  'soft-parcook': [1.5, 2.2],
  /* of the openings */
  'much-shaking': [2],
  /* of the time to the pull */
  'pulled-early': [0.85, 0.72],
  'pulled-late': [1.18, 1.35],
  /* s in a bowl */
  waited: [480, 1200],
};

/** How often each is behind what a cook complains of, before anything is known. Source: assumed; a full drawer, wet pieces and the clock most often. */
export const HOW_OFTEN: Record<Cause, number> = {
  'cool-fryer': 1.2,
  'hot-fryer': 1,
  'weak-fan': 0.8,
  'too-full': 1.5,
  'wet-pieces': 1.3,
  'uneven-cut': 1,
  'cold-start': 0.7,
  'sweet-produce': 1,
  'few-openings': 1,
  'little-oil': 0.7,
  'much-oil': 0.7,
  'heavy-coat': 0.8,
  'soft-parcook': 0.9,
  'much-shaking': 0.5,
  'pulled-early': 1.2,
  'pulled-late': 1.2,
  waited: 0.8,
};

const withOil = (plan: Plan, factor: number): Plan => ({
  ...plan,
  preparation: plan.preparation.map((step) => (step.step === 'oil' ? { ...step, mass: step.mass * factor } : step)),
});

/** The plan with so much more of its coat; null where it has none. */
function withCoat(plan: Plan, factor: number): Plan | null {
  let isCoated = false;
  const preparation = plan.preparation.map((step): PreparationStep => {
    if (step.step === 'starch' || step.step === 'batter') {
      isCoated = true;
      return { ...step, mass: step.mass * factor };
    }
    if (step.step === 'dredge' && step.layers === 1) {
      isCoated = true;
      return { ...step, layers: 2 };
    }
    return step;
  });
  return isCoated ? { ...plan, preparation } : null;
}

/** The plan par-cooked so much longer; null where it is not. */
function withParcook(plan: Plan, factor: number): Plan | null {
  if (!plan.preparation.some(({ step }) => step === 'parcook')) return null;
  return {
    ...plan,
    preparation: plan.preparation.map((step) =>
      step.step === 'parcook' ? { ...step, duration: step.duration * factor } : step,
    ),
  };
}

/** The plan opened once more before each time that it is mixed; null where it never is, or raw pieces are not hurt by it. */
function withMoreShaking(plan: Plan): Plan | null {
  if (!plan.preparation.some(({ step }) => step === 'parcook')) return null;
  const more = plan.events.flatMap((event, i): CookEvent[] => {
    if (!isMixing(event.action)) return [];
    const before = plan.events[i - 1]?.time ?? 0;
    return [{ time: (before + event.time) / 2, action: event.action }];
  });
  if (more.length === 0) return null;
  return { ...plan, events: [...plan.events, ...more].sort((a, b) => a.time - b.time) };
}

/** The plan with a cause in it; null where that plan cannot have it. */
export function planWith(plan: Plan, cause: Cause, strength: number): Plan | null {
  const { fryer } = plan;
  switch (cause) {
    case 'cool-fryer':
    case 'hot-fryer':
      return { ...plan, fryer: { ...fryer, thermostatOffset: fryer.thermostatOffset + strength } };
    case 'weak-fan': {
      const heatTransferCoefficient = fryer.heatTransferCoefficient * strength;
      return { ...plan, fryer: { ...fryer, heatTransferCoefficient } };
    }
    case 'too-full':
      return {
        ...plan,
        mass: plan.mass * strength,
        preparation: plan.preparation.map((step) => divideStep(step, strength)),
      };
    case 'wet-pieces':
      return { ...plan, extraFilm: (plan.extraFilm ?? 0) + strength };
    case 'uneven-cut':
      return plan.scatter < strength - 0.05 ? { ...plan, scatter: strength } : null;
    case 'cold-start':
      if (plan.startTemperature < strength + 5 && !plan.preheat) return null;
      return { ...plan, startTemperature: Math.min(plan.startTemperature, strength), preheat: null };
    case 'sweet-produce':
      return { ...plan, browningScale: plan.browningScale * strength };
    case 'few-openings': {
      const events = plan.events.filter(({ action }) => !isMixing(action));
      return events.length < plan.events.length ? { ...plan, events } : null;
    }
    case 'little-oil':
    case 'much-oil':
      return plan.preparation.some(({ step }) => step === 'oil') ? withOil(plan, strength) : null;
    case 'heavy-coat':
      return withCoat(plan, strength);
    case 'soft-parcook':
      return withParcook(plan, strength);
    case 'much-shaking':
      return withMoreShaking(plan);
    case 'pulled-early':
    case 'pulled-late':
    case 'waited':
      return plan;
  }
}

/** Every way in which this plan may have been spoilt. @param pulledAt s, when it was pulled or was to be; early and late are against `due`, when it was right */
export function suspectsOf(plan: Plan, pulledAt: number, isToldWhen: boolean, due: number): Suspect[] {
  return CAUSES.flatMap((cause) =>
    STRENGTHS[cause].flatMap((strength) => {
      const timed = cause === 'pulled-early' || cause === 'pulled-late';
      /* where it is known when it was pulled, it was early or late as it was */
      if (timed && isToldWhen && (strength < 1 ? pulledAt > 0.93 * due : pulledAt < 1.07 * due)) return [];
      const spoilt = planWith(plan, cause, strength);
      if (!spoilt) return [];
      const at = timed && !isToldWhen ? pulledAt * strength : pulledAt;
      return [{ cause, strength, plan: spoilt, pulledAt: at, waited: cause === 'waited' ? strength : 0 }];
    }),
  );
}
