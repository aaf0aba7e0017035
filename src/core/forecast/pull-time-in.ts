import type { BestMoment } from './best-moment';

/** The moment to pull, s; null without a forecast, and where the stages end too soon. */
export function pullTimeIn(forecast: Pick<BestMoment, 'pull' | 'inTime'> | null | undefined): number | null {
  return forecast?.inTime ? forecast.pull.time : null;
}
