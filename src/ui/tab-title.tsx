'use client';

import { useEffect, useSyncExternalStore } from 'react';
import { clockText } from './words/format';

let countdown: string | null = null;
const listeners = new Set<() => void>();

function say(next: string | null): void {
  countdown = next;
  for (const listener of listeners) listener();
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/**
 * The browser tab's title: the page's own, or the countdown of a run in its place. It belongs to the page, so it comes and goes
 * with it in one step; without a page's name it is the product's alone.
 */
export function TabTitle({ page }: { page?: string | undefined }) {
  const shown = useSyncExternalStore(
    subscribe,
    () => countdown,
    () => null,
  );
  const first = shown ?? page;
  return <title>{first ? `${first} · Drubek` : 'Drubek'}</title>;
}

/** Shows what is next and in how long, s, in the tab's title for as long as the component is on the page; a null verb shows none. */
export function useTabCountdown(verb: string | null, left: number): void {
  const text = verb && `${verb} ${left > 0 ? `in ${clockText(left)}` : 'now'}`;
  useEffect(() => {
    if (text === null) return;
    say(text);
    return () => {
      if (countdown === text) say(null);
    };
  }, [text]);
}
