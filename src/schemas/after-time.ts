import { temperingTime } from '../core/forecast/tempering-time';
import { kelvinFromCelsius } from '../core/units/temperature';
import { cutFromFile } from './cut-from-file';
import type { PlanFile } from './plan-file';
import type { AfterStep } from './plan-steps';
import { restOf } from './rest-of';

/** Hands for a dressing, s. Source: assumed, one minute in a bowl. */
const DRESSING = 60;

/** What is cooked last: the cut it has by then. */
export type CutOf = Pick<PlanFile, 'cut' | 'prep'>;

/** How long a step after the last cook takes, s; what is kept for another day is not waited for. */
export function afterSeconds(step: AfterStep, { cut, prep }: CutOf): number {
  switch (step.step) {
    case 'rest':
    case 'refresh':
      return step.minutes * 60;
    case 'dress':
      return DRESSING;
    case 'temper': {
      const last = prep.findLast((one) => one.step === 'cut')?.cut ?? cut;
      return temperingTime(cutFromFile(last), kelvinFromCelsius(step.to_c));
    }
    case 'keep':
      return 0;
  }
}

/** From the pull to the table, s. */
export function secondsToTable(document: Pick<PlanFile, 'after'> & CutOf): number {
  const steps = document.after.some(({ step }) => step === 'rest')
    ? document.after
    : [restOf(document), ...document.after];
  return steps.reduce((sum, step) => sum + afterSeconds(step, document), 0);
}
