import { mixBed } from '../fryer/bed';
import { createSeededRandom, type RandomSource } from '../numeric/seeded-random';
import { cookDuration, dialTemperature, type CookAction, type CookEvent, type Plan } from '../plan/plan';
import type { CookRecord } from './cook-record';
import { createRecorder } from './cook-recorder';
import { addNext, type CookRun, oilAgain, pullRight, startRun, stepRun } from './cook-run';
import { type Resolution, STANDARD_RESOLUTION } from './resolution';

/** Drawer out for each action, s, how much it mixes, and the chance that a piece turns. Source: assumed. */
const ACTIONS: Record<CookAction, { readonly open: number; readonly mixing: number; readonly turning: number }> = {
  shake: { open: 16, mixing: 0.6, turning: 0.5 },
  toss: { open: 40, mixing: 0.95, turning: 0.5 },
  flip: { open: 60, mixing: 0, turning: 1 },
  open: { open: 30, mixing: 0, turning: 0 },
  pull: { open: 25, mixing: 0.3, turning: 0.3 },
  oil: { open: 30, mixing: 0.5, turning: 0.5 },
  add: { open: 30, mixing: 0, turning: 0 },
};

/** Cooks the plan on a sample of pieces. Same plan, seed and resolution, same bits. Cost: see `npm run bench`. */
export function simulateCook(plan: Plan, seed: number, resolution: Resolution = STANDARD_RESOLUTION): CookRecord {
  const random = createSeededRandom(seed);
  const run = startRun(plan, random, resolution);
  const recorder = createRecorder(plan, run, resolution);
  const perSample = Math.round(resolution.interval / resolution.step);
  recorder.take(0);
  cook(plan, run, random, resolution, cookDuration(plan), (steps) => {
    if (steps % perSample === 0) recorder.take(steps / perSample);
  });
  return recorder.finish();
}

/** The batch as it is `time` s after loading, for what comes after the drawer. */
export function cookUntil(plan: Plan, seed: number, time: number, resolution: Resolution): CookRun {
  const random = createSeededRandom(seed);
  const run = startRun(plan, random, resolution);
  cook(plan, run, random, resolution, time, () => undefined);
  return run;
}

/** Does at the drawer what an event says; returns how long the drawer is out, s. */
export function actAtDrawer(run: CookRun, event: Pick<CookEvent, 'action' | 'oilMass'>, random: RandomSource): number {
  const { open, mixing, turning } = ACTIONS[event.action];
  mixBed(run.bed, mixing, turning, random);
  if (event.action === 'pull') pullRight(run);
  if (event.action === 'oil') oilAgain(run, event.oilMass ?? 0);
  if (event.action === 'add') addNext(run);
  return open;
}

function cook(
  plan: Plan,
  run: CookRun,
  random: RandomSource,
  resolution: Resolution,
  until: number,
  afterStep: (steps: number) => void,
): void {
  const steps = Math.round(until / resolution.step);
  const events = [...plan.events].sort((a, b) => a.time - b.time);
  let event = 0;
  let openUntil = -1;
  for (let n = 0; n < steps; n++) {
    const time = n * resolution.step;
    while (event < events.length && events[event]!.time <= time) {
      openUntil = Math.max(openUntil, time + actAtDrawer(run, events[event]!, random));
      event++;
    }
    stepRun(run, plan, dialTemperature(plan.stages, time), time + resolution.step / 2 < openUntil, resolution.step);
    afterStep(n + 1);
  }
}
