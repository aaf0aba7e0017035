import { batchYield } from '../../core/cut/batch-yield';
import { cutThickness } from '../../core/cut/piece-geometry';
import { freshLayers } from '../../core/fryer/layers';
import { createSeededRandom } from '../../core/numeric/seeded-random';
import type { Plan } from '../../core/plan/plan';
import { foodColour } from '../colour/food-colours';
import { type DrawingProps, PAPER, Sketch } from './sketch';

/** Most pieces drawn; more would be too small to see. */
const MOST_DRAWN = 260;

/** Side of the largest basket drawn at the common scale, mm; larger ones fill the paper. */
const WIDEST_AT_SCALE = 240;

/** The basket from above, to scale: the floor, and the pieces of the top layer in rows, with the layers below as a number. */
export function LoadDrawing({ plan, ramp, large }: DrawingProps) {
  const { width, height } = large ? PAPER.large : PAPER.small;
  const sideMm = Math.sqrt(plan.fryer.basketArea) * 1000;
  const scale = (height - 8) / Math.max(WIDEST_AT_SCALE, sideMm);
  const side = sideMm * scale;
  const left = large ? 12 : (width - side) / 2;
  const top = (height - side) / 2;
  const { count } = batchYield(plan.food, plan.cut, plan.mass);
  const layers = freshLayers(plan);
  return (
    <Sketch large={large} label={`The basket from above, to scale: ${count} pieces in ${layers.toFixed(1)} layers`}>
      <rect
        x={left}
        y={top}
        width={side}
        height={side}
        rx={side * 0.12}
        className="fill-iron-line stroke-iron"
        strokeWidth={large ? 3 : 1.5}
      />
      <g transform={`translate(${left} ${top})`}>
        {layOut(plan, sideMm, Math.ceil(count / Math.max(1, layers))).map((spot, i) => (
          <rect
            key={i}
            x={spot.x * scale}
            y={spot.y * scale}
            width={spot.length * scale}
            height={spot.width * scale}
            rx={spot.round ? (spot.length * scale) / 2 : 0.5}
            fill={foodColour(ramp, spot.shade)}
            transform={`rotate(${spot.turn} ${(spot.x + spot.length / 2) * scale} ${(spot.y + spot.width / 2) * scale})`}
          />
        ))}
      </g>
      {large && (
        <g className="fill-iron text-[14px]">
          <text x={left + side + 18} y={top + 24} className="font-semibold">
            {layers.toFixed(1)} layers
          </text>
          <text x={left + side + 18} y={top + 46}>
            {count} pieces
          </text>
          <text x={left + side + 18} y={top + 68} className="fill-iron-soft">
            basket {Math.round(sideMm / 10)} × {Math.round(sideMm / 10)} cm
          </text>
        </g>
      )}
    </Sketch>
  );
}

interface Spot {
  x: number;
  y: number;
  length: number;
  width: number;
  round: boolean;
  turn: number;
  shade: number;
}

/** Rows of pieces on the floor, mm, none over another; as many as fit, at most `count`. */
function layOut(plan: Plan, sideMm: number, count: number): Spot[] {
  const { cut } = plan;
  const random = createSeededRandom(7);
  const width = ('width' in cut ? cut.width : 'diameter' in cut ? cut.diameter : cutThickness(cut)) * 1000;
  const length = 'length' in cut ? cut.length * 1000 : width;
  const gap = Math.max(1.5, width * 0.12);
  const spots: Spot[] = [];
  for (let y = gap; y + width + gap <= sideMm; y += width + gap) {
    let x = gap + random() * gap;
    while (x + length + gap <= sideMm && spots.length < Math.min(count, MOST_DRAWN)) {
      spots.push({
        x,
        y,
        length,
        width,
        round: !('length' in cut) && 'diameter' in cut,
        turn: (random() - 0.5) * 3,
        shade: random() * 0.35,
      });
      x += length + gap * (1 + random());
    }
  }
  return spots;
}
