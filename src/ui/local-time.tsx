'use client';

import { useSyncExternalStore } from 'react';

const never = () => () => undefined;

/** A moment in the reader's own time zone, which the server does not know: blank until the page is alive. */
export function LocalTime({ at, write }: { at: number; write: (date: Date) => string }) {
  const alive = useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
  return <time dateTime={new Date(at).toISOString()}>{alive ? write(new Date(at)) : ' '}</time>;
}
