import { foodColour } from '../colour/food-colours';
import { useUnits } from '../units-context';
import { filmText } from '../words/format';
import { PAPER, Sketch } from './sketch';
import type { ColourRamp } from '../../core/food/colour-ramp';

/** A surface cut through with the film that lies on it, thickness enlarged by one scale for all films. */
export function FilmDrawing({
  ramp,
  large,
  filmGM2,
  colour,
  label,
}: {
  ramp: ColourRamp;
  large: boolean;
  /** g/m², a thousandth of a millimetre of water each */
  filmGM2: number;
  colour: string;
  label: string;
}) {
  const units = useUnits();
  const { width, height } = large ? PAPER.large : PAPER.small;
  const enlarged = large ? 0.5 : 0.19;
  const film = filmGM2 * enlarged;
  const surface = large ? 120 : 34;
  /* in the strip a block stands on the bench */
  const [left, wide] = large ? [0, width] : [22, width - 44];
  return (
    <Sketch large={large} label={label}>
      <rect x={left} y={surface} width={wide} height={height - surface} fill={foodColour(ramp, 0)} />
      {film > 0 && <rect x={left} y={surface - film} width={wide} height={film} fill={colour} />}
      <path
        d={large ? `M0 ${surface}H${width}` : `M${left} ${height - 0.5}V${surface}h${wide}V${height - 0.5}`}
        fill="none"
        stroke={foodColour(ramp, 1.6)}
      />
      {large && (
        <text x={width - 6} y={surface - film - 6} textAnchor="end" className="fill-iron-soft text-[13px]">
          {filmText(filmGM2, units)}, enlarged 125 times
        </text>
      )}
    </Sketch>
  );
}
