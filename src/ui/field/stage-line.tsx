import type { Stage } from '../../core/plan/plan';
import { celsiusFromKelvin } from '../../core/units/temperature';
import { temperatureText, type UnitSystem } from '../words/format';
import type { TimeScale } from './time-scale';

/** Level of the dial's line at each time, px from its top: hotter is higher. */
export function dialLevel(stages: readonly Stage[], height: number): (time: number) => number {
  const temperatures = stages.map(({ temperature }) => temperature);
  const [low, high] = [Math.min(...temperatures), Math.max(...temperatures)];
  const rise = high > low ? Math.min(height - 18, 12) : 0;
  return (time) => {
    let from = 0;
    let at = temperatures[0]!;
    for (const stage of stages) {
      if (time >= from) at = stage.temperature;
      from += stage.duration;
    }
    return height - (high > low ? ((at - low) / (high - low)) * rise : 0);
  };
}

/** Where in the dial's line its numbers stand, px. */
export function stageStarts(stages: readonly Stage[], duration: number, x: TimeScale): number[] {
  let from = 0;
  return stages.flatMap(({ duration: long }) => {
    const at = from;
    from += long;
    return at < duration ? [x(at)] : [];
  });
}

/** Dial temperatures as a stepped line with their numbers. */
export function StageLine({
  stages,
  duration,
  x,
  height,
  units,
}: {
  stages: readonly Stage[];
  duration: number;
  x: TimeScale;
  /** px from the top to the line of the coolest stage */
  height: number;
  units: UnitSystem;
}) {
  const level = dialLevel(stages, height);
  const starts = stages.map((_, i) => stages.slice(0, i).reduce((sum, stage) => sum + stage.duration, 0));
  return (
    <g>
      {stages.map((stage, i) => {
        const from = starts[i]!;
        if (from >= duration) return null;
        const end = from + stage.duration;
        const next = end < duration && stages[i + 1];
        return (
          <g key={i}>
            <path
              d={`M${x(from)} ${level(from)}H${x(Math.min(duration, end))}${next ? `V${level(end)}` : ''}`}
              fill="none"
              className="stroke-current"
              strokeWidth={1.5}
            />
            <text x={x(from) + 1} y={level(from) - 6} className="fill-current text-[12px] font-semibold">
              {temperatureText(celsiusFromKelvin(stage.temperature), units)}
            </text>
          </g>
        );
      })}
    </g>
  );
}
