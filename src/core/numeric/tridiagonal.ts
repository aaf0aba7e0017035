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
  let pivot = diagonal[0]!;
  solution[0] = solution[0]! / pivot;
  for (let i = 1; i < n; i++) {
    const eliminated = upper[i - 1]! / pivot;
    upper[i - 1] = eliminated;
    const below = lower[i]!;
    pivot = diagonal[i]! - below * eliminated;
    solution[i] = (solution[i]! - below * solution[i - 1]!) / pivot;
  }
  for (let i = n - 2; i >= 0; i--) {
    solution[i] = solution[i]! - upper[i]! * solution[i + 1]!;
  }
}
