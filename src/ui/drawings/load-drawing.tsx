import { useMemo } from 'react';
import { batchYield } from '../../core/cut/batch-yield';
import { cutThickness, OPENNESS_BETWEEN } from '../../core/cut/piece-geometry';
import { type PackedPiece, packLayer } from '../../core/cut/pack-basket';
import { freshLayers } from '../../core/fryer/layers';
import { createSeededRandom } from '../../core/numeric/seeded-random';
import type { Plan } from '../../core/plan/plan';
import { foodColour } from '../colour/food-colours';
import { useUnits } from '../units-context';
import type { UnitSystem } from '../words/format';
import { type DrawingProps, PAPER, Sketch } from './sketch';

/** Most pieces drawn in a layer; more would be too small to see. */
const MOST_DRAWN = 320;

/** Side of the largest basket drawn at the common scale, mm; larger ones fill the paper. */
const WIDEST_AT_SCALE = 240;

/** The basket from above, to scale, its pieces packed without overlap; a heap by its two top layers and its stack from the side. */
export function LoadDrawing({ plan, ramp, large }: DrawingProps) {
  const { width, height } = large ? PAPER.large : PAPER.small;
  const sideMm = Math.sqrt(plan.fryer.basketArea) * 1000;
  const scale = (height - 8) / Math.max(WIDEST_AT_SCALE, sideMm);
  const side = sideMm * scale;
  const left = large ? 12 : (width - side) / 2;
  const top = large ? (height - side) / 2 : height - side - 1;
  const { count } = batchYield(plan.food, plan.cut, plan.mass);
  const layers = freshLayers(plan);
  const units = useUnits();
  const shown = useMemo(() => topLayers(plan), [plan]);
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
        {shown.map(({ pieces, depth }) => (
          <g key={depth} opacity={depth === 0 ? 1 : 0.45}>
            {pieces.map((piece, i) => (
              <PieceFromAbove
                key={i}
                piece={piece}
                scale={scale * 1000}
                fill={foodColour(ramp, depth === 0 ? 0.1 : 0.5)}
              />
            ))}
          </g>
        ))}
      </g>
      {large && layers > 1 && (
        <LayerStack left={left + side + 190} top={top} width={110} height={side} layers={layers} plan={plan} />
      )}
      {large && (
        <g className="fill-iron text-[14px]">
          <text x={left + side + 18} y={top + 24} className="font-semibold">
            {layers.toFixed(1)} layers
          </text>
          <text x={left + side + 18} y={top + 46}>
            {count} pieces
          </text>
          <text x={left + side + 18} y={top + 68} className="fill-iron-soft">
            basket {basketText(sideMm, units)} square
          </text>
        </g>
      )}
    </Sketch>
  );
}

/** The top layer, and the one below it where there is one, deepest first. */
function topLayers(plan: Plan): { pieces: PackedPiece[]; depth: number }[] {
  const side = Math.sqrt(plan.fryer.basketArea);
  const { count } = batchYield(plan.food, plan.cut, plan.mass);
  const layers = freshLayers(plan);
  const perLayer = Math.min(MOST_DRAWN, Math.ceil(count / Math.max(1, layers)));
  const random = createSeededRandom(7);
  const top = { pieces: packLayer(plan.cut, side, Math.min(count, perLayer), random), depth: 0 };
  return layers > 1.1 ? [{ pieces: packLayer(plan.cut, side, perLayer, random), depth: 1 }, top] : [top];
}

function PieceFromAbove({ piece, scale, fill }: { piece: PackedPiece; scale: number; fill: string }) {
  const [x, y] = [piece.x * scale, piece.y * scale];
  if (piece.round)
    return <circle cx={x} cy={y} r={(piece.length * scale) / 2} fill={fill} stroke="#1b1e22" strokeWidth={0.5} />;
  return (
    <rect
      x={x - (piece.length * scale) / 2}
      y={y - (piece.width * scale) / 2}
      width={piece.length * scale}
      height={piece.width * scale}
      rx={1}
      fill={fill}
      stroke="#1b1e22"
      strokeWidth={0.5}
      transform={piece.turn === 0 ? undefined : `rotate(${(piece.turn * 180) / Math.PI} ${x} ${y})`}
    />
  );
}

/** The heap from the side: a bar a layer, as wide as the share of the fan's air that reaches its upper face. */
function LayerStack({
  left,
  top,
  width,
  height,
  layers,
  plan,
}: {
  left: number;
  top: number;
  width: number;
  height: number;
  layers: number;
  plan: Plan;
}) {
  const rows = Math.max(1, Math.ceil(layers - 0.15));
  const open = OPENNESS_BETWEEN[plan.cut.shape];
  const each = Math.min(26, (height - 24) / rows, cutThickness(plan.cut) * 1000 + 6);
  return (
    <g className="text-[12px]">
      <text x={left} y={top + 10} className="fill-iron-soft">
        air reaching each layer
      </text>
      {Array.from({ length: rows }, (_, i) => {
        const share = i === 0 ? 1 : open;
        return (
          <g key={i}>
            <rect
              x={left}
              y={top + 18 + i * each}
              width={width * share}
              height={each - 3}
              fill="#1c7c86"
              fillOpacity={0.55}
            />
            <text x={left + width * share + 5} y={top + 18 + i * each + each / 2 + 2} className="fill-iron">
              {Math.round(share * 100)} %
            </text>
          </g>
        );
      })}
    </g>
  );
}

/** The side of a basket as one would say it. */
function basketText(sideMm: number, units: UnitSystem): string {
  return units === 'us' ? `${(sideMm / 25.4).toFixed(1)} in` : `${Math.round(sideMm / 10)} cm`;
}
