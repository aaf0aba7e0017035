import { normalQuantile } from '../numeric/normal-quantile';
import { shuffleInPlace, type RandomSource } from '../numeric/seeded-random';

/** Thinnest piece a sample may hold, share of the mean. Source: assumed; a knife's slips are not thinner. */
const THINNEST = 0.4;

/** Factors on the mean thickness of `count` pieces, thinnest first. @param scatter standard deviation over the mean */
export function thicknessQuantiles(count: number, scatter: number): Float64Array {
  return Float64Array.from({ length: count }, (_, i) =>
    Math.max(THINNEST, 1 + scatter * normalQuantile((i + 0.5) / count)),
  );
}

/** The same in random order, as they come off the board; evenly spaced quantiles of a normal distribution. */
export function sampleThickness(count: number, scatter: number, random: RandomSource): Float64Array {
  const factors = thicknessQuantiles(count, scatter);
  shuffleInPlace(factors, random);
  return factors;
}
