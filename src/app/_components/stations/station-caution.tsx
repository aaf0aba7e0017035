import { TriangleAlert } from 'lucide-react';
import type { ReactNode } from 'react';

/** A caution at the step where it matters. */
export function StationCaution({ children }: { children: ReactNode }) {
  return (
    <p className="flex gap-2 text-[13px] leading-snug text-iron">
      <TriangleAlert size={16} className="mt-0.5 shrink-0 text-alarm" aria-label="Caution" />
      <span>{children}</span>
    </p>
  );
}
