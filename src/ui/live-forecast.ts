import type { PullInterval } from '../core/forecast/pull-interval';
import type { Forecast } from '../core/forecast/forecast';
import { AS_EXPECTED, type Unknowns } from '../core/forecast/unknowns';
import type { PlanFile } from '../schemas/plan-file';
import type { FirstSight } from '../core/forecast/first-sight';
import { createForecaster, type Forecaster } from '../workers/forecast/client';

/** A forecast that follows a plan: the newest picture, whether it is the full one, and the interval once known. */
export interface LiveForecast {
  readonly forecast: Forecast | null;
  readonly isFull: boolean;
  readonly interval: PullInterval | null;
  readonly failed: boolean;
  /** the question that the forecast answers; '' before the first. @see questionOf */
  readonly question: string;
}

/** What is asked about a plan, as one word to compare: two that are equal have the same answer. */
export function questionOf(document: PlanFile, unknowns: Unknowns = AS_EXPECTED): string {
  return JSON.stringify([document, unknowns]);
}

/** What a page came with about a plan, as the newest there is. */
export function asItCame(document: PlanFile, { forecast, interval }: FirstSight): LiveForecast {
  return { forecast, isFull: false, interval, failed: false, question: questionOf(document) };
}

/** Rest before a question at which two lots of workers have failed is asked again, ms. Source: chosen, as that of the other workers. */
const ASK_AGAIN = 10_000;

/** Nothing worked out yet. */
export const NOTHING_YET: LiveForecast = { forecast: null, isFull: false, interval: null, failed: false, question: '' };

/**
 * The newest forecast of a plan that changes, for whoever listens. It can be asked before anything is drawn, so that the
 * worker counts while the page draws; what was asked last is not asked twice.
 */
export function createLiveForecast(
  withInterval: boolean,
  startForecaster = createForecaster,
  atStart: LiveForecast = NOTHING_YET,
) {
  let live = atStart;
  let forecaster: Forecaster | null = null;
  let asked = '';
  let last: { readonly document: PlanFile; readonly unknowns: Unknowns };
  /* failures at what was asked last */
  let failures = 0;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const listeners = new Set<() => void>();
  const change = (part: Partial<LiveForecast>) => {
    live = { ...live, ...part };
    listeners.forEach((listener) => listener());
  };
  const start = (): Forecaster => {
    const own = startForecaster({
      onForecast: ({ kind, forecast }) => {
        /* what the page came with is better than a coarse picture of the same */
        if (kind === 'coarse' && live === atStart && live.question === asked) return;
        /* an interval stands beside its own forecast only */
        const interval = live.question === asked ? live.interval : null;
        change({ forecast, interval, isFull: kind === 'full', failed: false, question: asked });
      },
      onInterval: (interval) => change({ interval }),
      onFailure() {
        if (forecaster !== own) return;
        /* workers that ended by a fault would never answer: others are asked, at once the first time */
        letGo();
        failures++;
        if (failures === 1) return ask();
        timer = setTimeout(ask, ASK_AGAIN);
        change({ failed: true });
      },
    });
    return own;
  };
  const ask = () => {
    forecaster ??= start();
    forecaster.request(last.document, withInterval, last.unknowns);
  };
  const letGo = () => {
    clearTimeout(timer);
    forecaster?.end();
    forecaster = null;
  };
  return {
    /** what stood there when the page came */
    atStart,
    read: () => live,
    subscribe(listener: () => void): () => void {
      listeners.add(listener);
      return () => void listeners.delete(listener);
    },
    request(document: PlanFile, unknowns: Unknowns = AS_EXPECTED) {
      const question = questionOf(document, unknowns);
      if (question === asked) return;
      asked = question;
      last = { document, unknowns };
      failures = 0;
      clearTimeout(timer);
      if (live.failed) change({ failed: false });
      ask();
    },
    /** The whole answer about this plan, once there is one; or that there will be none. */
    answerAbout(document: PlanFile): Promise<LiveForecast> {
      const question = questionOf(document);
      this.request(document);
      const isWhole = () =>
        live.failed || (live.question === question && live.isFull && (!withInterval || live.interval !== null));
      if (isWhole()) return Promise.resolve(live);
      return new Promise((resolve) => {
        const listener = () => {
          if (!isWhole()) return;
          listeners.delete(listener);
          resolve(live);
        };
        listeners.add(listener);
      });
    },
    end() {
      letGo();
      asked = '';
    },
  };
}

/** @see createLiveForecast */
export type LiveForecastStore = ReturnType<typeof createLiveForecast>;
