import { useSyncExternalStore } from 'react';

/** Widths at which one thing at a time is shown. Tailwind's own step below md. */
const NARROW = '(max-width: 767px)';

function subscribe(listener: () => void): () => void {
  const query = window.matchMedia(NARROW);
  query.addEventListener('change', listener);
  return () => query.removeEventListener('change', listener);
}

/** Whether the screen is a phone's; false until the page is alive. */
export function useNarrow(): boolean {
  return useSyncExternalStore(
    subscribe,
    () => window.matchMedia(NARROW).matches,
    () => false,
  );
}
