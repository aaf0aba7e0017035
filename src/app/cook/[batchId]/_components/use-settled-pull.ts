'use client';

import { useState } from 'react';
import { pullTimeIn } from '@/core/forecast/pull-time-in';
import type { LiveForecast } from '@/ui/live-forecast';

/** s after loading when to pull, by the newest whole picture; until the first, as `stored` with the batch. A coarse one may be half a minute off. */
export function useSettledPull({ forecast, isFull }: LiveForecast, stored: number | null): number | null {
  const whole = forecast && isFull ? pullTimeIn(forecast) : undefined;
  const [settled, setSettled] = useState(stored);
  if (whole !== undefined && whole !== settled) setSettled(whole);
  return whole === undefined ? settled : whole;
}
