import { dishOf, type EveningRun } from '@/core/evening/evening-run';
import type { Work } from '@/core/evening/share-out-hands';
import type { EveningFile } from '@/schemas/evening-file';
import { deedText, dishOfEvening } from '@/ui/words/evening-text';
import type { ShownSchedule } from '@/workers/evening/protocol';

/** How long after its moment an opening of the drawer is still to be done, s. */
const STILL_DUE = 90;

/** One thing for one cook to do. */
export interface Deed extends Work {
  readonly words: string;
  /** it marks the step as begun, as done, or only happens within it */
  readonly marks: 'begins' | 'ends' | 'whole' | 'within';
}

/** What a cook has still to do, the next first. @param before s before serving by now */
export function deedsOf(
  shown: ShownSchedule,
  evening: EveningFile,
  run: Pick<EveningRun, 'steps'>,
  cook: number,
  before: number,
): Deed[] {
  return (shown.work ?? []).flatMap((work): Deed[] => {
    const step = shown.steps.find(({ id }) => id === work.step);
    const dish = step && dishOfEvening(evening, dishOf(work.step));
    if (!step || work.cook !== cook) return [];
    const told = run.steps.get(work.step);
    if (told?.done != null) return [];
    const isFirst = work.from >= step.begin - 1;
    const isLast = work.to <= step.begin - step.length + 1;
    const marks = isFirst && isLast ? 'whole' : isFirst ? 'begins' : isLast ? 'ends' : 'within';
    if (marks === 'begins' && told) return [];
    if (marks === 'within' && work.from - before > STILL_DUE) return [];
    return [{ ...work, words: deedText(step, work.deed, dish), marks }];
  });
}
