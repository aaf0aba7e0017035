import type { Produce } from '../../core/cut/produce';
import type { GridCell } from '../../core/cut/produce-yield';
import { footprint } from '../../core/cut/pack-basket';
import type { Plan } from '../../core/plan/plan';
import { useUnits } from '../units-context';
import { lengthText } from '../words/format';
import { foodColour } from '../colour/food-colours';

/** Paper, px, and the widest vegetable that fits at the common scale, mm. */
const [WIDTH, HEIGHT] = [500, 170];

/** A whole vegetable cut through, with the grid of the cut over it: pieces in its colour, offcuts hatched. To scale. */
export function GridDrawing({ plan, produce, grid }: { plan: Plan; produce: Produce; grid: readonly GridCell[] }) {
  const units = useUnits();
  const ramp = plan.food.ramp;
  const [lengthMm, diameterMm] = [produce.length * 1000, produce.diameter * 1000];
  const scale = Math.min((HEIGHT - 20) / diameterMm, (WIDTH - 70) / (lengthMm + diameterMm), 2.2);
  const [long, across] = [lengthMm * scale, diameterMm * scale];
  const middle = HEIGHT / 2;
  const cellX = plan.cut.shape === 'stick' || plan.cut.shape === 'cube' ? plan.cut.thickness * 1000 * scale : 0;
  const cellY = plan.cut.shape === 'stick' ? plan.cut.width * 1000 * scale : cellX;
  const kept = grid.filter((cell) => cell.kept).length;
  const every =
    (plan.cut.shape === 'slice' || plan.cut.shape === 'disc' ? plan.cut.thickness : footprint(plan.cut).length) *
    1000 *
    scale;
  const isRound = produce.body === 'round';
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={
        grid.length > 0
          ? `Cut through the middle, to scale: ${kept} pieces across, ${grid.length - kept} offcuts`
          : `One, ${lengthText(lengthMm, units)} long and ${lengthText(diameterMm, units)} across, to scale`
      }
      className="h-auto w-full max-w-[500px]"
    >
      <defs>
        <pattern id="offcut" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="5" height="5" fill="#fff" />
          <line x1="0" y1="0" x2="0" y2="5" stroke="#4c545d" strokeWidth="1.4" />
        </pattern>
        <clipPath id="from-the-side">
          <Side long={long} across={across} body={produce.body} middle={middle} />
        </clipPath>
      </defs>
      <g fill={foodColour(ramp, 0)} stroke={foodColour(ramp, 1.6)} strokeWidth={2}>
        <Side long={long} across={across} body={produce.body} middle={middle} />
      </g>
      <g clipPath="url(#from-the-side)" stroke="#1b1e22" strokeWidth={0.8} strokeOpacity={0.7}>
        {Array.from({ length: Math.min(120, Math.floor(long / every)) }, (_, i) => (
          <line key={i} x1={10 + (i + 1) * every} x2={10 + (i + 1) * every} y1={0} y2={HEIGHT} />
        ))}
      </g>
      {grid.length > 0 && (
        <g transform={`translate(${long + 40 + across / 2} ${middle})`}>
          {produce.body === 'block' ? (
            <rect x={-across / 2} y={-across / 2} width={across} height={across} fill="#fff" stroke="#4c545d" />
          ) : (
            <circle r={across / 2} fill="#fff" stroke={foodColour(ramp, 1.6)} strokeWidth={isRound ? 2 : 1.5} />
          )}
          {grid.map((cell, i) => (
            <rect
              key={i}
              x={cell.x * 1000 * scale - cellX / 2}
              y={cell.y * 1000 * scale - cellY / 2}
              width={cellX}
              height={cellY}
              fill={cell.kept ? foodColour(ramp, 0) : 'url(#offcut)'}
              fillOpacity={cell.kept ? 0.4 + 0.6 * cell.share : 0.7}
              stroke="#1b1e22"
              strokeWidth={0.7}
            />
          ))}
        </g>
      )}
    </svg>
  );
}

function Side({ long, across, body, middle }: { long: number; across: number; body: Produce['body']; middle: number }) {
  const [left, top] = [10, middle - across / 2];
  if (body === 'round') return <ellipse cx={left + long / 2} cy={middle} rx={long / 2} ry={across / 2} />;
  if (body === 'tapered')
    return (
      <path
        d={`M${left} ${top}L${left + long} ${middle - 0.15 * across}v${0.3 * across}L${left} ${top + across}z`}
        strokeLinejoin="round"
      />
    );
  return <rect x={left} y={top} width={long} height={across} rx={body === 'block' ? 2 : across / 3} />;
}
