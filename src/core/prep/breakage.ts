import type { DryingMethod, OilingMethod, PreparationStep } from '../plan/plan';

/** How roughly a step handles soft pieces; 1 is a rub in a towel or a toss in the bowl. Source: assumed. */
export const HANDLING: Record<Exclude<PreparationStep['step'], 'dry' | 'oil'> | DryingMethod | OilingMethod, number> = {
  rinse: 0.6,
  soak: 0.2,
  parcook: 0.3,
  press: 0.5,
  'freeze-thaw': 0,
  marinate: 0.5,
  brine: 0.2,
  drain: 0.3,
  towel: 1,
  'towel-twice': 2,
  spinner: 1.5,
  'steam-dry': 0.2,
  air: 0.1,
  toss: 1,
  spray: 0.1,
  brush: 0.4,
  starch: 0.8,
  season: 0.5,
  bind: 0,
  dredge: 1.5,
  batter: 1,
  coat: 1.5,
  dip: 0.5,
  cool: 0.1,
  chill: 0.1,
  freeze: 0.1,
  'press-flat': 0,
  cut: 0,
  cook: 0.5,
};

/** Share broken by one rough handling of a quite soft piece, per unit of length over thickness. Source: assumed. */
const BROKEN_PER_SLENDERNESS = 0.04;

/** Slenderness that counts at most. Source: assumed; longer ones bend. */
const MOST_SLENDER = 8;

/**
 * Share of pieces that break: 1 − exp(−0.04 · slenderness · handling · softness²); strength goes with the walls left whole.
 * @param softness 0–1 @param handling see HANDLING @param slenderness length over thickness
 */
export function brokenShare(softness: number, handling: number, slenderness: number): number {
  return 1 - Math.exp(-BROKEN_PER_SLENDERNESS * Math.min(MOST_SLENDER, slenderness) * handling * softness ** 2);
}

/** How roughly a step handles the pieces. */
export function handlingOf(step: PreparationStep): number {
  return HANDLING[step.step === 'dry' || step.step === 'oil' ? step.method : step.step];
}
