import fc from 'fast-check';
import { normalQuantile } from './normal-quantile';
import { quantileOfSorted } from './quantile';
import { createSeededRandom, shuffleInPlace } from './seeded-random';
import { solveTridiagonal } from './tridiagonal';
import { readTable, slopeOfTable, tabulate } from './uniform-table';

/** The same system by Gaussian elimination on the full matrix: slow and plain. */
function solveDense(lower: number[], diagonal: number[], upper: number[], right: number[]): number[] {
  const n = diagonal.length;
  const rows = diagonal.map((d, i) => {
    const row = new Array<number>(n + 1).fill(0);
    row[i] = d;
    if (i > 0) row[i - 1] = lower[i]!;
    if (i < n - 1) row[i + 1] = upper[i]!;
    row[n] = right[i]!;
    return row;
  });
  for (let i = 0; i < n; i++) {
    for (let j = i + 1; j < n; j++) {
      const factor = rows[j]![i]! / rows[i]![i]!;
      for (let k = i; k <= n; k++) rows[j]![k]! -= factor * rows[i]![k]!;
    }
  }
  const solution = new Array<number>(n).fill(0);
  for (let i = n - 1; i >= 0; i--) {
    let sum = rows[i]![n]!;
    for (let k = i + 1; k < n; k++) sum -= rows[i]![k]! * solution[k]!;
    solution[i] = sum / rows[i]![i]!;
  }
  return solution;
}

test('the tridiagonal solver agrees with full elimination on unsymmetric, dominant systems', () => {
  const value = fc.double({ min: -1, max: 1, noNaN: true });
  const system = fc.integer({ min: 1, max: 12 }).chain((n) =>
    fc.record({
      lower: fc.array(value, { minLength: n, maxLength: n }),
      upper: fc.array(value, { minLength: n, maxLength: n }),
      right: fc.array(value, { minLength: n, maxLength: n }),
      extra: fc.array(fc.double({ min: 0.1, max: 3, noNaN: true }), { minLength: n, maxLength: n }),
    }),
  );
  fc.assert(
    fc.property(system, ({ lower, upper, right, extra }) => {
      const diagonal = extra.map((more, i) => Math.abs(lower[i]!) + Math.abs(upper[i]!) + more);
      const expected = solveDense(lower, diagonal, upper, right);
      const solution = Float64Array.from(right);
      solveTridiagonal(
        Float64Array.from(lower),
        Float64Array.from(diagonal),
        Float64Array.from(upper),
        solution,
        right.length,
      );
      solution.forEach((x, i) => expect(x).toBeCloseTo(expected[i]!, 8));
    }),
  );
});

test('a table reads its own points, is linear between them and holds at its ends', () => {
  const table = tabulate((x) => x * x, 1, 3, 0.5);
  expect(readTable(table, 2)).toBe(4);
  expect(readTable(table, 2.25)).toBeCloseTo((4 + 6.25) / 2, 9);
  expect(readTable(table, 0)).toBe(1);
  expect(readTable(table, 9)).toBe(9);
  expect(slopeOfTable(table, 2.1)).toBeCloseTo((6.25 - 4) / 0.5, 9);
  expect(slopeOfTable(table, 9)).toBe(0);
});

test('the generator is even, repeats for its seed, and shuffles without losing any', () => {
  const random = createSeededRandom(42);
  const draws = Array.from({ length: 20_000 }, random);
  const mean = draws.reduce((sum, x) => sum + x, 0) / draws.length;
  expect(mean).toBeGreaterThan(0.49);
  expect(mean).toBeLessThan(0.51);
  expect(draws.every((x) => x >= 0 && x < 1)).toBe(true);
  expect(Array.from({ length: 5 }, createSeededRandom(42))).toEqual(draws.slice(0, 5));
  const items = Int32Array.from({ length: 50 }, (_, i) => i);
  shuffleInPlace(items, createSeededRandom(3));
  expect([...items]).not.toEqual(Array.from({ length: 50 }, (_, i) => i));
  expect([...items].sort((a, b) => a - b)).toEqual(Array.from({ length: 50 }, (_, i) => i));
});

test('normal quantiles meet the usual figures and are odd', () => {
  expect(normalQuantile(0.975)).toBeCloseTo(1.96, 2);
  expect(normalQuantile(0.9)).toBeCloseTo(1.2816, 2);
  expect(normalQuantile(0.3)).toBeCloseTo(-normalQuantile(0.7), 9);
});

test('quantiles of a sample interpolate between its order statistics', () => {
  expect(quantileOfSorted([1, 2, 3, 4], 0.5)).toBe(2.5);
  expect(quantileOfSorted([1, 2, 3, 4], 0)).toBe(1);
  expect(quantileOfSorted([1, 2, 3, 4], 1)).toBe(4);
  expect(quantileOfSorted([7], 0.3)).toBe(7);
});
