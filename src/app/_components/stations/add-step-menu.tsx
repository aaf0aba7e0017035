import { ChevronDown } from 'lucide-react';
import { LateMenu } from '@/ui/controls/late-menu';
import { STEP_NAMES, type AnyStep } from '@/ui/words/step-names';

/** A button that opens the steps that can be added. */
export function AddStepMenu({
  words,
  steps,
  onAdd,
}: {
  words: string;
  steps: readonly AnyStep[];
  onAdd: (step: AnyStep) => void;
}) {
  return (
    <LateMenu
      label={
        <>
          {words} <ChevronDown size={16} aria-hidden className="inline" />
        </>
      }
      className="min-h-11 rounded-part border-2 border-rim px-4 text-[15px] font-semibold text-rim"
      items={steps.map((step) => ({ word: STEP_NAMES[step.step], act: () => onAdd(step) }))}
    />
  );
}
