import { type RefObject, useEffect, useState } from 'react';

/** How far beyond the screen something is drawn already, px. Source: chosen, a screen's height. */
const BEFOREHAND = '800px';

/** Whether an element is on the screen or has been near it; from then on it stays drawn. */
export function useNear(element: RefObject<Element | null>): boolean {
  const [near, setNear] = useState(false);
  useEffect(() => {
    const { current } = element;
    if (!current) return;
    const observer = new IntersectionObserver(
      (entries) => {
        if (!entries.some(({ isIntersecting }) => isIntersecting)) return;
        setNear(true);
        observer.disconnect();
      },
      { rootMargin: BEFOREHAND },
    );
    observer.observe(current);
    return () => observer.disconnect();
  }, [element]);
  return near;
}
