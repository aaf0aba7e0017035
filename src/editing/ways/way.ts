import type { PlanFile } from '../../schemas/plan-file';
import type { PrepStep } from '../../schemas/plan-steps';

/** A step of a way, with amounts that go by the pieces: grams follow from their surface or weight. */
export type WayStep =
  | Exclude<PrepStep, { step: 'oil' | 'starch' | 'season' | 'batter' | 'bind' | 'coat' | 'cook' }>
  /** g of oil on a square metre of cut surface */
  | { readonly step: 'oil'; readonly film_g_m2: number }
  /** g on 100 g of pieces */
  | { readonly step: 'starch' | 'batter'; readonly per_100_g: number }
  | { readonly step: 'season'; readonly per_100_g: number; readonly salt_share: number };

/** One usual way of making a food: a whole plan but for who eats and which fryer. How long it takes is computed, never kept here. */
export interface Way {
  /** unique among the ways of its food; stands in addresses */
  readonly id: string;
  readonly name: string;
  /** what it gives, in one line */
  readonly gives: string;
  readonly cut: PlanFile['cut'];
  readonly prep: readonly WayStep[];
  /** dial, °C */
  readonly dial: number;
  /** longest time it is simulated for, min */
  readonly upTo: number;
  /** cut weight that one person eats of it beside other things, g */
  readonly each: number;
  /** most layers in which it goes into the basket: what is more goes in as another load */
  readonly layers: number;
  /** what is wished of it; what is usually wished of the food so cut and coated unless given, see `wishOfWay` */
  readonly wish?: PlanFile['target'];
  /** ways of a food with the same word here are two schools of one question */
  readonly school?: string;
  readonly startC?: number;
}
