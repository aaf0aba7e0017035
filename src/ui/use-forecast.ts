'use client';

import { useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import type { Unknowns } from '../core/forecast/unknowns';
import type { PlanFile } from '../schemas/plan-file';
import type { FirstSight } from '../core/forecast/first-sight';
import {
  asItCame,
  createLiveForecast,
  type LiveForecast,
  type LiveForecastStore,
  NOTHING_YET,
  questionOf,
} from './live-forecast';

/**
 * Forecasts `document` in a worker and again whenever it or what was learnt changes; null waits. Redraws nobody by itself.
 * @param first what the page came with about the document that it began with
 */
export function useLiveForecast(
  document: PlanFile | null,
  withInterval: boolean,
  unknowns?: Unknowns,
  first?: FirstSight | null,
): LiveForecastStore {
  const [store] = useState(() =>
    createLiveForecast(withInterval, undefined, document && first ? asItCame(document, first) : undefined),
  );
  useEffect(() => {
    if (document) store.request(document, unknowns);
  }, [store, document, unknowns]);
  useEffect(() => () => store.end(), [store]);
  return store;
}

/** The newest answer; whoever calls this is drawn anew with each. */
export function useNewest(store: LiveForecastStore): LiveForecast {
  return useSyncExternalStore(store.subscribe, store.read, () => store.atStart);
}

/** Both in one, where the caller shows the forecast itself. */
export function useForecast(document: PlanFile | null, withInterval: boolean, unknowns?: Unknowns): LiveForecast {
  return useNewest(useLiveForecast(document, withInterval, unknowns));
}

/** The full forecast of this very plan, or nothing yet: for what is read once rather than watched under a moving lever. */
export function useWholeForecast(document: PlanFile | null, withInterval = false): LiveForecast {
  const live = useForecast(document, withInterval);
  const question = useMemo(() => document && questionOf(document), [document]);
  return live.isFull && live.question === question ? live : { ...NOTHING_YET, failed: live.failed };
}
