'use client';

import { useEffect } from 'react';
import type { NextAction } from '@/core/cook/next-action';
import type { BatchEventKind } from '@/core/cook/run-state';
import { Button } from '@/ui/controls/button';

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
  check: 'drawer-open',
  pull: 'done',
  oil: 'oiled',
  add: 'added',
};

/** Answers that only some plans need; they stand in the row while they are due. */
const WHEN_DUE: readonly (typeof BUTTONS)[number][] = [
  { kind: 'oiled', word: 'Oiled', key: 'l' },
  { kind: 'added', word: 'Added', key: 'a' },
];

/** Large answers, by touch and by key; the one that is due stands out. */
export function CookButtons({ verb, record }: { verb: NextAction['verb']; record: (kind: BatchEventKind) => void }) {
  const due = WHEN_DUE.filter((button) => button.kind === ANSWER_TO[verb]);
  const buttons = [...due, ...BUTTONS];
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      if (event.target instanceof HTMLInputElement || event.repeat || event.ctrlKey || event.metaKey || event.altKey)
        return;
      const button = [...WHEN_DUE, ...BUTTONS].find((candidate) => candidate.key === event.key.toLowerCase());
      if (button) record(button.kind);
    };
    window.addEventListener('keydown', onKeyDown);
    return () => window.removeEventListener('keydown', onKeyDown);
  }, [record]);
  return (
    <div className="mt-3 grid grid-cols-2 gap-2.5 sm:grid-cols-4 lg:grid-cols-7">
      {buttons.map((button) => (
        <Button
          key={button.kind}
          look={ANSWER_TO[verb] === button.kind ? 'light' : 'iron'}
          className="min-h-16 px-2 text-[18px]"
          aria-keyshortcuts={button.key}
          onClick={() => record(button.kind)}
        >
          {button.word} <kbd className="ml-1 text-[14px] font-normal uppercase opacity-80">{button.key}</kbd>
        </Button>
      ))}
    </div>
  );
}
