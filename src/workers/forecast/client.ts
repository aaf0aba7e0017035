import { proxy, wrap } from 'comlink';
import type { PlanFile } from '../../schemas/plan-file';
import type { ForecastAnswer, ForecastService } from './protocol';

/** A worker that forecasts, for one part of the interface. */
export interface Forecaster {
  /** Asks for a forecast; answers to older requests are dropped. Returns the generation. */
  request(document: PlanFile, withInterval: boolean): number;
  end(): void;
}

/** Starts a worker; answers of the newest request, and only those, go to `onAnswer`. */
export function createForecaster(onAnswer: (answer: ForecastAnswer) => void, onFailure: () => void): Forecaster {
  const worker = new Worker(new URL('./forecast.worker.ts', import.meta.url), { type: 'module' });
  worker.addEventListener('error', onFailure);
  const service = wrap<ForecastService>(worker);
  let generation = 0;
  const report = proxy((answer: ForecastAnswer) => {
    if (answer.generation === generation) onAnswer(answer);
  });
  return {
    request(document, withInterval) {
      generation++;
      service.forecast(document, generation, withInterval, report).catch(onFailure);
      return generation;
    },
    end: () => worker.terminate(),
  };
}
