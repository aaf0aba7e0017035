'use client';

import { type RefObject, useEffect, useState } from 'react';

/** Share of a square picture's height that its frame shows, as wide as the picture and perhaps lower; all of it until measured. */
export function useBand(frame: RefObject<HTMLElement | null>): number {
  const [band, setBand] = useState(1);
  useEffect(() => {
    const element = frame.current;
    if (!element) return;
    const observer = new ResizeObserver(() => {
      const { clientWidth, clientHeight } = element;
      if (clientWidth > 0) setBand(Math.min(1, clientHeight / clientWidth));
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, [frame]);
  return band;
}
