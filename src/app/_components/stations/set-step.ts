import type { AnyStep } from '@/ui/words/step-names';

/** Changes a step; `settled` when the hand has let go. */
export type SetStep = (step: AnyStep, settled: boolean) => void;
