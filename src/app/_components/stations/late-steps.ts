import { late } from '@/ui/late';

/* many stations have no step of their own, and dragging is much script */
const SORTABLE_STEPS = late(() => import('./step-rows').then((part) => part.SortableSteps));
const STEP_ROW = late(() => import('./step-rows').then((part) => part.StepRow));

export const { Late: SortableSteps } = SORTABLE_STEPS;
export const { Late: StepRow } = STEP_ROW;

/** Fetches the script of lists of steps. */
export function fetchSteps(): void {
  SORTABLE_STEPS.fetch();
  STEP_ROW.fetch();
}
