import { line, scaleLinear } from 'd3';
import { HEAT_UP_INTERVAL, heatUp } from '../../core/fryer/heat-up';
import type { Fryer } from '../../core/plan/fryer';
import type { Stage } from '../../core/plan/plan';
import { celsiusFromKelvin } from '../../core/units/temperature';
import { temperatureText, type UnitSystem } from '../words/format';

const [WIDTH, HEIGHT, EDGE] = [180, 92, 8];

/** How the empty fryer warms: the dial dotted, what has passed bold, where it should be by now as a point with its °C. */
export function HeatUpDrawing({
  fryer,
  stage,
  passed,
  units,
}: {
  fryer: Fryer;
  stage: Stage;
  /** s since the preheat began */
  passed: number;
  units: UnitSystem;
}) {
  const curve = heatUp(fryer, stage);
  const at = Math.min(curve.length - 1, Math.max(0, Math.round(passed / HEAT_UP_INTERVAL)));
  const x = scaleLinear([0, curve.length - 1], [EDGE, WIDTH - EDGE]);
  const y = scaleLinear([curve[0]!, stage.temperature], [HEIGHT - EDGE, EDGE + 6]);
  const path = line<number>(
    (_, i) => x(i),
    (kelvin) => y(kelvin),
  );
  const now = temperatureText(celsiusFromKelvin(curve[at]!), units);
  const isLeft = x(at) > WIDTH * 0.6;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={`By now the empty fryer should be at about ${now}`}
      className="mt-2 h-auto w-full max-w-[230px]"
    >
      <line x1={EDGE} x2={WIDTH - EDGE} y1={EDGE + 6} y2={EDGE + 6} strokeDasharray="2 4" className="stroke-ash" />
      <line
        x1={EDGE}
        x2={WIDTH - EDGE}
        y1={HEIGHT - EDGE}
        y2={HEIGHT - EDGE}
        className="stroke-iron-line"
        strokeWidth={2}
      />
      <path d={path(curve) ?? ''} fill="none" className="stroke-iron-soft" strokeWidth={2} />
      <path
        d={path(curve.slice(0, at + 1)) ?? ''}
        fill="none"
        className="stroke-enamel"
        strokeWidth={3.5}
        strokeLinecap="round"
      />
      <circle cx={x(at)} cy={y(curve[at]!)} r={5} className="fill-enamel" />
      <text
        x={x(at) + (isLeft ? -10 : 10)}
        y={y(curve[at]!) + (isLeft ? 18 : -3)}
        textAnchor={isLeft ? 'end' : 'start'}
        className="fill-enamel text-[14px] font-semibold"
      >
        {now}
      </text>
    </svg>
  );
}
