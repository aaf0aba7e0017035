import { stepPieces } from '../piece/piece-step.kernel';
import { AMBIENT_HUMIDITY_RATIO, AMBIENT_TEMPERATURE, vapourPressureOf } from '../properties/kitchen-air';
import { enterByArea, type InHand } from './in-hand';

/** Coefficient of pieces spread out in a kitchen, W/(m² K). Source: free convection and radiation, 8–10. */
const OPEN_AIR_TRANSFER = 9;

/** Length of a step, s. Source: numerics. */
const STEP = 15;

/** Leaves pieces in the kitchen's air: hot ones steam dry by their own heat, cold wet ones dry slowly. */
export function airPieces(hand: InHand, duration: number): void {
  const { state } = hand;
  state.airTemperature.fill(AMBIENT_TEMPERATURE);
  state.radiantTemperature.fill(AMBIENT_TEMPERATURE);
  state.vapourPressure.fill(vapourPressureOf(AMBIENT_HUMIDITY_RATIO));
  state.convection.fill(OPEN_AIR_TRANSFER);
  state.radiation.fill(0);
  const steps = Math.max(1, Math.round(duration / STEP));
  const length = Float64Array.of(duration / steps);
  const lost = new Float64Array(state.count);
  for (let n = 0; n < steps; n++) {
    stepPieces(state, length);
    for (let p = 0; p < lost.length; p++) lost[p] = lost[p]! - state.evaporated[p]!;
  }
  enterByArea(hand, 'steam', 'water', lost, 1);
}
