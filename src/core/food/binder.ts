import { COAT_INGREDIENT_DATA } from './coat-by-recipe';

/** What is worked into a mass so that formed pieces hold. */
export const BINDERS = ['egg', 'flour', 'crumb', 'aquafaba'] as const;

/** One of them. */
export type Binder = (typeof BINDERS)[number];

/**
 * How much a binder adds to what holds a mass together, per kg of it and kg of mass, against the food's own starch and
 * protein. Source: assumed; an egg and four spoons of flour hold a pound of grated vegetable, either alone barely does.
 */
export const BINDER_STRENGTH: Record<Binder, number> = { egg: 0.5, flour: 0.6, crumb: 0.6, aquafaba: 0.3 };

/** Shares of a binder as it comes from the packet, kg/kg. */
export function binderComposition(binder: Binder): {
  readonly water: number;
  readonly sugar: number;
  readonly protein: number;
} {
  return COAT_INGREDIENT_DATA[binder];
}
