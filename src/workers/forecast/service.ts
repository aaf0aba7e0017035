import type { Resolution } from '../../core/engine/resolution';
import { doneInterval, ensemblePlans, memberDoneTime } from '../../core/forecast/ensemble';
import { forecastPlan } from '../../core/forecast/forecast';
import { planFromFile } from '../../schemas/plan-file';
import type { ForecastService } from './protocol';

/** First picture while a lever moves. */
const COARSE: Resolution = { pieces: 8, cells: 15, step: 6, interval: 30 };

/** Members of the ensemble behind the interval shown. */
const MEMBERS = 16;

const SEED = 1;

/** Lets a newer request come in. */
function breathe(): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve, 0));
}

/** The forecasts, newest request first; work on an older one ends at its next breath. */
export function createForecastService(): ForecastService {
  let newest = -1;
  return {
    async forecast(document, generation, withInterval, report) {
      newest = Math.max(newest, generation);
      await breathe();
      if (newest !== generation) return;
      const plan = planFromFile(document);
      report({ kind: 'coarse', generation, forecast: forecastPlan(plan, SEED, COARSE) });
      await breathe();
      if (newest !== generation) return;
      report({ kind: 'full', generation, forecast: forecastPlan(plan, SEED) });
      if (!withInterval) return;
      const times: (number | null)[] = [];
      for (const [index, member] of ensemblePlans(plan, MEMBERS, SEED).entries()) {
        await breathe();
        if (newest !== generation) return;
        times.push(memberDoneTime(member, SEED + index));
      }
      report({ kind: 'interval', generation, interval: doneInterval(times) });
    },
  };
}
