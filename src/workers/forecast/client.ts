import { proxy, wrap } from 'comlink';
import { doneInterval, type DoneInterval } from '../../core/forecast/ensemble';
import type { Unknowns } from '../../core/forecast/unknowns';
import type { PlanFile } from '../../schemas/plan-file';
import type { ForecastAnswer, ForecastService } from './protocol';

/** Workers that forecast, for one part of the interface. */
export interface Forecaster {
  /** Asks for a forecast; answers to older requests are dropped. */
  request(document: PlanFile, withInterval: boolean, unknowns: Unknowns): void;
  end(): void;
}

/** What becomes of a request. */
export interface ForecastListener {
  onForecast(answer: ForecastAnswer): void;
  onInterval(interval: DoneInterval): void;
  onFailure(): void;
}

/** Workers among which the ensemble is shared. */
const WORKERS = 2;

/** Starts the first worker at once and the second with the first ensemble; answers of the newest request go to `listener`. */
export function createForecaster(listener: ForecastListener): Forecaster {
  const workers: Worker[] = [];
  const start = () => {
    const worker = new Worker(new URL('./forecast.worker.ts', import.meta.url), { type: 'module' });
    worker.addEventListener('error', listener.onFailure);
    workers.push(worker);
    return wrap<ForecastService>(worker);
  };
  const services = [start()];
  let generation = 0;

  const study = async (document: PlanFile, own: number, withInterval: boolean, unknowns: Unknowns) => {
    const report = proxy((answer: ForecastAnswer) => {
      if (own === generation) listener.onForecast(answer);
    });
    const isNewest = await services[0]!.forecast(document, unknowns, own, report);
    if (!isNewest || !withInterval || own !== generation) return;
    while (services.length < WORKERS) services.push(start());
    const shares = await Promise.all(
      services.map((service, first) => service.doneTimes(document, own, first, services.length)),
    );
    if (own !== generation || shares.some((share) => share === null)) return;
    listener.onInterval(doneInterval(shares.flatMap((share) => share ?? [])));
  };
  return {
    request(document, withInterval, unknowns) {
      generation++;
      study(document, generation, withInterval, unknowns).catch(listener.onFailure);
    },
    end: () => workers.forEach((worker) => worker.terminate()),
  };
}
