import { createSeededRandom } from '../numeric/seeded-random';
import { cookDuration, type Plan } from '../plan/plan';
import { type Beginnings, type Checkpoint, KEPT_EVERY, sharedBeginning } from './beginnings';
import { createCook } from './cook-clock';
import type { CookRecord } from './cook-record';
import { type CookArrays, createRecorder } from './cook-recorder';
import { copyRun, type CookRun } from './cook-run';
import { type Resolution, STANDARD_RESOLUTION } from './resolution';
import { startRun } from './start-run';

/** Looks at a record up to a sample and says whether the rest of the cook can be left out. */
export type IsKnown = (record: CookArrays, sample: number) => boolean;

/**
 * Cooks the plan on a sample of pieces. Same plan, seed and resolution, same bits. Cost: see `npm run bench`.
 * @param isKnown ends the cook, and the record with it, at the first sample for which it holds
 * @param beginnings of cooks that share theirs: one is kept there, the others go on from where they part with it
 */
export function simulateCook(
  plan: Plan,
  seed: number,
  resolution: Resolution = STANDARD_RESOLUTION,
  isKnown?: IsKnown,
  beginnings?: Beginnings,
): CookRecord {
  const shared = beginnings && sharedBeginning(beginnings, plan, seed, resolution);
  const random = createSeededRandom(shared ? shared.checkpoint.random : seed);
  const run = shared ? copyRun(shared.checkpoint.run) : startRun(plan, random, resolution);
  const recorder = createRecorder(plan, run, resolution);
  const samples = Math.floor(cookDuration(plan) / resolution.interval + 1e-9);
  const taken = shared?.checkpoint.sample ?? 0;
  if (shared) {
    recorder.takeOver(shared.kept.record, taken);
    for (let sample = 1; sample <= taken; sample++) {
      if (isKnown?.(recorder.record, sample)) return recorder.finish(sample + 1);
    }
  } else recorder.take(0);
  const cook = createCook(plan, run, random, resolution, shared?.checkpoint.clock);
  let checkpoints: Checkpoint[] | null = null;
  if (beginnings && (!beginnings.kept || beginnings.renewed)) {
    checkpoints = shared ? shared.kept.checkpoints.filter(({ sample }) => sample <= taken) : [];
    beginnings.kept = { plan, seed, resolution, record: recorder.record, checkpoints };
  }
  for (let sample = taken + 1; sample <= samples; sample++) {
    cook.goOn(sample * resolution.interval);
    recorder.take(sample);
    if (isKnown?.(recorder.record, sample)) return recorder.finish(sample + 1);
    if (sample % KEPT_EVERY === 0) {
      checkpoints?.push({ sample, clock: cook.place(), run: copyRun(run), random: random.place() });
    }
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
