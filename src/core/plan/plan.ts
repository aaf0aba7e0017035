import type { Cut } from '../cut/cut';
import type { Binder } from '../food/binder';
import type { CoatAmounts } from '../food/coat-by-recipe';
import type { Food } from '../food/food';
import type { OilKind } from '../food/oil-kind';
import type { Wish } from '../food/wish';
import type { Fryer } from '../plan/fryer';

/** How wet pieces are dried before the oil; steam-dry and air take their time, the others are the cook's hands. */
export type DryingMethod = 'drain' | 'towel' | 'towel-twice' | 'spinner' | 'steam-dry' | 'air';

/** How pieces are cooked before the fryer. */
export type ParcookMethod = 'boil' | 'steam' | 'microwave' | 'pressure' | 'hot-soak' | 'par-fry';

/** How oil gets onto the pieces. */
export type OilingMethod = 'toss' | 'spray' | 'brush';

/** What pieces are dipped into, for seconds. */
export type DipBath = 'water' | 'salted' | 'acid' | 'garlic';

/** What ends a cook that others follow: its stages, hearts soft enough to press flat, or the first colour. */
export type CookEnd = 'stages' | 'soft' | 'pale';

/** A cook before the last one: what comes out of it is worked on further. */
export interface EarlierCook {
  readonly step: 'cook';
  readonly stages: readonly Stage[];
  readonly events: readonly CookEvent[];
  readonly preheat: Stage | null;
  readonly until: CookEnd;
}

/** What is done before the fryer, in the order done. SI units. */
export type PreparationStep =
  | { readonly step: 'rinse'; readonly changes: number }
  | { readonly step: 'soak'; readonly waterTemperature: number; readonly duration: number }
  | {
      readonly step: 'parcook';
      readonly method: ParcookMethod;
      readonly duration: number;
      readonly waterTemperature: number;
    }
  | { readonly step: 'press'; readonly duration: number }
  | { readonly step: 'freeze-thaw' }
  | { readonly step: 'marinate'; readonly duration: number; readonly place: 'kitchen' | 'fridge' }
  | { readonly step: 'brine'; readonly duration: number }
  | { readonly step: 'dry'; readonly method: DryingMethod; readonly duration: number | null }
  | { readonly step: 'oil'; readonly mass: number; readonly method: OilingMethod; readonly kind?: OilKind }
  | { readonly step: 'starch'; readonly mass: number }
  | { readonly step: 'season'; readonly mass: number; readonly saltShare: number }
  | { readonly step: 'bind'; readonly binder: Binder; readonly mass: number }
  | { readonly step: 'dredge'; readonly layers: 1 | 2 }
  | { readonly step: 'batter'; readonly mass: number }
  | { readonly step: 'coat'; readonly amounts: CoatAmounts }
  | { readonly step: 'dip'; readonly bath: DipBath; readonly duration: number }
  | { readonly step: 'cool'; readonly duration: number }
  | { readonly step: 'chill'; readonly duration: number }
  | { readonly step: 'freeze'; readonly duration: number }
  | { readonly step: 'press-flat'; readonly thickness: number }
  | { readonly step: 'cut'; readonly cut: Cut; readonly scatter: number }
  | EarlierCook;

/** One temperature on the dial, K, for a while, s. */
export interface Stage {
  readonly duration: number;
  readonly temperature: number;
}

/** What the cook does at the drawer. */
export type CookAction = 'shake' | 'toss' | 'flip' | 'open' | 'swap' | 'pull' | 'oil' | 'season' | 'add';

/** Which pieces an opening takes out: those that are right, or a third of those in the basket. */
export type Pulled = 'right' | 'darkest' | 'palest';

/** Whether an opening only mixes or turns; the others carry something of their own. */
export function isMixing(action: CookAction): action is 'shake' | 'toss' | 'flip' {
  return action === 'shake' || action === 'toss' || action === 'flip';
}

/** An opening of the drawer, s after the start, with what it brings or takes; kg of oil where it is oiled again, the pieces where some are put in. */
export interface CookEvent {
  readonly time: number;
  readonly action: CookAction;
  readonly oilMass?: number;
  /** kg of salt and spice */
  readonly seasoning?: number;
  /** where pieces are pulled; those that are right unless given */
  readonly pulled?: Pulled;
  readonly part?: BatchPart;
}

/** Pieces that go into the basket together. */
export interface BatchPart {
  readonly food: Food;
  /** kg reducing sugars per kg fresh, as bought and kept; see `sugarOf` */
  readonly reducingSugar: number;
  readonly cut: Cut;
  /** standard deviation of thickness over its mean */
  readonly scatter: number;
  /** kg of cut pieces */
  readonly mass: number;
  /** K, of the pieces when the first step begins */
  readonly startTemperature: number;
  readonly preparation: readonly PreparationStep[];
  readonly target: Wish;
}

/** A cook described completely: the engine needs nothing else. SI units. */
export interface Plan extends BatchPart {
  readonly name: string;
  readonly fryer: Fryer;
  /** each drawer of it, where they are known to differ; `fryer` is the one this load goes into */
  readonly drawers?: readonly Fryer[];
  readonly preheat: Stage | null;
  /** K of the fryer when the pieces go in after another load; the kitchen's where not given, before any preheat */
  readonly fryerTemperature?: number;
  /** factor on browning that belongs to this kitchen or member of an ensemble; 1 unless learnt */
  readonly browningScale: number;
  /** how far fryer and food may lie from this; that of a kitchen that knows nothing unless learnt, see `Spread` */
  readonly spread?: readonly number[];
  /** thicker pieces are laid over the stronger places of the floor, where these are known; else as they fall */
  readonly thickToStrong?: boolean;
  /** kg/m² of water on the pieces beyond what preparation leaves; none unless a slip is tried */
  readonly extraFilm?: number;
  readonly stages: readonly Stage[];
  readonly events: readonly CookEvent[];
  /** s from the pull to the table: rest, dressing, refresh */
  readonly toTable: number;
  /** how many loads like this one there are; one unless given */
  readonly loads?: number;
}

/** What is loaded at the start and what is added later, in the order it goes in. */
export function planParts(plan: Plan): BatchPart[] {
  const added = [...plan.events].sort((a, b) => a.time - b.time).flatMap((event) => event.part ?? []);
  return [plan, ...added];
}

/** Duration of all stages, s. */
export function cookDuration(plan: Pick<Plan, 'stages'>): number {
  return plan.stages.reduce((sum, stage) => sum + stage.duration, 0);
}

/** Temperature on the dial at `time` s; the last stage holds on. */
export function dialTemperature(stages: readonly Stage[], time: number): number {
  let end = 0;
  for (const stage of stages) {
    end += stage.duration;
    if (time < end) return stage.temperature;
  }
  return stages[stages.length - 1]!.temperature;
}
