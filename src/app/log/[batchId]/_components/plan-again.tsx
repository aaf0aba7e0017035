'use client';

import { useEffect, useMemo, useState } from 'react';
import { usePlanAgain } from '@/app/_components/use-plan-again';
import { withChosenOpenings } from '@/editing/edit-cook';
import { fromFirstLoad } from '@/editing/from-first-load';
import type { PlanFile } from '@/schemas/plan-file';
import { Button } from '@/ui/controls/button';
import { KeptRoom } from '@/ui/kept-room';
import { useStudy } from '@/ui/study/study-context';
import { useUnits } from '@/ui/units-context';
import { useWholeForecast } from '@/ui/use-forecast';
import { intervalText, pullText } from '@/ui/words/forecast-text';
import { percentText, temperatureGapText, wholeMinutes, type UnitSystem } from '@/ui/words/format';

/** Nearer than this to what the plan took for granted is not said: K, ln. Source: chosen, what a cook would act on. */
const SAID_FROM = { offset: 2, share: 0.05 };

/** Figures as wide as any, to keep room for those that are still worked out. */
const LONGEST = 'pull after about 88 min (88–88), not 88 min as was forecast.';

/** What is known by now that the plan did not know, in the order in which it matters; empty where that is nothing to speak of. */
function learntSince({ learnt: now }: PlanFile, { learnt: then }: PlanFile, units: UnitSystem): string[] {
  if (!now) return [];
  const offset = now.offset_c - (then?.offset_c ?? 0);
  const ratio = (key: 'heat_transfer' | 'browning' | 'shade' | 'softening' | 'sugar') => now[key] / (then?.[key] ?? 1);
  const apart = (value: number) => Math.abs(Math.log(value)) >= SAID_FROM.share;
  const share = (value: number) => percentText(Math.abs(value - 1));
  return [
    ...(Math.abs(offset) >= SAID_FROM.offset
      ? [
          `the fryer runs ${temperatureGapText(Math.abs(offset), units)} ${offset < 0 ? 'cooler' : 'hotter'} than it was taken for`,
        ]
      : []),
    ...(apart(ratio('heat_transfer'))
      ? [`its air carries ${share(ratio('heat_transfer'))} ${ratio('heat_transfer') < 1 ? 'less' : 'more'} heat`]
      : []),
    ...(apart(ratio('browning'))
      ? [`the food browns ${share(ratio('browning'))} ${ratio('browning') < 1 ? 'slower' : 'faster'}`]
      : []),
    ...(apart(ratio('sugar'))
      ? [`it holds ${share(ratio('sugar'))} ${ratio('sugar') < 1 ? 'less' : 'more'} sugar than was thought`]
      : []),
    ...(apart(ratio('softening'))
      ? [`its heart takes ${share(ratio('softening'))} ${ratio('softening') < 1 ? 'less' : 'longer'} to soften`]
      : []),
    ...(apart(ratio('shade')) ? [`you like it ${ratio('shade') > 1 ? 'darker' : 'paler'} than was thought`] : []),
  ];
}

/** The batch planned again from its first load on, with all that the kitchen knows by now, its openings chosen anew; what changed, and why. */
export function PlanAgain({
  fryerId,
  isRehearsal,
  ...batch
}: {
  planned: PlanFile;
  again: PlanFile;
  fryerId: string | null;
  isRehearsal: boolean;
}) {
  const planned = useMemo(() => fromFirstLoad(batch.planned), [batch.planned]);
  const again = useMemo(() => fromFirstLoad(batch.again), [batch.again]);
  const units = useUnits();
  const study = useStudy();
  const [opened, setOpened] = useState<PlanFile | null>(null);
  useEffect(() => study?.openings(again, (chosen) => setOpened(withChosenOpenings(again, chosen))), [study, again]);
  const [now, then] = [useWholeForecast(opened, true), useWholeForecast(planned)];
  const { planAgain, saving } = usePlanAgain(fryerId);
  if (!fryerId) return null;
  const since = learntSince(again, planned, units);
  const known =
    since.length > 0
      ? `By now the kitchen knows: ${since.join('; ')}.`
      : `${isRehearsal ? 'Nothing is learnt from a rehearsal' : 'The kitchen knows nothing new that matters here'}.`;
  const next = again.loads.count > 1 ? 'next time, with the first load' : 'next time';
  return (
    <div className="text-[15px]">
      <KeptRoom longest={`${known} So ${next}: ${LONGEST}`}>
        {known} So {next}:{' '}
        {now.forecast ? (
          <>
            <strong>{pullText(now.forecast).toLowerCase()}</strong>
            {now.interval && ` ${intervalText(now.interval)}`}
            {then.forecast &&
              Math.abs(then.forecast.pull.time - now.forecast.pull.time) >= 30 &&
              `, not ${wholeMinutes(then.forecast.pull.time)} min as was forecast`}
            .
          </>
        ) : (
          <span className="text-iron-soft">
            {now.failed ? 'it could not be worked out; trying again …' : 'working it out …'}
          </span>
        )}
      </KeptRoom>
      <Button className="no-print mt-2" disabled={saving || !opened} onClick={() => opened && planAgain(opened)}>
        Plan it again, with what is known by now
      </Button>
    </div>
  );
}
