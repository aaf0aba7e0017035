import { MEMBER_RESOLUTION } from '../../core/batch/resolution';
import { pullTimesAt, SIGMA_POINTS } from '../../core/forecast/interval';
import { forecastPlan } from '../../core/forecast/forecast';
import { withUnknowns } from '../../core/forecast/unknowns';
import { planFromFile } from '../../schemas/plan-from-file';
import { breathe } from '../breathe';
import type { ForecastService } from './protocol';

const SEED = 1;

/** The forecasts, newest request first; work on an older one ends at its next breath. */
export function createForecastService(): ForecastService {
  let newest = -1;
  const isOld = async (generation: number) => {
    newest = Math.max(newest, generation);
    await breathe();
    return newest !== generation;
  };
  return {
    async forecast(document, unknowns, generation, rest, report) {
      if (await isOld(generation)) return false;
      const plan = withUnknowns(planFromFile(document), unknowns);
      report({ kind: 'coarse', forecast: forecastPlan(plan, SEED, MEMBER_RESOLUTION) });
      await new Promise((resolve) => setTimeout(resolve, rest));
      if (await isOld(generation)) return false;
      report({ kind: 'full', forecast: forecastPlan(plan, SEED) });
      return true;
    },
    async pullTimes(document, generation, first, stride) {
      const plan = planFromFile(document);
      const times = [];
      for (let i = first; i < SIGMA_POINTS.length; i += stride) {
        if (await isOld(generation)) return null;
        times.push(...pullTimesAt(plan, SIGMA_POINTS[i]!, SEED));
      }
      return times;
    },
  };
}
