'use client';

import { useMemo } from 'react';
import { batchYield } from '@/core/cut/batch-yield';
import { chanceOfPick, pairsNeeded } from '@/core/trial/paired-tasting';
import { withLoad } from '@/editing/amounts';
import { withLoads } from '@/editing/edit-loads';
import { planFromFile } from '@/schemas/plan-from-file';
import { TASTERS, type Trial } from '@/schemas/trial';
import { useOutcomes } from '@/ui/study/study-context';
import { useLoads } from '@/ui/study/use-loads';

/** How two ways differ by the model, before anyone peels. */
export interface ExpectedDifference {
  /** share of the pieces by which the other way has more right */
  readonly difference: number;
  /** chance that a taster picks the other way */
  readonly chance: number;
  /** null where more would be needed than anyone cooks */
  readonly pairs: number | null;
}

/** What the model expects of a trial. */
export interface TrialModel extends ExpectedDifference {
  /** s by which the second batch is right sooner, the fryer being warm */
  readonly warmer: number | null;
  /** pieces of each half of the lot */
  readonly pieces: number;
}

/** What the model expects of the difference alone; null while it is worked out. */
export function useExpectedDifference({ one, other }: Pick<Trial, 'one' | 'other'>): ExpectedDifference | null {
  const [there, here] = useOutcomes([one, other]);
  return useMemo(() => {
    if (!there || !here) return null;
    const difference = here.peakShare - there.peakShare;
    const chance = chanceOfPick(difference);
    return { difference, chance, pairs: pairsNeeded(chance, TASTERS.length) };
  }, [there, here]);
}

/** What the model expects of a trial; null while it is worked out. */
export function useTrialModel({ one, other }: Pick<Trial, 'one' | 'other'>): TrialModel | null {
  const expected = useExpectedDifference({ one, other });
  /* one after the other in the same fryer, as the two halves of the lot are */
  const inTurn = useMemo(() => withLoads(withLoad(one, 2 * one.mass_g), 2), [one]);
  const loads = useLoads(inTurn);
  return useMemo(() => {
    if (!expected) return null;
    const [first, second] = loads?.each ?? [];
    const { food, cut, mass } = planFromFile(one);
    return {
      ...expected,
      warmer: first && second ? first.to - first.from - (second.to - second.from) : null,
      pieces: batchYield(food, cut, mass).count,
    };
  }, [expected, loads, one]);
}
