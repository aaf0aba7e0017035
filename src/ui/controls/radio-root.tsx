'use client';

import { RadioGroup } from 'radix-ui';
import { type ComponentProps, type FocusEvent, type KeyboardEvent, useEffect, useRef } from 'react';

/**
 * A group of radio buttons in which an arrow key chooses however short it is pressed. Radix moves the focus a moment after the key
 * goes down and by itself chooses only where the key is still held by then: on a busy device the focus moved and nothing was chosen.
 */
export function RadioRoot(props: Omit<ComponentProps<typeof RadioGroup.Root>, 'onKeyDown' | 'onFocus'>) {
  const arrow = useRef({ moves: false, held: false });
  useEffect(() => {
    const letGo = () => (arrow.current.held = false);
    /* a focus that comes by touch chooses by that touch */
    const touch = () => (arrow.current.moves = false);
    document.addEventListener('keyup', letGo);
    document.addEventListener('pointerdown', touch);
    return () => {
      document.removeEventListener('keyup', letGo);
      document.removeEventListener('pointerdown', touch);
    };
  }, []);
  const onKeyDown = (event: KeyboardEvent) => {
    const isArrow =
      event.key.startsWith('Arrow') && !(event.ctrlKey || event.metaKey || event.altKey || event.shiftKey);
    arrow.current = { moves: isArrow, held: isArrow };
  };
  const onFocus = ({ target }: FocusEvent<HTMLElement>) => {
    const { moves, held } = arrow.current;
    arrow.current.moves = false;
    if (moves && !held) target.click();
  };
  return <RadioGroup.Root {...props} onKeyDown={onKeyDown} onFocus={onFocus} />;
}
