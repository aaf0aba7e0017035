'use client';

import { withShape } from '@/editing/edit-plan';
import { cutFromFile } from '@/schemas/cut-from-file';
import { Choice } from '@/ui/controls/choice';
import { Lever } from '@/ui/controls/lever';
import { useUnits } from '@/ui/units-context';
import { SHAPE_WORDS } from '@/ui/words/labels';
import type { AnyStep } from '@/ui/words/step-names';
import { typedLength } from '@/ui/words/typed-units';
import type { SetStep } from './set-step';

/** What pieces are cut into on the way, and how thick. */
export function CutFields({ step, set }: { step: Extract<AnyStep, { step: 'cut' }>; set: SetStep }) {
  const units = useUnits();
  const { cut } = step;
  const size = cutFromFile(cut);
  const thickness = 'thickness' in size ? size.thickness : size.diameter;
  return (
    <>
      <Choice
        label="Into"
        value={cut.shape}
        options={(['stick', 'slice', 'cube', 'wedge'] as const).map((value) => ({ value, word: SHAPE_WORDS[value] }))}
        onChange={(shape) => set({ ...step, cut: withShape({ cut }, shape).cut }, true)}
      />
      {'thickness_mm' in cut && (
        <Lever
          label="Thickness"
          value={Number((thickness * 1000).toFixed(1))}
          limits={[1, 40]}
          step={0.5}
          unit="mm"
          typed={typedLength(units)}
          onMove={(thickness_mm) => set({ ...step, cut: { ...cut, thickness_mm } }, false)}
          onRelease={(thickness_mm) => set({ ...step, cut: { ...cut, thickness_mm } }, true)}
        />
      )}
    </>
  );
}
