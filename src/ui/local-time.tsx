'use client';

import { useSyncExternalStore } from 'react';

const never = () => () => undefined;

/** A moment in the reader's own time zone, which the server does not know: until the page is alive nothing is seen of it but its room. */
export function LocalTime({ at, write }: { at: number; write: (date: Date) => string }) {
  const alive = useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
  const words = write(new Date(at));
  return (
    <time dateTime={new Date(at).toISOString()}>
      {alive ? (
        words
      ) : (
        /* the server writes it in its own zone */
        <span className="invisible" suppressHydrationWarning>
          {words}
        </span>
      )}
    </time>
  );
}
