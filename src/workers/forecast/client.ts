import { proxy, wrap } from 'comlink';
import { type PullInterval, pullInterval } from '../../core/forecast/interval';
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
  onInterval(interval: PullInterval): void;
  onFailure(): void;
}

/** Workers among which the ensemble is shared: a core is left to the page and to the picture it waits for. */
const MEMBER_WORKERS = Math.min(2, Math.max(1, (globalThis.navigator?.hardwareConcurrency ?? 2) - 1));

/**
 * Starts the worker of the pictures at once and those of the ensemble with the first ensemble, so that a moved lever never
 * waits for a member to end. Answers of the newest request go to `listener`.
 */
export function createForecaster(listener: ForecastListener): Forecaster {
  const workers: Worker[] = [];
  const start = () => {
    const worker = new Worker(new URL('./forecast.worker.ts', import.meta.url), { type: 'module' });
    worker.addEventListener('error', listener.onFailure);
    workers.push(worker);
    return wrap<ForecastService>(worker);
  };
  const pictures = start();
  const members: ReturnType<typeof start>[] = [];
  let generation = 0;

  const study = async (document: PlanFile, own: number, withInterval: boolean, unknowns: Unknowns) => {
    const report = proxy((answer: ForecastAnswer) => {
      if (own === generation) listener.onForecast(answer);
    });
    const isNewest = await pictures.forecast(document, unknowns, own, report);
    if (!isNewest || !withInterval || own !== generation) return;
    while (members.length < MEMBER_WORKERS) members.push(start());
    const shares = await Promise.all(
      members.map((service, first) => service.pullTimes(document, own, first, members.length)),
    );
    if (own !== generation || shares.some((share) => share === null)) return;
    listener.onInterval(pullInterval(shares.flatMap((share) => share ?? [])));
  };
  return {
    request(document, withInterval, unknowns) {
      generation++;
      study(document, generation, withInterval, unknowns).catch(listener.onFailure);
    },
    end: () => workers.forEach((worker) => worker.terminate()),
  };
}
