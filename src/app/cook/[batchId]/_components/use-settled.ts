'use client';

import { useState } from 'react';
import type { Forecast } from '@/core/forecast/forecast';
import { pullTimeIn } from '@/core/forecast/pull-time-in';
import type { LiveForecast } from '@/ui/live-forecast';
import type { Correction } from '@/workers/coach/protocol';

/** What a run shows, all of it of one picture. */
export interface Settled {
  readonly forecast: Forecast | null;
  /** s after loading; null where it is not done in time */
  readonly pull: number | null;
  /** what was learnt that the forecast follows from; null until something was */
  readonly correction: Correction | null;
}

/**
 * The newest whole picture and the correction that it was made with, so that countdown, field, moment and range are never of two pictures: a
 * coarse one may be half a minute off, and a newer correction waits for its own. Until the first whole one the newest there is, and `stored`,
 * the moment kept with the batch.
 * @param question what the picture must answer for the correction to be its own, see `questionOf`
 */
export function useSettled(
  { forecast, isFull, question: answered }: LiveForecast,
  stored: number | null,
  correction: Correction | null,
  question: string,
): Settled {
  const [whole, setWhole] = useState<Settled | null>(null);
  if (!forecast || !isFull) return whole ?? { forecast, pull: stored, correction: null };
  const next: Settled = {
    forecast,
    pull: pullTimeIn(forecast),
    correction: answered === question ? correction : (whole?.correction ?? null),
  };
  if (whole && next.forecast === whole.forecast && next.correction === whole.correction) return whole;
  setWhole(next);
  return next;
}
