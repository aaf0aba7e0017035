import { type Composition, mixtureDensity } from '../properties/choi-okos';
import { type LabColour, rampBetween } from './colour-ramp';
import type { CoatRecipe } from './coat';
import type { Food, FoodCaution } from './food';
import { GOLDEN_AND_CRISP, type TargetColour, type TargetCrispness } from './wish';

/** What a food is entered by; shares of the fresh mass in per cent, as food tables print them. */
export interface FoodEntry {
  readonly id: string;
  readonly name: string;
  /** g per 100 g: water, protein, fat, carbohydrate without fibre, fibre; the rest to 100 is ash */
  readonly per100g: readonly [water: number, protein: number, fat: number, carbohydrate: number, fibre: number];
  /** kg/m³ */
  readonly density: number;
  /** g per 100 g */
  readonly starch: number;
  /** g per 100 g, reducing and what turns reducing while heating */
  readonly sugar: number;
  /** the least and the most of it; 0.6 and 1.6 times where not given, assumed */
  readonly sugarRange?: readonly [least: number, most: number];
  /** free asparagine, g per 100 g */
  readonly asparagine: number;
  /** K */
  readonly glass: number;
  /** s at 100 °C; 1 for what needs no softening */
  readonly softening: number;
  readonly raw: LabColour;
  readonly golden: LabColour;
  readonly cautions?: readonly FoodCaution[];
  /** K at the thermal centre that ends the cook whatever the colour, for meat, fish and egg */
  readonly safeCentre?: number;
  /** golden and crisp where not given */
  readonly wish?: readonly [colour: TargetColour, crispness: TargetCrispness];
  /** where it is sold with one; the shares are those of what lies inside */
  readonly coat?: CoatRecipe;
}

/**
 * Place that goes with the water: what starch or protein holds up keeps its shape, watery tissue collapses.
 * Source: 0.7 for potato, design estimate; potato strips and apple or courgette slices differ by their solids, slope assumed.
 */
const COLLAPSE = { none: 0.85, bySolids: 0.7 } as const;

/** Porosity 1 − ρ/ρ(without pores), and how far the tissue collapses as it dries. */
export function structureOf(
  composition: Composition,
  density: number,
  starch: number,
): Pick<Food, 'porosity' | 'shrinkage'> {
  const framework = starch + composition.protein;
  return {
    porosity: Math.max(0, 1 - density / mixtureDensity(composition, 20)),
    shrinkage: Math.max(0.4, COLLAPSE.none - COLLAPSE.bySolids * framework),
  };
}

/** Turns an entry into a food. @throws when the shares do not fit into 100 g */
export function defineFood(entry: FoodEntry): Food {
  const [water, protein, fat, carbohydrate, fibre] = entry.per100g.map((grams) => grams / 100) as [
    number,
    number,
    number,
    number,
    number,
  ];
  const ash = 1 - water - protein - fat - carbohydrate - fibre;
  if (ash < -1e-9) throw new Error(`${entry.id}: shares add up to more than 100 g`);
  const composition: Composition = { water, protein, fat, carbohydrate, fibre, ash: Math.max(0, ash) };
  return {
    id: entry.id,
    name: entry.name,
    composition,
    density: entry.density,
    starch: entry.starch / 100,
    reducingSugar: entry.sugar / 100,
    sugarRange: (entry.sugarRange ?? [0.6 * entry.sugar, 1.6 * entry.sugar]).map((grams) => grams / 100) as [
      number,
      number,
    ],
    ...structureOf(composition, entry.density, entry.starch / 100),
    dryGlassTransition: entry.glass,
    softeningDose: entry.softening,
    ramp: rampBetween(entry.raw, entry.golden),
    cautions: entry.cautions ?? [],
    safeCentreTemperature: entry.safeCentre ?? null,
    asparagine: entry.asparagine / 100,
    coat: entry.coat ?? null,
    usualWish: entry.wish ? { colour: entry.wish[0], crispness: entry.wish[1] } : GOLDEN_AND_CRISP,
  };
}
