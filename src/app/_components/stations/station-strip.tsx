'use client';

import clsx from 'clsx';
import { Tabs } from 'radix-ui';
import { memo } from 'react';
import type { Plan } from '@/core/plan/plan';
import type { PlanFile } from '@/schemas/plan-file';
import { tabStop } from '@/ui/controls/tab-stop';
import { useUnits } from '@/ui/units-context';
import { fetchStation } from './late-parts';
import { STATION_IDS, STATION_WORDS, type StationId } from './station';
import { StationDrawing } from './station-drawing';
import { stationFold } from './station-fold';
import { stationFigure } from './station-figure';

/** The stations in working order: what is done at each stands on one bench line, and the tray's rim rises round the open one. */
export const StationStrip = memo(function StationStrip({
  document,
  plan,
  open,
}: {
  document: PlanFile;
  plan: Plan;
  open: StationId;
}) {
  const units = useUnits();
  return (
    <Tabs.List
      aria-label="Stations, in working order"
      className="relative z-[1] -mb-0.5 flex min-w-0 grow overflow-x-auto px-3 pt-1"
    >
      {STATION_IDS.map((station) => {
        const fold = stationFold(station, plan);
        return (
          <Tabs.Trigger
            key={station}
            value={station}
            tabIndex={tabStop(station === open)}
            title={fold ?? undefined}
            onPointerEnter={() => fetchStation(station)}
            onFocus={() => fetchStation(station)}
            className={clsx(
              'group relative flex flex-col items-center rounded-t-tray border-2 border-b-0 border-transparent pt-1.5 pb-2.5',
              fold ? 'w-[68px] shrink-0' : 'min-w-[82px] flex-1 basis-0',
              'data-[state=active]:rising hover:data-[state=inactive]:bg-enamel/60',
              'focus-visible:-outline-offset-2',
            )}
          >
            <span className="flex h-[46px] w-full items-end justify-center overflow-hidden border-b border-ash px-1">
              <StationDrawing station={station} plan={plan} large={false} />
            </span>
            <span
              className={clsx(
                'mt-1 font-display leading-tight font-semibold whitespace-nowrap text-rim group-data-[state=active]:text-iron',
                fold ? 'text-[14px]' : 'text-[15px]',
              )}
            >
              {STATION_WORDS[station]}
            </span>
            <span className="w-full truncate px-0.5 text-center text-[13px] leading-tight text-iron-soft group-data-[state=active]:text-iron">
              {fold ? 'skipped' : stationFigure(station, document, plan, units)}
            </span>
          </Tabs.Trigger>
        );
      })}
    </Tabs.List>
  );
});
