/**
 * Solves a tridiagonal system in place by elimination without pivoting (Thomas algorithm).
 * Why this one: rows of the heat and water balances are diagonally dominant, so pivoting is not needed. Cost: O(n), no allocation.
 *
 * @param lower coefficient of the row above's unknown, length ≥ n; lower[0] is not read
 * @param diagonal length ≥ n
 * @param upper coefficient of the row below's unknown, length ≥ n; overwritten
 * @param solution right-hand side on entry, solution on return, length ≥ n
 * Source: Press et al., Numerical Recipes, 3rd ed., §2.4.
 */
export function solveTridiagonal(
  lower: Float64Array,
  diagonal: Float64Array,
  upper: Float64Array,
  solution: Float64Array,
  n: number,
): void {
  /* one division a row: they cannot overlap, as each waits for the row above */
  let inverse = 1 / diagonal[0]!;
  let known = solution[0]! * inverse;
  solution[0] = known;
  for (let i = 1; i < n; i++) {
    const eliminated = upper[i - 1]! * inverse;
    upper[i - 1] = eliminated;
    const below = lower[i]!;
    inverse = 1 / (diagonal[i]! - below * eliminated);
    known = (solution[i]! - below * known) * inverse;
    solution[i] = known;
  }
  for (let i = n - 2; i >= 0; i--) {
    known = solution[i]! - upper[i]! * known;
    solution[i] = known;
  }
}
