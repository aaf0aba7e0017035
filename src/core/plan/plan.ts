import type { Cut } from '../cut/cut';
import type { Food } from '../food/food';
import type { Fryer } from '../fryer/fryer';

/** How wet pieces are dried before the oil. */
export type DryingMethod = 'drain' | 'towel' | 'towel-twice' | 'spinner';

/** What is done before the fryer, in the order done. SI units. */
export type PreparationStep =
  | { readonly step: 'rinse'; readonly changes: number }
  | { readonly step: 'soak'; readonly waterTemperature: number; readonly duration: number }
  | { readonly step: 'dry'; readonly method: DryingMethod }
  | { readonly step: 'oil'; readonly mass: number };

/** One temperature on the dial, K, for a while, s. */
export interface Stage {
  readonly duration: number;
  readonly temperature: number;
}

/** What the cook does at the drawer. */
export type CookAction = 'shake' | 'toss' | 'flip' | 'open';

/** An opening of the drawer, s after the start. */
export interface CookEvent {
  readonly time: number;
  readonly action: CookAction;
}

/** The colour wished for. */
export type TargetColour = 'pale' | 'golden' | 'brown';

/** The bite wished for. */
export type TargetCrispness = 'tender' | 'crisp' | 'very-crisp';

/** A cook described completely: the engine needs nothing else. SI units. */
export interface Plan {
  readonly name: string;
  readonly food: Food;
  readonly cut: Cut;
  /** standard deviation of thickness over its mean */
  readonly scatter: number;
  /** kg of cut pieces */
  readonly mass: number;
  /** K, of the pieces when the first step begins */
  readonly startTemperature: number;
  readonly preparation: readonly PreparationStep[];
  readonly fryer: Fryer;
  readonly preheat: Stage | null;
  /** factor on browning that belongs to this kitchen or member of an ensemble; 1 unless learnt */
  readonly browningScale: number;
  readonly stages: readonly Stage[];
  readonly events: readonly CookEvent[];
  readonly target: { readonly colour: TargetColour; readonly crispness: TargetCrispness };
}

/** Duration of all stages, s. */
export function cookDuration(plan: Plan): number {
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
