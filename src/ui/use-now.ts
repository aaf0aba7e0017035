'use client';

import { useEffect, useState } from 'react';

/** The device's clock in ms, read again every `every` ms; `start` until the page is alive. Nothing is counted, so a sleep changes nothing. */
export function useNow(start: number, every = 250): number {
  const [now, setNow] = useState(start);
  useEffect(() => {
    const read = () => setNow(Date.now());
    read();
    const timer = setInterval(read, every);
    document.addEventListener('visibilitychange', read);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', read);
    };
  }, [every]);
  return now;
}
