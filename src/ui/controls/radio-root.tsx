'use client';

import { RadioGroup } from 'radix-ui';
import { type ComponentProps, type FocusEvent, type KeyboardEvent, useEffect, useRef } from 'react';

/**
 * A group of radio buttons in which an arrow key chooses however short or early it is pressed. Radix moves the focus a moment after
 * the key goes down and by itself chooses only where the key is still held by then, and only once its effects have run: on a busy
 * device the focus moved and nothing was chosen.
 */
export function RadioRoot(props: Omit<ComponentProps<typeof RadioGroup.Root>, 'onKeyDown' | 'onFocus' | 'onClick'>) {
  const arrow = useRef({ moves: false, hasChosen: false });
  useEffect(() => {
    /* a focus that comes by touch chooses by that touch */
    const touch = () => (arrow.current.moves = false);
    document.addEventListener('pointerdown', touch);
    return () => document.removeEventListener('pointerdown', touch);
  }, []);
  const onKeyDown = (event: KeyboardEvent) => {
    const moves = event.key.startsWith('Arrow') && !(event.ctrlKey || event.metaKey || event.altKey || event.shiftKey);
    arrow.current = { moves, hasChosen: false };
  };
  const onClick = () => void (arrow.current.hasChosen = true);
  const onFocus = ({ target }: FocusEvent<HTMLElement>) => {
    /* where Radix chooses by itself it has done so by now: the button's own handlers come before the group's */
    const { moves, hasChosen } = arrow.current;
    arrow.current.moves = false;
    if (moves && !hasChosen) target.click();
  };
  return <RadioGroup.Root {...props} onKeyDown={onKeyDown} onClick={onClick} onFocus={onFocus} />;
}
