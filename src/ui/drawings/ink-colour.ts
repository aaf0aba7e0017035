import type { ColourRamp } from '../../core/food/colour-ramp';
import { foodColour } from '../colour/food-colours';
import type { Ink } from './piece-marks';

/** CSS colour of an ink on a food of this browning. */
export function inkColour(ramp: ColourRamp, browning: number, ink: Ink): string {
  return typeof ink === 'string' ? ink : foodColour(ramp, browning + ink);
}
