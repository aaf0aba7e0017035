/** Where openings lie over a cook, shares of its minutes: the first, the last, and one alone. Source: chosen; the crust must hold before pieces tumble. */
const FIRST = 0.3;
const LAST = 0.85;
const ALONE = 0.55;

/** Openings spread over a cook, minutes to the half: `count` of them between the first third and shortly before the end. */
export function spreadOpenings(count: number, minutes: number): number[] {
  const toHalf = (minute: number) => Math.round(minute * 2) / 2;
  if (count <= 0) return [];
  if (count === 1) return [toHalf(minutes * ALONE)];
  const gap = ((LAST - FIRST) * minutes) / (count - 1);
  return Array.from({ length: count }, (_, i) => toHalf(minutes * FIRST + i * gap));
}
