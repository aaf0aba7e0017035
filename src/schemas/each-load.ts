import { currentLoad } from './load-order';
import type { PlanFile } from './plan-file';
import type { PrepStep } from './plan-steps';

/** Steps that lay something on the pieces. */
const COATING: ReadonlySet<string> = new Set(['oil', 'starch', 'season', 'dredge', 'batter', 'coat']);

/** Number of the first step that is done for each load as it goes in; Infinity where all is made ready at once. */
export function firstStepOfEachLoad({ loads, prep }: Pick<PlanFile, 'loads' | 'prep'>): number {
  if (loads.count === 1 || loads.coat === 'at-once') return Infinity;
  const first = prep.findIndex(({ step }) => COATING.has(step));
  return first < 0 ? Infinity : first;
}

/** A step with its amounts for the load in hand: what is measured by mass is divided, what is done by time is repeated. */
export function stepOfLoad(step: PrepStep, document: Pick<PlanFile, 'loads' | 'fryer'>): PrepStep {
  const { share } = currentLoad(document);
  const divided = Object.entries(step).map(([key, value]) => [
    key,
    key.endsWith('_g') && typeof value === 'number' ? value * share : value,
  ]);
  return Object.fromEntries(divided) as PrepStep;
}
