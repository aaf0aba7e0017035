'use client';

import { ChevronDown } from 'lucide-react';
import Link from 'next/link';
import { useState } from 'react';
import { batchYield } from '@/core/cut/batch-yield';
import type { CutShape } from '@/core/cut/cut';
import type { PlanFile } from '@/schemas/plan-file';
import { pullTimeIn } from '@/core/forecast/pull-time-in';
import { withShape } from '@/editing/edit-plan';
import { foodColour } from '@/ui/colour/food-colours';
import { Choice } from '@/ui/controls/choice';
import { PricedGauge } from '@/ui/controls/priced-gauge';
import { PricedChoice } from '@/ui/controls/priced-choice';
import { PricedLever } from '@/ui/controls/priced-lever';
import { useUnits } from '@/ui/units-context';
import { STEP_CAUTIONS } from '@/ui/words/cautions';
import { lengthText, massText, percentText } from '@/ui/words/format';
import { SHAPE_WORDS } from '@/ui/words/labels';
import { typedLength } from '@/ui/words/typed-units';
import type { StationProps } from './station';
import { StationCaution } from './station-caution';

interface Dimension {
  readonly field: 'thickness_mm' | 'diameter_mm' | 'length_mm' | 'width_mm';
  readonly word: string;
  readonly limits: readonly [number, number];
  readonly step: number;
  /** sizes that a plate has slots for */
  readonly slots?: readonly number[];
}

