import { invertPositive } from '../numeric/cholesky';
import type { Evidence } from './evidence';
import { partsOf } from './parts';
import { QUANTITIES, QUANTITY_COUNT } from './quantities';
import type { MadeWith } from './told-batch';

/** A joint normal distribution in its information form, over the parts that batches have touched. */
export class JointNormal {
  private readonly index = new Map<string, number>();
  private readonly prior: number[] = [];

  add(batch: MadeWith): void {
    for (const { name, variance } of Object.values(partsOf(batch)).flat()) {
      if (this.index.has(name)) continue;
      this.index.set(name, this.prior.length);
      this.prior.push(1 / variance);
    }
  }

  get names(): string[] {
    return [...this.index.keys()];
  }

  /**
   * A covariance left of the prior P, wider by `share` of what was learnt: C + share·(C − C·P⁻¹·C). Where nothing was learnt it stays.
   */
  widened(covariance: Float64Array, share: number): Float64Array {
    const size = this.prior.length;
    return covariance.map((value, at) => {
      const [i, j] = [Math.floor(at / size), at % size];
      const through = this.prior.reduce(
        (sum, precision, k) => sum + covariance[i * size + k]! * precision * covariance[k * size + j]!,
        0,
      );
      return value + share * (value - through);
    });
  }

  /** For each quantity the indices of its parts. */
  private rows(batch: MadeWith): number[][] {
    const parts = partsOf(batch);
    return QUANTITIES.map((quantity) => parts[quantity].map(({ name }) => this.index.get(name)!));
  }

  /** Mean and covariance, flat, by all of these batches. */
  solve(batches: readonly (MadeWith & { evidence: Evidence })[]): { mean: number[]; covariance: Float64Array } {
    const size = this.prior.length;
    const information = new Float64Array(size * size);
    const vector = new Float64Array(size);
    this.prior.forEach((value, i) => (information[i * size + i] = value));
    for (const batch of batches) {
      const rows = this.rows(batch);
      rows.forEach((left, q) => {
        for (const i of left) {
          vector[i] = vector[i]! + batch.evidence.vector[q]!;
          rows.forEach((right, s) => {
            const value = batch.evidence.information[q * QUANTITY_COUNT + s]!;
            if (value !== 0) for (const j of right) information[i * size + j] = information[i * size + j]! + value;
          });
        }
      });
    }
    const covariance = invertPositive(information, size);
    const mean = Array.from({ length: size }, (_, i) =>
      vector.reduce((sum, value, j) => sum + covariance[i * size + j]! * value, 0),
    );
    return { mean, covariance };
  }

  /** Mean and covariance of the quantities of a batch. */
  quantities(batch: MadeWith, { mean, covariance }: { mean: readonly number[]; covariance: ArrayLike<number> }) {
    const size = this.prior.length;
    const rows = this.rows(batch);
    return {
      mean: rows.map((parts) => parts.reduce((sum, i) => sum + mean[i]!, 0)),
      covariance: rows.flatMap((left) =>
        rows.map((right) =>
          left.reduce((sum, i) => right.reduce((inner, j) => inner + covariance[i * size + j]!, sum), 0),
        ),
      ),
    };
  }
}
