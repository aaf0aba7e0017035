import { normalQuantile } from '../numeric/normal-quantile';
import { shuffleInPlace, type RandomSource } from '../numeric/seeded-random';

/** Thinnest piece a sample may hold, share of the mean. Source: assumed; a knife's slips are not thinner. */
const THINNEST = 0.4;

/** Factors on the mean thickness of `count` pieces: evenly spaced quantiles of a normal distribution, in random order. */
export function sampleThickness(count: number, scatter: number, random: RandomSource): Float64Array {
  const factors = Float64Array.from({ length: count }, (_, i) =>
    Math.max(THINNEST, 1 + scatter * normalQuantile((i + 0.5) / count)),
  );
  shuffleInPlace(factors, random);
  return factors;
}
