import type { PlanOutcome } from '../../core/forecast/plan-outcome';
import { halfMinutes, wholeMinutes } from './format';

/** Differences below these are not worth a word. Source: assumed, below what a cook could tell. */
const NOTICED = { pull: 15, share: 0.02, window: 30, hands: 30, prep: 60 };

/** A stretch of time to the half minute: ½ min, 12 min. */
export function stretchText(seconds: number): string {
  return `${halfMinutes(Math.abs(seconds))} min`;
}

/** The price of choosing `other`: in words, that it is being worked out (undefined), or that it cannot be (null). */
export function priceOf(
  base: PlanOutcome | null | undefined,
  other: PlanOutcome | null | undefined,
  most: number,
): string {
  if (base === null || other === null) return 'cannot be worked out';
  return base && other ? priceText(base, other, most) : '…';
}

/**
 * What choosing `other` instead of `base` costs and buys, most telling first: sooner or later from the fryer, share right, window,
 * acrylamide band, time before the fryer.
 */
export function priceText(base: PlanOutcome, other: PlanOutcome, most = 3): string {
  const words: string[] = [];
  if (base.atFryer !== null && other.atFryer !== null) {
    const later = other.atFryer - base.atFryer;
    if (Math.abs(later) >= NOTICED.pull) words.push(`${stretchText(later)} ${later > 0 ? 'later' : 'sooner'}`);
  } else if (base.pullTime !== null) words.push('not done in time');
  else if (other.pullTime !== null) words.push(`pulled after about ${wholeMinutes(other.pullTime)} min`);
  const share = other.peakShare - base.peakShare;
  if (Math.abs(share) >= NOTICED.share)
    words.push(`${Math.round(Math.abs(share) * 100)} % ${share > 0 ? 'more' : 'fewer'} right`);
  const window = other.windowWidth - base.windowWidth;
  if (Math.abs(window) >= NOTICED.window && other.pullTime !== null) {
    words.push(`window ${stretchText(window)} ${window > 0 ? 'longer' : 'shorter'}`);
  }
  if (other.acrylamide !== base.acrylamide && other.acrylamide) words.push(`acrylamide ${other.acrylamide}`);
  if (other.breakage - base.breakage > 0.05) words.push(`${Math.round(other.breakage * 100)} % may break`);
  const hands = other.handsOn - base.handsOn;
  if (Math.abs(hands) >= NOTICED.hands) words.push(`${stretchText(hands)} ${hands > 0 ? 'more' : 'less'} work`);
  else {
    const wait = other.preparation - base.preparation;
    if (Math.abs(wait) >= NOTICED.prep) words.push(`${stretchText(wait)} ${wait > 0 ? 'more' : 'less'} waiting`);
  }
  return words.length === 0 ? 'no difference here' : words.slice(0, most).join(', ');
}
