import type { ReactNode } from 'react';
import type { ColourRamp } from '../../core/food/colour-ramp';
import type { Plan } from '../../core/plan/plan';
import { useUnits } from '../units-context';

/** What every drawing is made from: the plan in SI, the food's colours, and whether it stands in the strip or large. */
export interface DrawingProps {
  readonly plan: Plan;
  readonly ramp: ColourRamp;
  readonly large: boolean;
}

/** Paper of a drawing, CSS pixels; the small one stands on the bench line with its lower edge. */
export const PAPER = { small: { width: 112, height: 62 }, large: { width: 500, height: 150 } } as const;

/** An SVG of the drawing's size with a name for those who do not see it. */
export function Sketch({ large, label, children }: { large: boolean; label: string; children: ReactNode }) {
  const { width, height } = large ? PAPER.large : PAPER.small;
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      role={large ? 'img' : undefined}
      aria-label={large ? label : undefined}
      aria-hidden={large ? undefined : true}
      className={large ? 'h-auto w-full max-w-[500px]' : 'h-[42px] w-[76px]'}
    >
      {children}
    </svg>
  );
}

/** Marks of a ruler: mm between two, how many make a long one, and the word of its unit. */
const RULERS = {
  metric: { mark: 10, long: 5, unit: 'cm', marksPerUnit: 1 },
  us: { mark: 25.4 / 4, long: 4, unit: 'in', marksPerUnit: 4 },
} as const;

/** A ruler along the bottom in the kitchen's units, centimetres or quarters of an inch, `scale` px/mm. */
export function Ruler({ scale, width, y }: { scale: number; width: number; y: number }) {
  const { mark, long, unit, marksPerUnit } = RULERS[useUnits()];
  const step = mark * scale;
  const count = Math.floor(width / step / marksPerUnit) * marksPerUnit;
  return (
    <g className="stroke-iron-soft">
      <line x1={0} x2={count * step} y1={y} y2={y} />
      {Array.from({ length: count + 1 }, (_, i) => (
        <line key={i} x1={i * step} x2={i * step} y1={y} y2={y - (i % long === 0 ? 8 : 5)} />
      ))}
      <text x={count * step} y={y - 10} textAnchor="end" className="fill-iron-soft stroke-none text-[12px]">
        {count / marksPerUnit} {unit}
      </text>
    </g>
  );
}
