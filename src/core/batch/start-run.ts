import { createCavity, stepCavity } from '../fryer/cavity';
import type { RandomSource } from '../numeric/seeded-random';
import { type Plan, planParts } from '../plan/plan';
import { prepTasks } from '../prep/prep-tasks';
import { AMBIENT_TEMPERATURE } from '../properties/kitchen-air';
import { type CookRun, putIn } from './cook-run';
import { cookEarlier, type FryerLeft } from './earlier-cook';
import { createGroup, type PieceGroup } from './piece-group';
import type { Resolution } from './resolution';

/** Fewest sample pieces of a part that is added. Source: numerics. */
const LEAST_ADDED = 4;

/** Prepared pieces in a basket that goes in now; those to be added later wait beside it. */
export function startRun(plan: Plan, random: RandomSource, resolution: Resolution): CookRun<PieceGroup> {
  const fryer: { left: FryerLeft | null } = { left: null };
  const cook = cookEarlier(plan, random, resolution, (warmth) => {
    fryer.left = warmth;
  });
  const groups: PieceGroup[] = [];
  let first = 0;
  for (const part of planParts(plan)) {
    const wanted = Math.round((resolution.pieces * part.mass) / plan.mass);
    const count = first === 0 ? resolution.pieces : Math.min(resolution.pieces, Math.max(LEAST_ADDED, wanted));
    groups.push(createGroup(part, plan, count, resolution.cells, first, random, cook));
    first += count;
  }
  for (const { state } of groups) state.ripensThroughout = false;
  const { left } = fryer;
  return putIn(groups, left ? { ...plan, fryerTemperature: cooledSince(plan, left) } : plan, random);
}

/** Length of a step of an empty fryer that cools, s. Source: numerics. */
const COOLING_STEP = 20;

/** K of the air in a fryer that has stood switched off and shut while what followed its last cook was done. */
function cooledSince(plan: Plan, { step, temperature }: FryerLeft): number {
  const since = prepTasks(plan)
    .slice(step + 1, plan.preparation.length)
    .reduce((sum, task) => sum + task.duration, 0);
  const cavity = createCavity(temperature);
  for (let time = 0; time < since && cavity.temperature > AMBIENT_TEMPERATURE + 1; time += COOLING_STEP) {
    stepCavity(cavity, plan.fryer, 0, 0, 0, false, COOLING_STEP);
  }
  return cavity.temperature;
}
