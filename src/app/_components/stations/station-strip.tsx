'use client';

import clsx from 'clsx';
import { Tabs } from 'radix-ui';
import { memo } from 'react';
import type { Plan } from '@/core/plan/plan';
import type { PlanFile } from '@/schemas/plan-file';
import { useUnits } from '@/ui/units-context';
import { STATION_IDS, STATION_WORDS } from './station';
import { StationDrawing } from './station-drawing';
import { stationFold } from './station-fold';
import { stationFigure } from './station-figure';

/** The stations in working order, each with its drawing and its number. */
export const StationStrip = memo(function StationStrip({ document, plan }: { document: PlanFile; plan: Plan }) {
  const units = useUnits();
  return (
    <Tabs.List aria-label="Stations, in working order" className="flex overflow-x-auto border-b-2 border-rim px-1 pt-1">
      {STATION_IDS.map((station) => {
        const fold = stationFold(station, plan);
        return (
          <Tabs.Trigger
            key={station}
            value={station}
            title={fold ?? undefined}
            className={clsx(
              'group flex flex-col items-center rounded-t-part px-1 pt-1.5 pb-1.5',
              fold ? 'w-16 shrink-0 justify-end' : 'min-w-[104px] flex-1',
              'data-[state=active]:bg-rim data-[state=active]:text-white hover:data-[state=inactive]:bg-white',
              'focus-visible:-outline-offset-2 data-[state=active]:focus-visible:outline-white',
            )}
          >
            {!fold && (
              <span className="max-w-full overflow-hidden rounded-[4px] bg-enamel px-1 text-iron">
                <StationDrawing station={station} plan={plan} large={false} />
              </span>
            )}
            <span className="mt-1 font-display text-[15px] font-semibold">{STATION_WORDS[station]}</span>
            <span className="max-w-[120px] truncate text-[13px]">
              {fold ? 'not here' : stationFigure(station, document, plan, units)}
            </span>
          </Tabs.Trigger>
        );
      })}
    </Tabs.List>
  );
});