const thickness = (slots: readonly number[], limits: readonly [number, number], step = 0.5): Dimension => ({
  field: 'thickness_mm',
  word: 'Thickness',
  limits,
  step,
  slots,
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
  stick: [thickness([4, 5, 6, 7, 8, 9, 10, 11, 12, 14, 16, 18, 20, 25], [4, 25]), length(20, 120)],
  slice: [thickness([1, 1.5, 2, 2.5, 3, 4, 5, 6, 8, 10, 12], [1, 12], 0.1), diameter(15, 100)],
  cube: [thickness([8, 10, 12, 15, 18, 20, 25, 30, 35], [8, 35])],
  wedge: [thickness([10, 15, 20, 25, 30, 35, 40, 45], [10, 45]), length(40, 140)],
  floret: [diameter(15, 70)],
  cylinder: [diameter(5, 45), length(20, 160)],
  disc: [thickness([4, 6, 8, 10, 12, 15, 18, 20, 25], [4, 25]), diameter(25, 100)],
  sheet: [{ field: 'thickness_mm', word: 'Thickness', limits: [0.3, 1.5], step: 0.1 }, length(20, 120)],
  formed: [diameter(12, 50), length(15, 120)],
};
const SHAPES = Object.keys(DIMENSIONS) as CutShape[];

/** Shapes in view before the others are asked for. */
const IN_VIEW = 4;

const TOOLS = [
  { value: '0.12', word: 'By eye', note: 'differs by 12 %' },
  { value: '0.07', word: 'Careful knife', note: '7 %' },
  { value: '0.03', word: 'Mandoline', note: '3 %' },
] as const;

/** A step to either side that a cook would try. */
function nudgeOf(field: Dimension['field'], value: number): number {
  if (field === 'diameter_mm') return Math.max(2, Math.round(value * 0.2));
  return value <= 4 ? 0.5 : value <= 12 ? 1 : 3;
}

/** Width of a grown-up's little finger and thumb near the tip, mm. Source: assumed, middling hands. */
const [LITTLE_FINGER, THUMB] = [13, 20];

/** A size in fingers, for those without a ruler. */
function fingerText(sizeMm: number): string {
  if (sizeMm < 4) return 'Thinner than two stacked coins, which are about 4 mm.';
  const fingers = sizeMm / LITTLE_FINGER;
  if (fingers < 0.85) return `About ${percentText(Math.round(fingers * 20) / 20)} of a little finger’s width.`;
  if (fingers < 1.25) return 'About a little finger’s width.';
  return `About ${(sizeMm / THUMB).toFixed(1)} thumbs wide.`;
}

/** Shape, size and evenness. */
export function CutStation({ document, plan, forecast, cutters, move, release }: StationProps) {
  const units = useUnits();
  const { cut } = document;
  const [all, setAll] = useState(false);
  const most = SHAPES.slice(0, IN_VIEW);
  const shown = all ? SHAPES : most.includes(cut.shape) ? most : [...most.slice(0, -1), cut.shape];
  const withCut = (part: object): PlanFile => ({ ...document, cut: { ...cut, ...part } as PlanFile['cut'] });
  const { count, pieceMass } = batchYield(plan.food, plan.cut, plan.mass);
  const values = cut as unknown as Partial<Record<Dimension['field'], number>>;
  return (
    <div className="space-y-3">
      <div className="flex flex-wrap items-end gap-x-3 gap-y-1.5">
        <Choice
          label="Shape"
          value={cut.shape}
          options={shown.map((shape) => ({ value: shape, word: SHAPE_WORDS[shape] }))}
          onChange={(shape) => release(withShape(document, shape))}
        />
        {!all && (
          <button
            type="button"
            onClick={() => setAll(true)}
            className="flex min-h-11 items-center gap-1 px-1 text-[15px] font-semibold text-rim"
          >
            {SHAPES.length - shown.length} more <ChevronDown size={16} aria-hidden />
          </button>
        )}
      </div>
      {DIMENSIONS[cut.shape].map(({ field, word, limits, step, slots }, i) => {
        const value = values[field] ?? limits[0];
        /* a stick that was square stays square as its thickness moves */
        const set = (mm: number) =>
          withCut(field === 'thickness_mm' ? { [field]: mm, width_mm: undefined } : { [field]: mm });
        const note =
          i === 0 ? `${count} pieces of ${massText(pieceMass * 1000, units)}. ${fingerText(value)}` : undefined;
        if (slots) {
          return (
            <PricedGauge
              key={`${field}-${cut.shape}`}
              label={word}
              value={value}
              sizes={slots}
              unit="mm"
              typed={typedLength(units)}
              limits={limits}
              step={value <= 4 ? 0.5 : 1}
              note={note}
              fill={foodColour(plan.food.ramp, 0.1)}
              document={document}
              pull={pullTimeIn(forecast)}
              withValue={set}
              sayValue={(mm) => lengthText(mm, units)}
              move={move}
              release={release}
            />
          );
        }
        return (
          <PricedLever
            key={field}
            label={word}
            say={units === 'us' ? lengthText(value, units) : undefined}
            sayValue={(mm) => lengthText(mm, units)}
            value={value}
            limits={limits}
            step={step}
            unit="mm"
            typed={typedLength(units)}
            nudge={i === 0 ? nudgeOf(field, value) : Infinity}
            note={note}
            document={document}
            withValue={set}
            move={move}
            release={release}
          />
        );
      })}
      {cutters.length > 0 && 'thickness_mm' in cut && (
        <Choice
          label="Your cutters"
          value={cutters.find((cutter) => cutter.thicknessMm === cut.thickness_mm)?.id ?? ''}
          options={cutters.map((cutter) => ({
            value: cutter.id,
            word: `${cutter.name}, ${cutter.setting}`,
            note: lengthText(cutter.thicknessMm, units),
          }))}
          onChange={(id) => {
            const cutter = cutters.find((candidate) => candidate.id === id)!;
            release(withCut({ thickness_mm: cutter.thicknessMm, width_mm: undefined, scatter: cutter.scatter }));
          }}
        />
      )}
      <PricedChoice
        label="How even"
        value={String(cut.scatter)}
        document={document}
        options={TOOLS.map((tool) => ({ ...tool, document: withCut({ scatter: Number(tool.value) }) }))}
        onChoose={release}
      />
      <p className="text-[14px]">
        No ruler?{' '}
        <Link href="/gauge" className="font-semibold text-rim underline underline-offset-4">
          Print a cut gauge
        </Link>
        , to scale, or{' '}
        <Link href="/kitchen?show=cutters" className="font-semibold text-rim underline underline-offset-4">
          measure your cutters once
        </Link>
        .
      </p>
      <StationCaution>{STEP_CAUTIONS.cut}</StationCaution>
    </div>
  );
}
