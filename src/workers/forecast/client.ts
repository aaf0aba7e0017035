import { proxy, wrap } from 'comlink';
import type { Forecast } from '../../core/forecast/forecast';
import { intervalAround, type PullInterval, type PullTime } from '../../core/forecast/pull-interval';
import type { Unknowns } from '../../core/forecast/unknowns';
import type { PlanFile } from '../../schemas/plan-file';
import { faultIfSilent } from '../ready';
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

/** Rest after the first picture, so that the page can draw it before the cores are busy again, ms. */
const DRAWING = 12;

/**
 * A request that comes so soon after another is one of a moving lever, ms: what takes longer than the coarse picture then waits until
 * none has come for `REST` ms, since it would be thrown away and take the cores from the page meanwhile. Source: chosen.
 */
const MOVING = 100;
const REST = 60;

/**
 * Starts the worker of the pictures at once and those of the ensemble with the first ensemble; they work side by side, and a moved
 * lever waits for a member to end at most, which takes some milliseconds. Answers of the newest request go to `listener`.
 */
export function createForecaster(listener: ForecastListener): Forecaster {
  const workers: Worker[] = [];
  const start = () => {
    const worker = faultIfSilent(new Worker(new URL('./forecast.worker.ts', import.meta.url), { type: 'module' }));
    worker.addEventListener('error', listener.onFailure);
    workers.push(worker);
    return wrap<ForecastService>(worker);
  };
  const pictures = start();
  const members: ReturnType<typeof start>[] = [];
  let generation = 0;
  let lastRequest = -Infinity;

  /** Pull times of all members; null when a newer request came in. */
  const pullTimes = async (document: PlanFile, own: number, isMoving: boolean) => {
    if (isMoving) await new Promise((resolve) => setTimeout(resolve, REST));
    if (own !== generation) return null;
    while (members.length < MEMBER_WORKERS) members.push(start());
    const shares = await Promise.all(
      members.map((service, first) => service.pullTimes(document, own, first, members.length)),
    );
    return shares.some((share) => share === null) ? null : shares.flatMap((share) => share ?? []);
  };

  const study = async (
    document: PlanFile,
    own: number,
    isMoving: boolean,
    withInterval: boolean,
    unknowns: Unknowns,
  ) => {
    /* reports may come after the call that they belong to has returned */
    const pictured = {} as Record<ForecastAnswer['kind'], (forecast: Forecast) => void>;
    const coarse = new Promise<Forecast>((resolve) => (pictured.coarse = resolve));
    const full = new Promise<Forecast>((resolve) => (pictured.full = resolve));
    let asked: Promise<PullTime[] | null> | null = null;
    const report = proxy(({ kind, forecast }: ForecastAnswer) => {
      if (own !== generation) return;
      /* while the page draws the coarse picture, and beside the full one */
      if (withInterval) asked ??= pullTimes(document, own, isMoving);
      listener.onForecast({ kind, forecast });
      pictured[kind](forecast);
    });
    const isNewest = await pictures.forecast(document, unknowns, own, isMoving ? REST : DRAWING, report);
    if (!isNewest || !withInterval) return;
    const [first, second] = [await coarse, await full];
    const times = await asked;
    if (times && own === generation) listener.onInterval(intervalAround(times, first, second));
  };
  return {
    request(document, withInterval, unknowns) {
      generation++;
      const now = performance.now();
      const isMoving = now - lastRequest < MOVING;
      lastRequest = now;
      study(document, generation, isMoving, withInterval, unknowns).catch(listener.onFailure);
    },
    end: () => workers.forEach((worker) => worker.terminate()),
  };
}
