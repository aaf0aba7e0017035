import type { Fryer } from '../plan/fryer';
import type { Stage } from '../plan/plan';
import { AMBIENT_TEMPERATURE } from '../properties/kitchen-air';
import { createCavity, stepCavity } from './cavity';

/** s between values of a heat-up curve. */
export const HEAT_UP_INTERVAL = 5;

/** K of the air in an empty, closed fryer while it preheats, from the start on. */
export function heatUp(fryer: Fryer, { duration, temperature }: Stage, from = AMBIENT_TEMPERATURE): number[] {
  const cavity = createCavity(from);
  const curve = [cavity.temperature];
  for (let time = HEAT_UP_INTERVAL; time <= duration; time += HEAT_UP_INTERVAL) {
    stepCavity(cavity, fryer, temperature, 0, 0, false, HEAT_UP_INTERVAL);
    curve.push(cavity.temperature);
  }
  return curve;
}
