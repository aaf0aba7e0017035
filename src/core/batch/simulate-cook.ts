import { createSeededRandom } from '../numeric/seeded-random';
import { cookDuration, type Plan } from '../plan/plan';
import { createCook } from './cook-clock';
import type { CookRecord } from './cook-record';
import { type CookArrays, createRecorder } from './cook-recorder';
import type { CookRun } from './cook-run';
import { type Resolution, STANDARD_RESOLUTION } from './resolution';
import { startRun } from './start-run';

/** Looks at a record up to a sample and says whether the rest of the cook can be left out. */
export type IsKnown = (record: CookArrays, sample: number) => boolean;

/**
 * Cooks the plan on a sample of pieces. Same plan, seed and resolution, same bits. Cost: see `npm run bench`.
 * @param isKnown ends the cook, and the record with it, at the first sample for which it holds
 */
export function simulateCook(
  plan: Plan,
  seed: number,
  resolution: Resolution = STANDARD_RESOLUTION,
  isKnown?: IsKnown,
): CookRecord {
  const random = createSeededRandom(seed);
  const run = startRun(plan, random, resolution);
  const recorder = createRecorder(plan, run, resolution);
  recorder.take(0);
  const samples = Math.floor(cookDuration(plan) / resolution.interval + 1e-9);
  const cook = createCook(plan, run, random, resolution);
  for (let sample = 1; sample <= samples; sample++) {
    cook.goOn(sample * resolution.interval);
    recorder.take(sample);
    if (isKnown?.(recorder.record, sample)) return recorder.finish(sample + 1);
  }
  return recorder.finish(samples + 1);
}

/** The batch as it is `time` s after loading, for what comes after the drawer. */
export function cookUntil(plan: Plan, seed: number, time: number, resolution: Resolution): CookRun {
  const random = createSeededRandom(seed);
  const run = startRun(plan, random, resolution);
  createCook(plan, run, random, resolution).goOn(time);
  return run;
}
