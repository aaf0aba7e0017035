'use client';

import { type ComponentType, type KeyboardEvent, useState } from 'react';
import type { MenuProps } from './menu';

const load = () => import('./menu').then((part) => part.Menu);

/** A menu whose code comes when the pointer or the focus nears its button: few pages are opened for their menus. */
export function LateMenu(props: MenuProps) {
  const [Menu, setMenu] = useState<ComponentType<MenuProps> | null>(null);
  const open = () => void load().then((menu) => setMenu(() => menu));
  if (Menu) return <Menu {...props} />;
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key !== 'ArrowDown') return;
    event.preventDefault();
    open();
  };
  return (
    <button
      type="button"
      aria-haspopup="menu"
      aria-expanded={false}
      className={props.className}
      onPointerEnter={() => void load()}
      onFocus={() => void load()}
      onClick={open}
      onKeyDown={onKeyDown}
    >
      {props.label}
    </button>
  );
}
