'use client';

import { useEffect, useState } from 'react';

/** Rest between two looks at the clock, ms. */
const EVERY = 250;

/**
 * The device's clock in ms, read four times a second; `start` until the page is alive. Nothing is counted, so a sleep
 * changes nothing and no error adds up. @param phase ms: looks fall on whole quarters of a second after it, so that a
 * time counted from there changes its second when it is due
 */
export function useNow(start: number, phase = 0): number {
  const [now, setNow] = useState(start);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout>;
    const read = () => {
      clearTimeout(timer);
      const at = Date.now();
      setNow(at);
      const since = (((at - phase) % EVERY) + EVERY) % EVERY;
      timer = setTimeout(read, EVERY - since);
    };
    read();
    document.addEventListener('visibilitychange', read);
    return () => {
      clearTimeout(timer);
      document.removeEventListener('visibilitychange', read);
    };
  }, [phase]);
  return now;
}
