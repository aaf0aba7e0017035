/** How long a cook takes at the board against what is reckoned. */
export interface Pace {
  /** over what is reckoned: 1.6 is more than half as long again */
  readonly factor: number;
  /** steps that say so */
  readonly from: number;
}

/** Steps that say nothing, by which what few say is drawn towards the reckoned time. Source: assumed, one step. */
const PRIOR = 1;

/** Ratios beyond these are slips of the finger, not of the knife. Source: assumed. */
const BELIEVED = [0.3, 4] as const;

/**
 * The pace that steps at the board show: the mean of their ratios' logarithms, with one step that took just as long as reckoned among
 * them. @param ratios of the time taken over that reckoned
 */
export function paceOf(ratios: readonly number[]): Pace {
  const believed = ratios.filter((ratio) => ratio >= BELIEVED[0] && ratio <= BELIEVED[1]);
  const sum = believed.reduce((all, ratio) => all + Math.log(ratio), 0);
  return { factor: Math.exp(sum / (believed.length + PRIOR)), from: believed.length };
}
