'use client';

import { batchYield } from '@/core/cut/batch-yield';
import type { CutShape } from '@/core/cut/cut';
import type { PlanFile } from '@/schemas/plan-file';
import { withShape } from '@/schemas/edit-plan';
import { Choice } from '@/ui/controls/choice';
import { Lever } from '@/ui/controls/lever';
import { useUnits } from '@/ui/units-context';
import { STEP_CAUTIONS } from '@/ui/words/cautions';
import { lengthText, massText } from '@/ui/words/format';
import { SHAPE_WORDS } from '@/ui/words/labels';
import type { StationProps } from './station';
import { StationCaution } from './station-caution';

interface Dimension {
  readonly field: 'thickness_mm' | 'diameter_mm' | 'length_mm' | 'width_mm';
  readonly word: string;
  readonly limits: readonly [number, number];
  readonly step: number;
}

const thickness = (low: number, high: number, step = 0.5): Dimension => ({
  field: 'thickness_mm',
  word: 'Thickness',
  limits: [low, high],
  step,
});
const diameter = (low: number, high: number): Dimension => ({
  field: 'diameter_mm',
  word: 'Diameter',
  limits: [low, high],
  step: 1,
});
const length = (low: number, high: number): Dimension => ({
  field: 'length_mm',
  word: 'Length',
  limits: [low, high],
  step: 5,
});

/** What can be set of each shape. */
const DIMENSIONS: Record<CutShape, readonly Dimension[]> = {
  stick: [thickness(4, 25), length(20, 120)],
  slice: [thickness(1, 12, 0.1), diameter(15, 100)],
  cube: [thickness(8, 35)],
  wedge: [thickness(10, 45), length(40, 140)],
  floret: [diameter(15, 70)],
  cylinder: [diameter(5, 45), length(20, 160)],
  disc: [thickness(4, 25), diameter(25, 100)],
  sheet: [thickness(0.3, 1.5, 0.1), length(20, 120)],
  formed: [diameter(12, 50), length(15, 120)],
};
const SHAPES = Object.keys(DIMENSIONS) as CutShape[];

const TOOLS = [
  { value: '0.12', word: 'By eye', note: 'differs by 12 %' },
  { value: '0.07', word: 'Careful knife', note: '7 %' },
  { value: '0.03', word: 'Mandoline', note: '3 %' },
] as const;

/** Shape, size and evenness. */
export function CutStation({ document, plan, move, release }: StationProps) {
  const units = useUnits();
  const { cut } = document;
  const withCut = (part: object): PlanFile => ({ ...document, cut: { ...cut, ...part } as PlanFile['cut'] });
  const { count, pieceMass } = batchYield(plan.food, plan.cut, plan.mass);
  const values = cut as unknown as Partial<Record<Dimension['field'], number>>;
  return (
    <div className="space-y-3">
      <Choice
        label="Shape"
        value={cut.shape}
        options={SHAPES.map((shape) => ({ value: shape, word: SHAPE_WORDS[shape] }))}
        onChange={(shape) => release(withShape(document, shape))}
      />
      {DIMENSIONS[cut.shape].map(({ field, word, limits, step }, i) => {
        const value = values[field] ?? limits[0];
        /* a stick that was square stays square as its thickness moves */
        const set = (mm: number) =>
          withCut(field === 'thickness_mm' ? { [field]: mm, width_mm: undefined } : { [field]: mm });
        return (
          <Lever
            key={field}
            label={word}
            say={units === 'us' ? lengthText(value, units) : undefined}
            value={value}
            limits={limits}
            step={step}
            unit="mm"
            note={i === 0 ? `${count} pieces of ${massText(pieceMass * 1000, units)}` : undefined}
            onMove={(mm) => move(set(mm))}
            onRelease={(mm) => release(set(mm))}
          />
        );
      })}
      <Choice
        label="How even"
        value={TOOLS.find((tool) => Number(tool.value) === cut.scatter)?.value ?? '0.07'}
        options={TOOLS}
        onChange={(scatter) => release(withCut({ scatter: Number(scatter) }))}
      />
      <StationCaution>{STEP_CAUTIONS.cut}</StationCaution>
    </div>
  );
}
