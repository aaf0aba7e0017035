import type { Complaint } from '../core/trouble/diagnose';
import type { Symptom } from '../core/trouble/symptom';
import type { TargetCrispness } from '../core/food/wish';
import type { Outcome } from '../schemas/batch';
import { WISHED_BROWNING } from './wished-browning';
import type { PlanFile } from '../schemas/plan-file';

/** Browning of the ninth tenth over the first which each word means. Source: assumed, the middles of the bands that the words are chosen by. */
const SPREAD: Record<Outcome['evenness'], number> = { even: 1.35, 'some-differ': 2, uneven: 3.4 };

/** What each fault is called among the symptoms; the others are not computed. */
const FAULTS: Partial<Record<Outcome['faults'][number], Symptom>> = {
  'wet-heart': 'raw-inside',
  'dried-out': 'hollow',
  'burnt-edges': 'bitter',
  greasy: 'greasy',
  stuck: 'stuck',
  broke: 'broke',
  burst: 'burst',
};

const CRUSTED: ReadonlySet<TargetCrispness> = new Set(['crisp', 'very-crisp']);

/** Browning apart from the wish, ln, from which it is called pale or dark where nobody said how it was liked. Source: one swatch. */
const APART = 0.55;

/** What an outcome complains of. */
export function complaintOf(outcome: Outcome, { target }: PlanFile, pulledAt: number | null): Complaint {
  const { crispness, browning, evenness, faults, liked, heart } = outcome;
  const off = Math.log((browning + 0.02) / WISHED_BROWNING[target.colour]);
  const symptoms: Symptom[] = [
    ...((crispness === 'soft' || crispness === 'tender') && CRUSTED.has(target.crispness) ? (['soggy'] as const) : []),
    ...(crispness === 'hard' ? (['hard'] as const) : []),
    ...(liked === 'too-pale' || (liked === null && off < -APART) ? (['pale'] as const) : []),
    ...(liked === 'too-dark' || (liked === null && off > APART) ? (['dark'] as const) : []),
    ...(evenness === 'uneven' ? (['uneven'] as const) : []),
    ...(heart === 'hard' ? (['raw-inside'] as const) : []),
    ...faults.flatMap((fault) => FAULTS[fault] ?? []),
  ];
  return { pulledAt, symptoms: [...new Set(symptoms)], browning, bite: crispness, spread: SPREAD[evenness] };
}
