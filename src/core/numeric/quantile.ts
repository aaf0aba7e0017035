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

/** Quantile in [0, 1] of values in any order; at least one. */
export function quantileOf(values: ArrayLike<number>, share: number): number {
  return quantileOfSorted(Float64Array.from(values).sort(), share);
}

/** Median of values in any order; at least one. */
export function medianOf(values: ArrayLike<number>): number {
  return quantileOf(values, 0.5);
}

/**
 * Quantile of weighted values in any order, each standing at the middle of its weight, linear between; values may be infinite.
 * @param weights as many as values, none negative, not all zero
 */
export function weightedQuantile(values: readonly number[], weights: readonly number[], share: number): number {
  const order = values.map((_, i) => i).sort((a, b) => values[a]! - values[b]!);
  const wanted = share * weights.reduce((sum, weight) => sum + weight, 0);
  let below = 0;
  let lastValue = values[order[0]!]!;
  let lastMiddle = 0;
  for (const i of order) {
    const middle = below + weights[i]! / 2;
    if (middle >= wanted) {
      if (!Number.isFinite(values[i]!)) return values[i]!;
      const way = middle > lastMiddle ? (wanted - lastMiddle) / (middle - lastMiddle) : 1;
      return lastValue + Math.min(1, Math.max(0, way)) * (values[i]! - lastValue);
    }
    below += weights[i]!;
    [lastValue, lastMiddle] = [values[i]!, middle];
  }
  return lastValue;
}
