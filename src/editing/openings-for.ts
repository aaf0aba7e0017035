import { type CookAction, isMixing } from '../core/plan/plan';
import { chooseOpenings } from '../core/search/choose-openings';
import type { PlanFile } from '../schemas/plan-file';
import { planFromFile } from '../schemas/plan-from-file';
import { withChosenOpenings } from './edit-cook';

/** One opening that was chosen. */
export interface ChosenOpening {
  readonly minute: number;
  readonly action: 'shake' | 'toss' | 'flip';
}

/** The openings that suit a plan. */
export function chosenOpenings(document: PlanFile, seed: number): ChosenOpening[] {
  return openingsOf(chooseOpenings(planFromFile(document), seed));
}

/** Those of a cook's openings that mix, in minutes. */
export function openingsOf(events: readonly { readonly time: number; readonly action: CookAction }[]): ChosenOpening[] {
  return events.flatMap(({ time, action }) => (isMixing(action) ? [{ minute: time / 60, action }] : []));
}

/** The plan with the openings that suit it. */
export function openingsFor(document: PlanFile, seed: number): PlanFile {
  return withChosenOpenings(document, chosenOpenings(document, seed));
}
