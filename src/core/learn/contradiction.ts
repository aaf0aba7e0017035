import { invertPositive } from '../numeric/cholesky';
import { type Evidence, weighted } from './evidence';
import { QUANTITY_COUNT } from './quantities';

/** Share of all batches that are told wrongly or went otherwise than told. Source: assumed, one in thirty. */
const MISTOLD = 1 / 30;

/** Distance squared of a batch from all others from which it is said to contradict. Source: 99.8 % of a χ² with one degree of freedom. */
export const CONTRADICTS = 9.5;

/** A normal distribution of the quantities; covariance flat. */
interface Normal {
  readonly mean: readonly number[];
  readonly covariance: readonly number[];
}

/**
 * Distance squared between what a batch says and what all others say: (m − m')ᵀ(C + C')⁻¹(m − m'), in the directions of which the
 * batch says anything. With Λ, η of the batch and mean μ, covariance S of the others it is (η − Λμ)ᵀ(Λ + ΛSΛ)⁺(η − Λμ).
 */
function distanceOf({ information, vector }: Evidence, mean: readonly number[], covariance: readonly number[]): number {
  const n = QUANTITY_COUNT;
  const times = (a: ArrayLike<number>, b: ArrayLike<number>) =>
    Array.from({ length: n * n }, (_, at) => {
      const [i, j] = [Math.floor(at / n), at % n];
      let sum = 0;
      for (let k = 0; k < n; k++) sum += a[i * n + k]! * b[k * n + j]!;
      return sum;
    });
  const spread = times(times(information, covariance), information);
  /* a ridge stands for the directions of which nothing is said: there the difference is none */
  const matrix = information.map((value, at) => value + spread[at]! + (at % (n + 1) === 0 ? 1e-6 : 0));
  const gap = vector.map((value, i) => mean.reduce((sum, m, j) => sum - information[i * n + j]! * m, value));
  const inverse = invertPositive(matrix, n);
  return gap.reduce((sum, g, i) => gap.reduce((inner, h, j) => inner + g * inverse[i * n + j]! * h, sum), 0);
}

/** How much a batch so far from the others counts, given that some are told wrongly. */
export function trustIn(distance: number): number {
  const meant = (1 - MISTOLD) * Math.exp(-distance / 2);
  return meant / (meant + MISTOLD * Math.exp(-CONTRADICTS / 2));
}

/** A normal distribution of the quantities with one batch's evidence taken out again. */
function without({ mean, covariance }: Normal, evidence: Evidence): Normal {
  const n = QUANTITY_COUNT;
  /* singular where a quantity has no variance left: a ridge far below a hundredth of a unit */
  const precision = invertPositive(
    covariance.map((value, at) => value + (at % (n + 1) === 0 ? 1e-9 : 0)),
    n,
  );
  const rest = precision.map((value, at) => value - evidence.information[at]! + (at % (n + 1) === 0 ? 1e-6 : 0));
  const vector = evidence.vector.map((value, i) => mean.reduce((sum, m, j) => sum + precision[i * n + j]! * m, -value));
  const back = invertPositive(rest, n);
  return {
    mean: vector.map((_, i) => vector.reduce((sum, value, j) => sum + back[i * n + j]! * value, 0)),
    covariance: Array.from(back),
  };
}

/** Distance squared of what a batch says from what all others say. @param all by everyone, this batch with `weight` among them */
export function distanceFromOthers(evidence: Evidence, weight: number, all: Normal): number {
  try {
    const others = without(all, weighted(evidence, weight));
    return distanceOf(evidence, others.mean, others.covariance);
  } catch {
    /* it says so much more than all others that rounding leaves nothing of them: there is nothing to contradict */
    return 0;
  }
}
