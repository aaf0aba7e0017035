import { batchYield } from '../../core/cut/batch-yield';
import { footprint } from '../../core/cut/pack-basket';
import { foodColour } from '../colour/food-colours';
import { type DrawingProps, PAPER, Sketch } from './sketch';

/** Pieces lying apart on the bars of a rack, to scale. */
export function RestDrawing({ plan, ramp, large }: DrawingProps) {
  const { width, height } = large ? PAPER.large : PAPER.small;
  const scale = large ? 1.6 : 0.6;
  const piece = footprint(plan.cut);
  const { count } = batchYield(plan.food, plan.cut, plan.mass);
  const long = Math.min(width / 3, piece.length * 1000 * scale);
  const thick = Math.max(2, Math.min(height / 3, piece.width * 1000 * scale));
  const shown = Math.min(count, Math.max(1, Math.floor((width - 16) / (long + 6))));
  const base = height * (large ? 0.66 : 0.78);
  return (
    <Sketch large={large} label="Pieces apart on a rack, to scale">
      {Array.from({ length: shown }, (_, i) => (
        <rect
          key={i}
          x={8 + i * (long + 6)}
          y={base - thick}
          width={long}
          height={thick}
          rx={piece.round ? thick / 2 : 1}
          fill={foodColour(ramp, 0.9)}
          stroke={foodColour(ramp, 2)}
        />
      ))}
      <line
        x1={2}
        x2={width - 2}
        y1={base + 1.5}
        y2={base + 1.5}
        className="stroke-iron-line"
        strokeWidth={large ? 3 : 2}
      />
      {[0.08, 0.92].map((at) => (
        <line
          key={at}
          x1={width * at}
          x2={width * at}
          y1={base}
          y2={large ? height - 4 : height}
          className="stroke-iron-line"
          strokeWidth={large ? 3 : 2}
        />
      ))}
    </Sketch>
  );
}
