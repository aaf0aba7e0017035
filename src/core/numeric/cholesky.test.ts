import fc from 'fast-check';
import { choleskyFactor, invertPositive, solveFactored } from './cholesky';

/** A·Aᵀ + I for any A: positive definite. */
const positive = (size: number) =>
  fc.array(fc.double({ min: -3, max: 3, noNaN: true }), { minLength: size * size, maxLength: size * size }).map((a) =>
    Array.from({ length: size * size }, (_, at) => {
      const [i, j] = [Math.floor(at / size), at % size];
      let sum = i === j ? 1 : 0;
      for (let k = 0; k < size; k++) sum += a[i * size + k]! * a[j * size + k]!;
      return sum;
    }),
  );

test('L times its transpose is the matrix, and the solution solves it', () => {
  fc.assert(
    fc.property(
      positive(4),
      fc.array(fc.double({ min: -5, max: 5, noNaN: true }), { minLength: 4, maxLength: 4 }),
      (m, b) => {
        const factor = choleskyFactor(m, 4);
        const x = solveFactored(factor, b);
        const inverse = invertPositive(m, 4);
        for (let i = 0; i < 4; i++) {
          let back = 0;
          for (let j = 0; j < 4; j++) back += m[i * 4 + j]! * x[j]!;
          expect(back).toBeCloseTo(b[i]!, 6);
          for (let j = 0; j < 4; j++) {
            let one = 0;
            let product = 0;
            for (let k = 0; k < 4; k++) {
              product += factor[i * 4 + k]! * factor[j * 4 + k]!;
              one += m[i * 4 + k]! * inverse[k * 4 + j]!;
            }
            expect(product).toBeCloseTo(m[i * 4 + j]!, 8);
            expect(one).toBeCloseTo(i === j ? 1 : 0, 6);
          }
        }
      },
    ),
  );
});

test('a matrix that is not positive definite is refused', () => {
  expect(() => choleskyFactor([1, 2, 2, 1], 2)).toThrow(RangeError);
  expect(() => choleskyFactor([Number.NaN], 1)).toThrow(RangeError);
});
