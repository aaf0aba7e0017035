import type { EveningRun } from '@/core/evening/evening-run';
import type { WarmUp } from '@/core/evening/warm-ups';
import { ClockPlate } from '@/ui/clock-plate';
import type { ShownSchedule } from '@/workers/evening/protocol';

/** How long before its moment a fryer or the oven stands among what is next, s. */
const AHEAD = 900;

/** What is to be switched on within a quarter of an hour, or should be on by now; what is used already is on. @param before s before serving by now */
export function warmUpsDue(
  { warmUps }: Pick<ShownSchedule, 'warmUps'>,
  { steps }: Pick<EveningRun, 'steps'>,
  before: number,
): WarmUp[] {
  return warmUps.filter(({ begin, step }) => !steps.has(step) && before - begin <= AHEAD);
}

/** What is to be switched on, whoever stands nearest. */
export function ToSwitchOn({
  due,
  words,
  serveAt,
  before,
}: {
  due: readonly WarmUp[];
  words: (warmUp: WarmUp) => string;
  /** ms since 1970 */
  serveAt: number;
  /** s before serving by now */
  before: number;
}) {
  if (due.length === 0) return null;
  return (
    <ul aria-label="To switch on" className="mt-3 space-y-2">
      {due.map((warmUp) => (
        <li
          key={warmUp.resource}
          className="flex min-h-11 items-center justify-between gap-3 rounded-part border-2 border-golden px-3 py-1 text-[17px]"
        >
          <strong className="min-w-0 font-semibold">{words(warmUp)}</strong>
          {before > warmUp.begin ? <ClockPlate at={serveAt - warmUp.begin * 1000} /> : <strong>now</strong>}
        </li>
      ))}
    </ul>
  );
}
