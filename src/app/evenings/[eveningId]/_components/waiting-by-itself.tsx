import { HANDS } from '@/core/evening/evening-problem';
import type { EveningRun } from '@/core/evening/evening-run';
import type { EveningFile } from '@/schemas/evening-file';
import { Button } from '@/ui/controls/button';
import { deedText, dishOfEvening } from '@/ui/words/evening-text';
import { clockText } from '@/ui/words/format';
import type { ShownSchedule } from '@/workers/evening/protocol';
import type { Told } from './use-told';

/** What is begun and asks for no hands any more, each with the time it still takes. */
export function WaitingByItself({
  evening,
  shown,
  run,
  now,
  tell,
}: {
  evening: EveningFile;
  shown: ShownSchedule;
  run: Pick<EveningRun, 'steps'>;
  /** ms since 1970 */
  now: number;
  tell: (told: Told) => void;
}) {
  const waiting = shown.steps.filter(({ id, length, uses }) => {
    const told = run.steps.get(id);
    const hands = uses.filter(({ resource, from }) => resource === HANDS && from > 0).length;
    return told && told.done === null && length > 0 && hands === 0;
  });
  if (waiting.length === 0) return null;
  return (
    <ul className="mt-3 space-y-2" aria-label="Waiting by itself">
      {waiting.map((step) => {
        const words = deedText(step, undefined, dishOfEvening(evening, step.dish));
        const left = step.length - (now - run.steps.get(step.id)!.begun) / 1000;
        return (
          <li
            key={step.id}
            className="flex items-center justify-between gap-3 rounded-part border-2 border-water px-3 py-1"
          >
            <span className="min-w-0 text-[15px]">
              {words} <strong>{left > 0 ? clockText(left) : 'done'}</strong>
            </span>
            <Button onClick={() => tell({ kind: 'done', detail: { step: step.id } })}>
              Done<span className="sr-only">: {words}</span>
            </Button>
          </li>
        );
      })}
    </ul>
  );
}
