import { cutThickness } from '../../core/cut/piece-geometry';
import { sugarDiffusivity } from '../../core/prep/sugar-leaching';
import { foodColour } from '../colour/food-colours';
import { type DrawingProps, PAPER, Sketch } from './sketch';

/** A piece cut through, lying in water; the teal margin is as deep as sugar has left it, √(D·t). */
export function SoakDrawing({ plan, ramp, large }: DrawingProps) {
  const { width, height } = large ? PAPER.large : PAPER.small;
  const soak = plan.preparation.find((step) => step.step === 'soak');
  const scale = large ? 9 : 2.2;
  const side = Math.min(cutThickness(plan.cut) * 1000 * scale, height - 16);
  const depth = soak ? Math.sqrt(sugarDiffusivity(soak.waterTemperature) * soak.duration) * 1000 * scale : 0;
  const margin = Math.min(depth, side / 2);
  const left = (width - side) / 2;
  const top = large ? (height - side) / 2 + 6 : height - side - (soak ? 5 : 1);
  return (
    <Sketch
      large={large}
      label={soak ? 'A piece cut through in its water; the margin shows how deep sugar has left' : 'No soak'}
    >
      {soak && (
        <path
          d={`M8 10v${height - (large ? 22 : 21)}q0 10 10 10h${width - 36}q10 0 10-10v${-(height - (large ? 22 : 21))}`}
          fill="#1c7c86"
          fillOpacity={0.16}
          stroke="#1c7c86"
          strokeWidth={2}
        />
      )}
      <rect
        x={left}
        y={top}
        width={side}
        height={side}
        fill={soak ? '#5fa9ae' : foodColour(ramp, 0)}
        stroke={foodColour(ramp, 1.4)}
      />
      <rect
        x={left + margin}
        y={top + margin}
        width={side - 2 * margin}
        height={side - 2 * margin}
        fill={foodColour(ramp, 0)}
      />
    </Sketch>
  );
}
