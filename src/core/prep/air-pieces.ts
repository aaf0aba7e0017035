import { stepPieces } from '../piece/piece-step.kernel';
import type { PieceState } from '../piece/piece-state';
import { vapourPressureOf } from '../properties/kitchen-air';
import { AMBIENT_HUMIDITY_RATIO, AMBIENT_TEMPERATURE } from '../properties/kitchen-air';

/** Coefficient of pieces spread out in a kitchen, W/(m² K). Source: free convection and radiation, 8–10. */
const OPEN_AIR_TRANSFER = 9;

/** Length of a step, s. */
const STEP = 15;

/** Leaves pieces in the kitchen's air: hot ones steam dry by their own heat, cold wet ones dry slowly. */
export function airPieces(state: PieceState, duration: number): void {
  state.airTemperature.fill(AMBIENT_TEMPERATURE);
  state.radiantTemperature.fill(AMBIENT_TEMPERATURE);
  state.vapourPressure.fill(vapourPressureOf(AMBIENT_HUMIDITY_RATIO));
  state.convection.fill(OPEN_AIR_TRANSFER);
  state.radiation.fill(0);
  const steps = Math.max(1, Math.round(duration / STEP));
  for (let n = 0; n < steps; n++) stepPieces(state, duration / steps);
}
