import { choleskyFactor, solveFactored } from '../numeric/cholesky';
import { type Evidence, NO_EVIDENCE } from './evidence';
import { QUANTITY_COUNT } from './quantities';

/** Furthest that the mean may lie from what is expected, standard deviations. Source: numerics; no model is linear beyond. */
const FURTHEST = 3.5;

/** Residuals of everything told at a point, in standard deviations, and their slopes by each quantity: columns in their order. */
export interface Linearised {
  readonly residuals: readonly number[];
  readonly columns: readonly (readonly number[])[];
}

/**
 * The normal likelihood that explains what was told best over a standard normal prior, by Gauss–Newton; the prior is taken out of
 * it again. @param weigh how much a residual counts, given that some answers are slips
 */
export function explain(
  linearise: (x: readonly number[]) => Linearised,
  passes: number,
  weigh: (residual: number) => number,
): Evidence {
  const n = QUANTITY_COUNT;
  let x: number[] = new Array<number>(n).fill(0);
  let evidence: Evidence = NO_EVIDENCE;
  for (let pass = 0; pass < passes; pass++) {
    const { residuals: r, columns } = linearise(x);
    if (r.length === 0) return NO_EVIDENCE;
    const weights = r.map((value) => (pass === 0 ? 1 : weigh(value)));
    const information = Array.from({ length: n * n }, (_, at) => {
      const [left, right] = [columns[Math.floor(at / n)]!, columns[at % n]!];
      return weights.reduce((sum, w, k) => sum + w * left[k]! * right[k]!, 0);
    });
    /* η = Jᵀ·W·(J·x − r): where the residuals would vanish if all were linear */
    const aim = r.map((value, k) => columns.reduce((sum, column, i) => sum + column[k]! * x[i]!, -value));
    const vector = columns.map((column) => weights.reduce((sum, w, k) => sum + w * column[k]! * aim[k]!, 0));
    evidence = { information, vector, answers: r.length };
    const precision = information.map((value, at) => value + (at % (n + 1) === 0 ? 1 : 0));
    x = Array.from(solveFactored(choleskyFactor(precision, n), vector), (value) =>
      Math.min(FURTHEST, Math.max(-FURTHEST, value)),
    );
  }
  return evidence;
}
