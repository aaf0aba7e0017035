/**
 * Lower factor L of a symmetric positive definite matrix, L·Lᵀ, row by row in a flat array.
 * @throws RangeError where the matrix is not positive definite
 */
export function choleskyFactor(matrix: ArrayLike<number>, size: number): Float64Array {
  const factor = new Float64Array(size * size);
  for (let i = 0; i < size; i++) {
    for (let j = 0; j <= i; j++) {
      let sum = matrix[i * size + j]!;
      for (let k = 0; k < j; k++) sum -= factor[i * size + k]! * factor[j * size + k]!;
      if (i === j) {
        if (!(sum > 0)) throw new RangeError('The matrix is not positive definite.');
        factor[i * size + i] = Math.sqrt(sum);
      } else factor[i * size + j] = sum / factor[j * size + j]!;
    }
  }
  return factor;
}

/** Solves L·Lᵀ·x = right for a lower factor. */
export function solveFactored(factor: Float64Array, right: ArrayLike<number>): Float64Array {
  const size = right.length;
  const x = Float64Array.from(right);
  for (let i = 0; i < size; i++) {
    for (let k = 0; k < i; k++) x[i] = x[i]! - factor[i * size + k]! * x[k]!;
    x[i] = x[i]! / factor[i * size + i]!;
  }
  for (let i = size - 1; i >= 0; i--) {
    for (let k = i + 1; k < size; k++) x[i] = x[i]! - factor[k * size + i]! * x[k]!;
    x[i] = x[i]! / factor[i * size + i]!;
  }
  return x;
}

/** The inverse of a symmetric positive definite matrix, flat. @throws RangeError where it is not */
export function invertPositive(matrix: ArrayLike<number>, size: number): Float64Array {
  const factor = choleskyFactor(matrix, size);
  const inverse = new Float64Array(size * size);
  for (let j = 0; j < size; j++) {
    const unit = new Float64Array(size);
    unit[j] = 1;
    const column = solveFactored(factor, unit);
    for (let i = 0; i < size; i++) inverse[i * size + j] = column[i]!;
  }
  return inverse;
}
