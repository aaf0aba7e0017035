import { useEffect, useMemo } from 'react';
import type { CookRecord } from '@/core/batch/cook-record';
import { ANSWER_STEP } from '@/core/coach/observation';
import { withBrowning } from '@/core/forecast/interval';
import type { Plan } from '@/core/plan/plan';
import type { RecordEvent } from '@/core/run/batch-event';
import { Basket } from '@/ui/basket/basket';

const LOOKS = [
  { look: 'paler', word: 'Paler', key: '1', factor: Math.exp(-ANSWER_STEP) },
  { look: 'as-shown', word: 'As shown', key: '2', factor: 1 },
  { look: 'darker', word: 'Darker', key: '3', factor: Math.exp(ANSWER_STEP) },
] as const;

/** Two-second answers to the drawer: the same pieces paler, as shown and darker, so that pictures are matched and not words. They keep their room until there is a picture. */
export function LookAnswers({
  plan,
  cook,
  sample,
  shown,
  record,
}: {
  plan: Plan;
  /** null while it is being worked out */
  cook: CookRecord | null;
  sample: number;
  /** typical browning of the picture now */
  shown: number | null;
  record: RecordEvent;
}) {
  const pictures = useMemo(() => cook && LOOKS.map(({ factor }) => withBrowning(cook, factor)), [cook]);
  useEffect(() => {
    if (shown === null) return;
    const onKeyDown = (event: KeyboardEvent) => {
      if (event.target instanceof HTMLInputElement || event.ctrlKey || event.metaKey || event.altKey || event.repeat)
        return;
      const answer = LOOKS.find((one) => one.key === event.key);
      if (answer) record('looked', { look: answer.look, shown });
    };
    window.addEventListener('keydown', onKeyDown);
    return () => window.removeEventListener('keydown', onKeyDown);
  }, [record, shown]);
  return (
    <div role="group" aria-label="How does it look?" className="grid grid-cols-3 gap-2.5">
      {LOOKS.map(({ look, word, key }, i) => (
        <button
          key={look}
          type="button"
          aria-keyshortcuts={key}
          disabled={shown === null}
          className="overflow-hidden rounded-part border-2 border-rim-light text-left text-[17px] font-semibold hover:bg-iron-raised active:translate-y-px disabled:opacity-50 sm:text-[18px]"
          onClick={() => shown !== null && record('looked', { look, shown })}
        >
          <span className="flex h-10 items-center justify-center overflow-hidden sm:h-12" aria-hidden>
            {pictures && (
              <Basket
                plan={plan}
                record={pictures[i]!}
                sample={sample}
                label={word}
                className="w-[230%] max-w-none shrink-0"
              />
            )}
          </span>
          <span className="flex items-center justify-between px-2.5 py-1.5">
            {word} <Key>{key}</Key>
          </span>
        </button>
      ))}
    </div>
  );
}

/** The key that does the same, where there is a keyboard. */
export function Key({ children }: { children: string }) {
  return (
    <kbd className="ml-2 rounded-[4px] border border-current px-1.5 font-text text-[13px] font-normal uppercase opacity-80 pointer-coarse:hidden">
      {children}
    </kbd>
  );
}
