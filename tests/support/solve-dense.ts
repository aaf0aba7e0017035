/** Gauss with row exchange: the naive twin of the tridiagonal elimination. */
export function solveDense(matrix: number[][], right: number[]): number[] {
  const n = right.length;
  const rows = matrix.map((row, i) => [...row, right[i]!]);
  for (let column = 0; column < n; column++) {
    const pivot = rows
      .slice(column)
      .reduce((best, row, i) => (Math.abs(row[column]!) > Math.abs(rows[best]![column]!) ? column + i : best), column);
    [rows[column], rows[pivot]] = [rows[pivot]!, rows[column]!];
    for (let i = column + 1; i < n; i++) {
      const factor = rows[i]![column]! / rows[column]![column]!;
      for (let j = column; j <= n; j++) rows[i]![j]! -= factor * rows[column]![j]!;
    }
  }
  const solution = Array<number>(n).fill(0);
  for (let i = n - 1; i >= 0; i--) {
    const known = solution.reduce((sum, value, j) => (j > i ? sum + rows[i]![j]! * value : sum), 0);
    solution[i] = (rows[i]![n]! - known) / rows[i]![i]!;
  }
  return solution;
}
