import type { Composition } from '../properties/choi-okos';
import type { CoatRecipe } from './coat';
import type { ColourRamp } from './colour-ramp';
import type { Wish } from './wish';

/** Cautions a food can carry; the words are made in the interface. */
export type FoodCaution =
  | 'green-or-sprouted'
  | 'not-in-the-fridge'
  | 'never-raw'
  | 'probe-the-centre'
  | 'allergen-soy'
  | 'allergen-milk'
  | 'allergen-gluten';

/** Everything that makes one food differ from another in the engine. SI units; shares are of the fresh mass. */
export interface Food {
  readonly id: string;
  readonly name: string;
  /** As bought and peeled, raw. Source: averages of public food-composition tables, rounded. */
  readonly composition: Composition;
  /** kg/m³ of the raw piece with its pores. */
  readonly density: number;
  /** Starch, kg per kg fresh. */
  readonly starch: number;
  /** Reducing sugars (glucose, fructose, and what sucrose gives while heating), kg per kg fresh, as usually sold. */
  readonly reducingSugar: number;
  /** the least and the most of it: new from the field, and late in the season or sweetened by cold */
  readonly sugarRange: readonly [least: number, most: number];
  /** air in the raw tissue, share of its volume: density against that of its components without pores */
  readonly porosity: number;
  /** share of a piece's place in the basket that goes with all of its water */
  readonly shrinkage: number;
  /** Glass transition of the dry solids, K; starch near 500, sugary or protein tissue lower. */
  readonly dryGlassTransition: number;
  /** Time at 100 °C in which cell walls give way to a fork, s. */
  readonly softeningDose: number;
  readonly ramp: ColourRamp;
  readonly cautions: readonly FoodCaution[];
  /** K at the thermal centre without which no piece is right, or null; a probe must confirm it */
  readonly safeCentreTemperature: number | null;
  /** free asparagine, kg per kg fresh */
  readonly asparagine: number;
  /** the coat it comes with, or null */
  readonly coat: CoatRecipe | null;
  /** what most cooks wish of it */
  readonly usualWish: Wish;
}
