'use client';

import { useEffect, useState } from 'react';
import { batchYield } from '@/core/cut/batch-yield';
import { isMixing } from '@/core/plan/plan';
import { withChosenOpenings } from '@/editing/edit-cook';
import type { PlanFile } from '@/schemas/plan-file';
import { planFromFile, wholePlanFromFile } from '@/schemas/plan-from-file';
import { Button } from '@/ui/controls/button';
import { useLoads } from '@/ui/study/use-loads';
import { useStudy } from '@/ui/study/study-context';
import { useWholeForecast } from '@/ui/use-forecast';
import { wholeMinutes } from '@/ui/words/format';
import { intervalText, pullText } from '@/ui/words/forecast-text';
import { ServingLine } from '../../_components/serving-line';
import { stretchesOf } from '../../_components/start-by';

/** The plan with the openings that suit it, once they are chosen. */
function useOpened(document: PlanFile): PlanFile | null {
  const study = useStudy();
  const [opened, setOpened] = useState<{ from: PlanFile; to: PlanFile } | null>(null);
  useEffect(
    () =>
      study?.openings(document, (chosen) => setOpened({ from: document, to: withChosenOpenings(document, chosen) })),
    [study, document],
  );
  return opened?.from === document ? opened.to : null;
}

/** The forecast of what is chosen, and the way on. */
export function StartFoot({
  document,
  opening,
  onOpen,
}: {
  document: PlanFile;
  opening: boolean;
  onOpen: (document: PlanFile) => void;
}) {
  const opened = useOpened(document);
  const { forecast, interval } = useWholeForecast(opened, true);
  const loads = useLoads(opened && opened.loads.count > 1 ? opened : null);
  const [serveAt, setServeAt] = useState('19:00');
  const plan = planFromFile(document);
  const pieces = batchYield(plan.food, plan.cut, plan.mass).count;
  const current = opened && forecast ? { opened, forecast } : null;
  const shakes = current?.opened.cook.events.filter(({ action }) => isMixing(action)) ?? [];
  const { count } = document.loads;
  const stretches =
    current && current.forecast.inTime
      ? stretchesOf(wholePlanFromFile(document), loads?.time ?? count * current.forecast.pull.time)
      : null;
  const range = intervalText(interval);
  return (
    <div className="mt-5 flex flex-wrap items-center gap-x-8 gap-y-3 border-t-2 border-enamel-deep pt-3">
      <p aria-live="polite" className="font-display text-[26px] font-bold sm:text-[32px]">
        {current ? pullText(current.forecast) : 'Working it out …'}
        <span className="ml-3 font-text text-[18px] font-normal text-iron-soft">{current ? range : ''}</span>
      </p>
      <div className="grow text-[15px]">
        {current && (
          <p>
            {shakes.length === 0
              ? 'not opened on the way'
              : `${shakes[0]!.action} ${shakes.length === 1 ? 'once' : `${shakes.length} times`}, after ${shakes.map(({ minute }) => wholeMinutes(minute * 60)).join(', ')} min`}
            {` · ${Math.round(current.forecast.pull.share * pieces)} of ${pieces} right together`}
            {count > 1 && ` · the first of ${count} loads`}
          </p>
        )}
        <ServingLine stretches={stretches} serveAt={serveAt} onServeAt={setServeAt} bar={false} />
      </div>
      <Button look="main" className="px-7 text-[17px]" disabled={opening} onClick={() => onOpen(opened ?? document)}>
        {opening ? 'Opening …' : 'Open on the bench'}
      </Button>
    </div>
  );
}
