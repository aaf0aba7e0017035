import type { PlanOutcome } from '../../core/forecast/plan-outcome';
import { clockText } from './format';

/** Differences below these are not worth a word. Source: assumed, below what a cook could tell. */
const NOTICED = { done: 10, share: 0.02, window: 20, hands: 30, prep: 60 };

/** A stretch of time in the fewest words: 40 s, 1:20 min. */
export function stretchText(seconds: number): string {
  const whole = Math.round(Math.abs(seconds) / 5) * 5;
  return whole < 60 ? `${whole} s` : `${clockText(whole)} min`;
}

/**
 * What choosing `other` instead of `base` costs and buys, most telling first: done sooner or later, share right, window,
 * acrylamide band, time before the fryer.
 */
export function priceText(base: PlanOutcome, other: PlanOutcome, most = 3): string {
  const words: string[] = [];
  if (base.doneTime !== null && other.doneTime !== null) {
    const later = other.doneTime - base.doneTime;
    if (Math.abs(later) >= NOTICED.done) words.push(`${stretchText(later)} ${later > 0 ? 'later' : 'sooner'}`);
  } else if (base.doneTime !== null) words.push('not done in time');
  else if (other.doneTime !== null) words.push(`done at ${clockText(other.doneTime)}`);
  const share = other.peakShare - base.peakShare;
  if (Math.abs(share) >= NOTICED.share)
    words.push(`${share > 0 ? '+' : '−'}${Math.round(Math.abs(share) * 100)} % right`);
  const window = other.windowWidth - base.windowWidth;
  if (Math.abs(window) >= NOTICED.window && other.doneTime !== null) {
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
