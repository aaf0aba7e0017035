'use client';

import { batchYield } from '@/core/cut/batch-yield';
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

const THICKNESS_LIMITS: Record<PlanFile['cut']['shape'], readonly [number, number]> = {
  stick: [4, 25],
  slice: [1, 12],
  cube: [8, 35],
};

const TOOLS = [
  { value: '0.12', word: 'By eye', note: 'differs by 12 %' },
  { value: '0.07', word: 'Careful knife', note: '7 %' },
  { value: '0.03', word: 'Mandoline', note: '3 %' },
] as const;

/** Shape, size and evenness. */
export function CutStation({ document, plan, move, release }: StationProps) {
  const units = useUnits();
  const { cut } = document;
  const us = (mm: number) => (units === 'us' ? lengthText(mm, units) : undefined);
  const withCut = (part: object): PlanFile => ({ ...document, cut: { ...cut, ...part } as PlanFile['cut'] });
  const thickness = (mm: number) =>
    withCut(cut.shape === 'stick' ? { thickness_mm: mm, width_mm: undefined } : { thickness_mm: mm });
  const { count, pieceMass } = batchYield(plan.food, plan.cut, plan.mass);
  return (
    <div className="space-y-3">
      <Choice
        label="Shape"
        value={cut.shape}
        options={(['stick', 'slice', 'cube'] as const).map((shape) => ({ value: shape, word: SHAPE_WORDS[shape] }))}
        onChange={(shape) => release(withShape(document, shape))}
      />
      <Lever
        label="Thickness"
        say={us(cut.thickness_mm)}
        value={cut.thickness_mm}
        limits={THICKNESS_LIMITS[cut.shape]}
        step={cut.shape === 'slice' ? 0.1 : 0.5}
        unit="mm"
        note={`${count} pieces of ${massText(pieceMass * 1000, units)}`}
        onMove={(mm) => move(thickness(mm))}
        onRelease={(mm) => release(thickness(mm))}
      />
      {cut.shape === 'stick' && (
        <Lever
          label="Length"
          say={us(cut.length_mm)}
          value={cut.length_mm}
          limits={[20, 120]}
          step={5}
          unit="mm"
          onMove={(mm) => move(withCut({ length_mm: mm }))}
          onRelease={(mm) => release(withCut({ length_mm: mm }))}
        />
      )}
      {cut.shape === 'slice' && (
        <Lever
          label="Diameter"
          say={us(cut.diameter_mm)}
          value={cut.diameter_mm}
          limits={[15, 100]}
          step={1}
          unit="mm"
          onMove={(mm) => move(withCut({ diameter_mm: mm }))}
          onRelease={(mm) => release(withCut({ diameter_mm: mm }))}
        />
      )}
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
