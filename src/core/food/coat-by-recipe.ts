import { type LabColour, rampBetween } from './colour-ramp';
import type { CoatRecipe } from './coat';

/** What goes into a coat of one's own; binders make it cling. */
export const COAT_INGREDIENTS = [
  'crumb',
  'flour',
  'egg',
  'aquafaba',
  'mustard',
  'cheese',
  'nuts',
  'seeds',
  'herbs',
  'sugar',
] as const;

/** One of them. */
export type CoatIngredient = (typeof COAT_INGREDIENTS)[number];

/** kg of each. */
export type CoatAmounts = Partial<Record<CoatIngredient, number>>;

interface Ingredient {
  /** shares of what comes out of the packet */
  readonly water: number;
  readonly sugar: number;
  readonly protein: number;
  readonly asparagine: number;
  /** K, of its dry solids */
  readonly glass: number;
  readonly raw: LabColour;
  readonly golden: LabColour;
}

/**
 * Source: food-composition tables, rounded: dry crumb 6 % water, 13 % protein, 3.5 % sugar; wheat flour 13, 11, 1; egg 76, 12.5, 0.4;
 * aquafaba 93, 1, 1; mustard 80, 5, 2; hard cheese 30, 33, 0; nuts 4, 20, 4; seeds 5, 20, 1; fresh herbs 85, 3, 1; asparagine of
 * wheat 0.2 g/kg, of nuts 1 to 2 g/kg. Glass and colours assumed from their starch, protein and fat.
 */
export const COAT_INGREDIENT_DATA: Readonly<Record<CoatIngredient, Ingredient>> = {
  crumb: {
    water: 0.06,
    sugar: 0.035,
    protein: 0.13,
    asparagine: 2e-4,
    glass: 480,
    raw: [84, 3, 24],
    golden: [64, 15, 44],
  },
  flour: {
    water: 0.13,
    sugar: 0.01,
    protein: 0.11,
    asparagine: 2e-4,
    glass: 485,
    raw: [92, 0, 12],
    golden: [68, 13, 42],
  },
  egg: { water: 0.76, sugar: 0.004, protein: 0.125, asparagine: 0, glass: 455, raw: [84, 4, 40], golden: [62, 16, 46] },
  aquafaba: {
    water: 0.93,
    sugar: 0.01,
    protein: 0.01,
    asparagine: 1e-4,
    glass: 470,
    raw: [86, 0, 16],
    golden: [68, 12, 40],
  },
  mustard: {
    water: 0.8,
    sugar: 0.02,
    protein: 0.05,
    asparagine: 1e-4,
    glass: 440,
    raw: [72, 6, 50],
    golden: [56, 16, 44],
  },
  cheese: { water: 0.3, sugar: 0, protein: 0.33, asparagine: 2e-4, glass: 430, raw: [84, 2, 32], golden: [60, 18, 46] },
  nuts: {
    water: 0.04,
    sugar: 0.04,
    protein: 0.2,
    asparagine: 1.5e-3,
    glass: 440,
    raw: [78, 4, 24],
    golden: [56, 15, 36],
  },
  seeds: {
    water: 0.05,
    sugar: 0.01,
    protein: 0.2,
    asparagine: 5e-4,
    glass: 440,
    raw: [80, 3, 20],
    golden: [58, 13, 34],
  },
  herbs: {
    water: 0.85,
    sugar: 0.01,
    protein: 0.03,
    asparagine: 3e-4,
    glass: 430,
    raw: [46, -18, 28],
    golden: [38, -6, 24],
  },
  sugar: { water: 0, sugar: 1, protein: 0, asparagine: 0, glass: 340, raw: [94, 0, 4], golden: [52, 18, 44] },
};

/** Solids per volume as laid and water with all pores full. Source: as the crumb of `coat.ts`. */
const SOLIDS_DENSITY = 433;
const FULL_MOISTURE = 1.6;

/** Wettest that a coat clings, kg/kg; what is more runs off into the bowl. Source: assumed, as a batter. */
const WETTEST = 1.2;

/** A coat by its ingredients, and its kg of dry solids; null where there are none. Everything is mixed by solids. */
export function coatByRecipe(amounts: CoatAmounts): { readonly recipe: CoatRecipe; readonly solids: number } | null {
  let [solids, water, sugar, protein, asparagine, glass] = [0, 0, 0, 0, 0, 0];
  const raw = [0, 0, 0];
  const golden = [0, 0, 0];
  for (const name of COAT_INGREDIENTS) {
    const mass = amounts[name] ?? 0;
    const own = COAT_INGREDIENT_DATA[name];
    const dry = mass * (1 - own.water);
    solids += dry;
    water += mass * own.water;
    sugar += mass * own.sugar;
    protein += mass * own.protein;
    asparagine += mass * own.asparagine;
    glass += dry * own.glass;
    for (let i = 0; i < 3; i++) {
      raw[i]! += dry * own.raw[i]!;
      golden[i]! += dry * own.golden[i]!;
    }
  }
  if (solids <= 0) return null;
  const mean = (sums: number[]): LabColour => [sums[0]! / solids, sums[1]! / solids, sums[2]! / solids];
  return {
    solids,
    recipe: {
      moisture: Math.min(WETTEST, water / solids),
      solidsDensity: SOLIDS_DENSITY,
      fullMoisture: FULL_MOISTURE,
      sugar: sugar / solids,
      protein: protein / solids,
      asparagine: asparagine / solids,
      dryGlassTransition: glass / solids,
      ramp: rampBetween(mean(raw), mean(golden)),
    },
  };
}

/** The ingredient that most of a coat's dry solids are of; null where there are none. */
export function heaviestOf(amounts: CoatAmounts): CoatIngredient | null {
  const dry = (name: CoatIngredient) => (amounts[name] ?? 0) * (1 - COAT_INGREDIENT_DATA[name].water);
  const heaviest = COAT_INGREDIENTS.reduce((most, name) => (dry(name) > dry(most) ? name : most));
  return dry(heaviest) > 0 ? heaviest : null;
}
