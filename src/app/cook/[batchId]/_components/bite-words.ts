import type { TargetCrispness } from '@/core/food/wish';

/** Crispness over that wished, in words a cook can feel. */
export function biteWords(crispness: number, wish: TargetCrispness): string {
  if (wish === 'soft') return 'press one with a spoon: it should give right through';
  if (wish === 'chewy') {
    if (crispness < 0.6) return 'still moist inside';
    return crispness < 1
      ? 'leathery outside, moist at the heart'
      : crispness < 4
        ? 'chewy through, no snap'
        : 'dry and hard';
  }
  if (wish === 'tender' && crispness >= 1) {
    if (crispness < 1.5) return 'tender, hardly a crust';
    if (crispness < 2.2) return 'a thin crust, tender beneath';
    return 'a firm crust, more than asked for';
  }
  if (crispness < 0.15) return 'soft all over, no skin yet';
  if (crispness < 0.6) return 'a skin is forming, bends without a sound';
  if (crispness < 1) return 'nearly there: dry to the touch, still bends';
  if (crispness < 2) return 'crisp: snaps or crackles once it has cooled a minute';
  return 'hard and crisp through much of the piece';
}
