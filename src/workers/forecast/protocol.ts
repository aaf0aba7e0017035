import type { DoneInterval } from '../../core/forecast/ensemble';
import type { Forecast } from '../../core/forecast/forecast';
import type { PlanFile } from '../../schemas/plan-file';

/** What the worker says of a request: a coarse picture at once, the full one, then the interval. */
export type ForecastAnswer =
  | { readonly kind: 'coarse' | 'full'; readonly generation: number; readonly forecast: Forecast }
  | { readonly kind: 'interval'; readonly generation: number; readonly interval: DoneInterval };

/** What the worker offers. A newer generation ends the work on older ones. */
export interface ForecastService {
  forecast(
    document: PlanFile,
    generation: number,
    withInterval: boolean,
    report: (answer: ForecastAnswer) => void,
  ): Promise<void>;
}
