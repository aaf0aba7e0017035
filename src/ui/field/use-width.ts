'use client';

import { type RefObject, useEffect, useState } from 'react';

/** Width of an element in CSS pixels, following its size; `initial` until measured. */
export function useWidth(ref: RefObject<HTMLElement | null>, initial: number): number {
  const [width, setWidth] = useState(initial);
  useEffect(() => {
    const element = ref.current;
    if (!element) return;
    const observer = new ResizeObserver(() => setWidth(element.clientWidth || initial));
    observer.observe(element);
    return () => observer.disconnect();
  }, [ref, initial]);
  return width;
}
