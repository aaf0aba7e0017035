'use client';

import clsx from 'clsx';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { NextAction } from '@/core/run/next-action';
import type { BatchEventKind, RecordEvent } from '@/core/run/batch-event';
import { Button } from '@/ui/controls/button';
import { Key } from './look-answers';

const BUTTONS: readonly { readonly kind: BatchEventKind; readonly word: string; readonly key: string }[] = [
  { kind: 'shaken', word: 'Shaken', key: 's' },
  { kind: 'tossed', word: 'Tossed', key: 't' },
  { kind: 'flipped', word: 'Flipped', key: 'f' },
  { kind: 'pulled-some', word: 'Pulled some', key: 'p' },
  { kind: 'drawer-open', word: 'Drawer open', key: 'o' },
  { kind: 'more-time', word: '+1 min', key: 'm' },
  { kind: 'done', word: 'Pulled: done', key: 'd' },
];

const ANSWER_TO: Record<NextAction['verb'], BatchEventKind> = {
  shake: 'shaken',
  toss: 'tossed',
  flip: 'flipped',
  open: 'drawer-open',
  swap: 'swapped',
  probe: 'drawer-open',
  check: 'drawer-open',
  pull: 'done',
  oil: 'oiled',
  season: 'seasoned',
  add: 'added',
};

/** Answers that only some plans need; they stand in the row while they are due. */
const WHEN_DUE: readonly (typeof BUTTONS)[number][] = [
  { kind: 'oiled', word: 'Oiled', key: 'l' },
  { kind: 'added', word: 'Added', key: 'a' },
  { kind: 'swapped', word: 'Racks changed', key: 'r' },
  { kind: 'seasoned', word: 'Seasoned', key: 'e' },
];

/** How many were pulled, as cooks say it. */
const SHARES = [
  { share: 0.1, word: 'A few' },
  { share: 0.25, word: 'A quarter' },
  { share: 0.5, word: 'Half' },
  { share: 0.8, word: 'Most' },
] as const;

/** Large answers, by touch and by key; the one that is due stands out. */
export function CookButtons({ verb, record }: { verb: NextAction['verb']; record: RecordEvent }) {
  const [counting, setCounting] = useState(false);
  const first = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (counting) first.current?.focus();
  }, [counting]);
  const press = useCallback(
    (kind: BatchEventKind) => (kind === 'pulled-some' ? setCounting(true) : record(kind)),
    [record],
  );
  const pulled = (share: number) => {
    record('pulled-some', { share });
    setCounting(false);
  };
  const due = WHEN_DUE.filter((button) => button.kind === ANSWER_TO[verb]);
  const buttons = [...due, ...BUTTONS];
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      if (event.target instanceof HTMLInputElement || event.repeat || event.ctrlKey || event.metaKey || event.altKey)
        return;
      const button = [...WHEN_DUE, ...BUTTONS].find((candidate) => candidate.key === event.key.toLowerCase());
      if (button) press(button.kind);
    };
    window.addEventListener('keydown', onKeyDown);
    return () => window.removeEventListener('keydown', onKeyDown);
  }, [press]);
  if (counting) {
    return (
      <div role="group" aria-label="How many came out?" className="mt-3">
        <p className="mb-1 text-[17px]">Take out those that are right. How many came out?</p>
        <div className="grid grid-cols-2 gap-2.5 sm:grid-cols-5">
          {SHARES.map(({ share, word }, i) => (
            <Button
              key={word}
              ref={i === 0 ? first : undefined}
              look="light"
              className="min-h-16 text-[18px]"
              onClick={() => pulled(share)}
            >
              {word}
            </Button>
          ))}
          <Button look="iron" className="min-h-16 text-[18px]" onClick={() => setCounting(false)}>
            None
          </Button>
        </div>
      </div>
    );
  }
  const dueKind = ANSWER_TO[verb];
  return (
    <div className="mt-3 flex flex-wrap gap-2.5">
      {buttons.map((button) => {
        const isDue = button.kind === dueKind;
        const isDone = button.kind === 'done';
        return (
          <Button
            key={button.kind}
            look={isDue ? 'light' : 'iron'}
            className={clsx(
              'min-h-16 px-3',
              isDue || isDone
                ? 'basis-[45%] text-[19px] max-sm:-order-1 sm:basis-auto'
                : 'grow basis-[17%] px-1 text-[15px] max-sm:min-h-12 sm:basis-auto sm:px-3 sm:text-[17px]',
              isDone && 'grow border-2 sm:ml-auto sm:max-w-[240px] sm:text-[20px]',
              isDue && 'grow',
            )}
            aria-keyshortcuts={button.key}
            onClick={() => press(button.kind)}
          >
            {button.word} <Key>{button.key}</Key>
          </Button>
        );
      })}
    </div>
  );
}
