import type { PlanFile } from '../schemas/plan-file';
import { prepStep, withPrepStep } from './edit-plan';

/** What is done with water before drying, each as it is usually done. */
export const SOAKS = [
  { value: 'none', word: 'No soak, no rinse', rinses: 0, waterC: null, minutes: 0 },
  { value: 'rinse', word: 'Rinse until clear', rinses: 3, waterC: null, minutes: 0 },
  { value: 'cold', word: 'Cold soak', rinses: 0, waterC: 15, minutes: 30 },
  { value: 'tap', word: 'Hot tap', rinses: 0, waterC: 50, minutes: 15 },
  { value: 'boiled', word: 'Freshly boiled', rinses: 0, waterC: 90, minutes: 10 },
] as const;

/** @see SOAKS */
export type Soak = (typeof SOAKS)[number];

/** The plan with its pieces rinsed or soaked so. */
export function withSoak(document: PlanFile, { rinses, waterC, minutes }: Soak): PlanFile {
  const rinsed = withPrepStep(document, 'rinse', rinses ? { step: 'rinse', changes: rinses } : null);
  return withPrepStep(rinsed, 'soak', waterC === null ? null : { step: 'soak', water_c: waterC, minutes });
}

/** Which of them a plan has. */
export function soakOf(document: PlanFile): Soak['value'] {
  const soak = prepStep(document, 'soak');
  if (!soak) return prepStep(document, 'rinse') ? 'rinse' : 'none';
  if (soak.water_c > 65) return 'boiled';
  return soak.water_c > 30 ? 'tap' : 'cold';
}
