'use client';

import { useEffect, useRef, useState } from 'react';
import type { DoneInterval } from '../core/forecast/ensemble';
import type { Forecast } from '../core/forecast/forecast';
import { AS_EXPECTED, type Unknowns } from '../core/forecast/unknowns';
import type { PlanFile } from '../schemas/plan-file';
import { createForecaster, type Forecaster } from '../workers/forecast/client';

/** A forecast that follows a plan: the newest picture, whether it is the full one, and the interval once known. */
export interface LiveForecast {
  readonly forecast: Forecast | null;
  readonly isFull: boolean;
  readonly interval: DoneInterval | null;
  readonly failed: boolean;
}

const NOTHING: LiveForecast = { forecast: null, isFull: false, interval: null, failed: false };

/** Forecasts `document` in a worker and again whenever it or what was learnt changes; null waits. */
export function useForecast(
  document: PlanFile | null,
  withInterval: boolean,
  unknowns: Unknowns = AS_EXPECTED,
): LiveForecast {
  const [live, setLive] = useState<LiveForecast>(NOTHING);
  const forecaster = useRef<Forecaster | null>(null);

  useEffect(() => {
    forecaster.current = createForecaster({
      onForecast: ({ kind, forecast }) =>
        setLive((before) => ({ ...before, forecast, isFull: kind === 'full', failed: false })),
      onInterval: (interval) => setLive((before) => ({ ...before, interval })),
      onFailure: () => setLive((before) => ({ ...before, failed: true })),
    });
    return () => {
      forecaster.current?.end();
      forecaster.current = null;
    };
  }, []);

  useEffect(() => {
    if (document) forecaster.current?.request(document, withInterval, unknowns);
  }, [document, withInterval, unknowns]);

  return live;
}
