'use client';

import { DropdownMenu } from 'radix-ui';
import { type PointerEvent, type ReactNode, useRef } from 'react';

/** A button and the things to do that it opens. */
export interface MenuProps {
  readonly label: ReactNode;
  readonly className: string;
  readonly items: readonly { readonly word: string; readonly act: () => void }[];
}

const ITEM =
  'flex min-h-11 cursor-pointer items-center rounded-part px-3 text-[15px] outline-none data-[highlighted]:bg-rim data-[highlighted]:text-on-rim';

/** A button that opens a list of things to do. It opens as it appears: the button before it was touched. */
export function Menu({ label, className, items }: MenuProps) {
  /* where the pointer went down, of the items; the page may move beneath the list before it comes up, and it comes up on another */
  const pressed = useRef<string | null>(null);
  const comeUp = (event: PointerEvent, word: string) => {
    if (pressed.current !== null && pressed.current !== word) event.preventDefault();
    pressed.current = null;
  };
  return (
    <DropdownMenu.Root defaultOpen>
      <DropdownMenu.Trigger className={className}>{label}</DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          collisionPadding={8}
          className="z-20 max-h-(--radix-dropdown-menu-content-available-height) min-w-56 overflow-y-auto tray p-1.5 text-iron"
        >
          {items.map(({ word, act }) => (
            <DropdownMenu.Item
              key={word}
              className={ITEM}
              onPointerDown={() => (pressed.current = word)}
              onPointerUp={(event) => comeUp(event, word)}
              onSelect={act}
            >
              {word}
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
