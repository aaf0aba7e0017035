'use client';

import { cutText } from '@/schemas/storable-text';
import { useState } from 'react';

/** The plan's name, to be written over; Enter or leaving keeps it, Escape does not. */
export function PlanName({ name, onRename }: { name: string; onRename: (name: string) => void }) {
  const [typed, setTyped] = useState<string | null>(null);
  const settle = () => {
    const next = typed?.trim();
    setTyped(null);
    if (next && next !== name) onRename(cutText(next, 120));
  };
  return (
    <input
      aria-label="Name of the plan"
      value={typed ?? name}
      title={name}
      maxLength={120}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={settle}
      onKeyDown={(event) => {
        if (event.key === 'Enter') event.currentTarget.blur();
        if (event.key === 'Escape') setTyped(null);
      }}
      className="h-11 w-full min-w-0 rounded-part border-2 border-transparent bg-transparent px-1 font-display text-[18px] font-semibold text-ellipsis hover:border-ash focus:border-rim focus:bg-paper"
    />
  );
}
