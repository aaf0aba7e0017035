'use client';

import dynamic from 'next/dynamic';
import { type ComponentType, memo, useDeferredValue } from 'react';
import type { LiveForecastStore } from '@/ui/live-forecast';
import { useNewest } from '@/ui/use-forecast';
import { SCHOOL_STATIONS } from '@/editing/school-stations';
import { CutStation } from './cut-station';
import {
  CoatStation,
  CookStation,
  DryStation,
  FryerStation,
  LoadStation,
  ParcookStation,
  PressStation,
  ProduceStation,
  RestStation,
  SoakStation,
  StepsStation,
} from './late-parts';
import { SettleByTasting } from './settle-by-tasting';
import type { StationId, StationProps } from './station';

const Settle = memo(SettleByTasting);
const StationSteps = memo(dynamic(() => import('./station-steps').then((part) => part.StationSteps)));

/* a station is drawn anew when the plan changes, not with every answer about it */
const STATIONS: Record<StationId, ComponentType<StationProps>> = {
  produce: memo(ProduceStation),
  cut: memo(CutStation),
  soak: memo(SoakStation),
  press: memo(PressStation),
  parcook: memo(ParcookStation),
  dry: memo(DryStation),
  coat: memo(CoatStation),
  fryer: memo(FryerStation),
  load: memo(LoadStation),
  cook: memo(CookStation),
  rest: memo(RestStation),
  steps: memo(StepsStation),
};

/** Stations that show something of the forecast. */
const SHOWS_FORECAST: readonly StationId[] = [
  'produce',
  'cut',
  'soak',
  'parcook',
  'coat',
  'load',
  'cook',
  'rest',
  'steps',
];

/** Stations at which cooks differ. */
const DIFFERS: ReadonlySet<StationId> = new Set(SCHOOL_STATIONS);

/** The open station; it may lag behind an answer, but never behind a lever. */
export function OpenStation({
  station,
  live,
  ...props
}: { station: StationId; live: LiveForecastStore } & Omit<StationProps, 'forecast'>) {
  const Station = STATIONS[station];
  const forecast = useDeferredValue(useNewest(live).forecast);
  return (
    <>
      <Station {...props} forecast={SHOWS_FORECAST.includes(station) ? forecast : null} />
      <StationSteps station={station} {...props} />
      {DIFFERS.has(station) && (
        <Settle key={station} station={station} document={props.document} fryerId={props.fryerId} />
      )}
    </>
  );
}
