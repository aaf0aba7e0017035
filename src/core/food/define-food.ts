import type { Composition } from '../properties/choi-okos';
import { type LabColour, rampBetween } from './colour-ramp';
import type { Food, FoodCaution } from './food';

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
  /** K */
  readonly glass: number;
  /** s at 100 °C; 1 for what needs no softening */
  readonly softening: number;
  readonly raw: LabColour;
  readonly golden: LabColour;
  readonly cautions?: readonly FoodCaution[];
  /** K at the thermal centre that ends the cook whatever the colour, for meat, fish and egg */
  readonly safeCentre?: number;
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
    dryGlassTransition: entry.glass,
    softeningDose: entry.softening,
    ramp: rampBetween(entry.raw, entry.golden),
    cautions: entry.cautions ?? [],
    safeCentreTemperature: entry.safeCentre ?? null,
  };
}
