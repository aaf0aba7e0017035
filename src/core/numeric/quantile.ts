/**
 * Quantile of a sample by linear interpolation between order statistics.
 * @param sorted ascending, at least one value
 * @param share in [0, 1]
 * Source: Hyndman & Fan (1996), type 7.
 */
export function quantileOfSorted(sorted: ArrayLike<number>, share: number): number {
  const position = share * (sorted.length - 1);
  const below = Math.floor(position);
  const above = Math.min(below + 1, sorted.length - 1);
  const weight = position - below;
  return sorted[below]! * (1 - weight) + sorted[above]! * weight;
}
