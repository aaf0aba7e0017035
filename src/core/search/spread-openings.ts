/** Openings spread over a cook, minutes: `count` of them between the first third and shortly before the end. */
export function spreadOpenings(count: number, minutes: number): number[] {
  if (count <= 0) return [];
  const first = minutes * 0.3;
  const last = minutes * 0.85;
  const gap = count === 1 ? 0 : (last - first) / (count - 1);
  return Array.from({ length: count }, (_, i) => Math.round((count === 1 ? minutes * 0.55 : first + i * gap) * 2) / 2);
}
