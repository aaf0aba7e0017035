import type { Forecast } from '../../core/forecast/forecast';
import type { PullTime } from '../../core/forecast/pull-interval';
import type { Unknowns } from '../../core/forecast/unknowns';
import type { PlanFile } from '../../schemas/plan-file';

/** What the worker says of a request: a coarse picture at once, then the full one. */
export interface ForecastAnswer {
  readonly kind: 'coarse' | 'full';
  readonly forecast: Forecast;
}

/** What the worker offers. A newer generation ends the work on older ones. */
export interface ForecastService {
  /** Reports a coarse and, `rest` ms later, a full forecast; false when a newer request came in between. */
  forecast(
    document: PlanFile,
    unknowns: Unknowns,
    generation: number,
    rest: number,
    report: (answer: ForecastAnswer) => void,
  ): Promise<boolean>;
  /** Pull times of every `stride`-th sigma point from `first` on, or null when a newer request came in. */
  pullTimes(document: PlanFile, generation: number, first: number, stride: number): Promise<PullTime[] | null>;
}
