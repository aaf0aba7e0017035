import { LIKELY, type Picks, preferenceOf, SURE } from '@/core/trial/paired-tasting';
import type { KnownDifference } from '@/core/trial/difference';
import type { Pick, Trial } from '@/schemas/trial';
import { percentText } from '@/ui/words/format';
import { UNNOTICED } from '@/ui/words/trial-text';

/** The opened answers of a trial to one of its questions. */
export function picksOf({ pairs }: { readonly pairs: Trial['pairs'] }, of: 'crisper' | 'rather'): Picks {
  const picks = pairs.flatMap(({ tastings }) => tastings.map((tasting) => tasting[of]));
  const count = (pick: Pick) => picks.filter((one) => one === pick).length;
  return { one: count('one'), other: count('other'), alike: count('alike') };
}

/** The verdict of the tastings so far, in one sentence. */
export function verdictText(trial: Trial): string {
  const picks = picksOf(trial, 'crisper');
  const all = picks.one + picks.other + picks.alike;
  if (all === 0) return 'Nobody has tasted yet.';
  const { otherBetter } = preferenceOf(picks);
  const better = otherBetter >= 0.5;
  const sure = Math.max(otherBetter, 1 - otherBetter);
  const word = better ? trial.wordOther : trial.wordOne;
  const count = better ? picks.other : picks.one;
  const tally = `the crisper in ${count} of ${all} tastings`;
  if (sure >= SURE) return `It can be tasted: ${word} was ${tally}.`;
  if (sure >= LIKELY) return `Likely: ${word} was ${tally}.`;
  return picks.one === picks.other
    ? `No difference you could taste so far: ${picks.one} and ${picks.other} of ${all}, ${picks.alike} alike.`
    : `Nobody can tell yet: ${word} was ${tally}.`;
}

/** What model and tastings say together, in one sentence. */
export function togetherText(
  { wordOne, wordOther }: { readonly wordOne: string; readonly wordOther: string },
  { mean, from, to, otherBetter }: KnownDifference,
): string {
  const isOther = mean >= 0;
  const [word, low, high] = isOther ? [wordOther, from, to] : [wordOne, -to, -from];
  const least = low < 0 ? `${percentText(-low)} fewer` : `${percentText(low)} more`;
  const range = `eight times in ten between ${least} and ${percentText(high)} more right by “${word}”`;
  if (Math.abs(mean) < UNNOTICED) return `With what the model expects: no difference, ${range}.`;
  const chance = percentText(isOther ? otherBetter : 1 - otherBetter);
  return `With what the model expects: ${percentText(Math.abs(mean))} more, ${range}; the chance that it is the better one is ${chance}.`;
}
