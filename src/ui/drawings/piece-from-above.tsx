import type { Cut } from '../../core/cut/cut';
import type { ColourRamp } from '../../core/food/colour-ramp';
import { inkColour } from './ink-colour';
import { pieceMarks } from './piece-marks';

/** One piece seen from above in mm about its middle, coloured by its browning; `twist` 0–1 varies it. */
export function PieceFromAbove({
  cut,
  ramp,
  browning,
  coated,
  twist,
}: {
  cut: Cut;
  ramp: ColourRamp;
  browning: number;
  coated: boolean;
  twist: number;
}) {
  return pieceMarks(cut, coated, twist).map(({ path, fill, stroke, strokeWidth, opacity }, i) => (
    <path
      key={i}
      d={path}
      fill={fill === undefined ? 'none' : inkColour(ramp, browning, fill)}
      stroke={stroke === undefined ? undefined : inkColour(ramp, browning, stroke)}
      strokeWidth={strokeWidth}
      strokeLinejoin="round"
      opacity={opacity}
    />
  ));
}
