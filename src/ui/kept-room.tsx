import type { ReactNode } from 'react';

/** A paragraph part of which is still being worked out: it has the room of its longest text from the beginning, else what stands below would move from under a finger. */
export function KeptRoom({ longest, children }: { longest: string; children: ReactNode }) {
  return (
    <p className="grid">
      <span className="[grid-area:1/1]">{children}</span>
      <span
        aria-hidden
        data-longest={longest}
        className="invisible [grid-area:1/1] before:content-[attr(data-longest)]"
      />
    </p>
  );
}
