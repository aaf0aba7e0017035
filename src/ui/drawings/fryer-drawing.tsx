import { line, scaleLinear } from 'd3';
import { createCavity, stepCavity } from '../../core/fryer/cavity';
import { celsiusFromKelvin } from '../../core/units/temperature';
import { useUnits } from '../units-context';
import { temperatureText } from '../words/format';
import { type DrawingProps, PAPER, Sketch } from './sketch';

/** Minutes shown, and steps of the curve, s. */
const SHOWN = 600;
const STEP = 6;

/** How the empty fryer heats up, from its power and size; the preheat is the shaded part. */
export function FryerDrawing({ plan, large }: DrawingProps) {
  const units = useUnits();
  const { width, height } = large ? PAPER.large : PAPER.small;
  const dial = plan.preheat?.temperature ?? plan.stages[0]!.temperature;
  const curve = heatUp(plan, dial);
  const pad = large ? 26 : 4;
  const x = scaleLinear([0, SHOWN], [pad, width - 6]);
  const y = scaleLinear([20, 230], [height - (large ? 22 : 1), 8]);
  const path = line<{ time: number; temperature: number }>(
    (point) => x(point.time),
    (point) => y(celsiusFromKelvin(point.temperature)),
  )(curve);
  const preheat = plan.preheat?.duration ?? 0;
  return (
    <Sketch
      large={large}
      label={`The empty fryer heating to ${temperatureText(celsiusFromKelvin(dial), units)} over ten minutes`}
    >
      {preheat > 0 && (
        <rect
          x={x(0)}
          y={8}
          width={x(Math.min(SHOWN, preheat)) - x(0)}
          height={y(20) - 8}
          className="fill-enamel-deep"
        />
      )}
      <line x1={x(0)} x2={x(SHOWN)} y1={y(20)} y2={y(20)} className="stroke-iron-soft" />
      <line
        x1={x(0)}
        x2={x(SHOWN)}
        y1={y(celsiusFromKelvin(dial))}
        y2={y(celsiusFromKelvin(dial))}
        className="stroke-iron-soft"
        strokeDasharray="3 4"
      />
      <path d={path ?? ''} fill="none" className="stroke-iron" strokeWidth={large ? 2.5 : 2} />
      {large && (
        <g className="fill-iron-soft text-[12px]">
          {[0, 2, 4, 6, 8, 10].map((minute) => (
            <text key={minute} x={x(minute * 60)} y={height - 6} textAnchor="middle">
              {minute}
            </text>
          ))}
          <text x={x(SHOWN)} y={y(celsiusFromKelvin(dial)) - 5} textAnchor="end">
            dial {temperatureText(celsiusFromKelvin(dial), units)}
          </text>
          {preheat > 0 && (
            <text x={x(0) + 4} y={22}>
              preheat
            </text>
          )}
        </g>
      )}
    </Sketch>
  );
}

function heatUp(plan: DrawingProps['plan'], dial: number) {
  const cavity = createCavity();
  const points = [{ time: 0, temperature: cavity.temperature }];
  for (let time = STEP; time <= SHOWN; time += STEP) {
    stepCavity(cavity, plan.fryer, dial, 0, 0, false, STEP);
    points.push({ time, temperature: cavity.temperature });
  }
  return points;
}
