import type { nextAction } from '@/core/run/next-action';
import type { BatchForecast } from '@/schemas/batch';

/** What the batch was planned with, until the run has a forecast of its own; `end` where it was not to be done in time. */
export function storedMoment(stored: BatchForecast, end: number): Parameters<typeof nextAction>[0] {
  const time = stored.done_min === null ? end : stored.done_min * 60;
  return { pull: { time, share: 0 }, firstCheck: stored.first_check_min === null ? time : stored.first_check_min * 60 };
}
