import fc from 'fast-check';
import { CRUMB_COAT } from '../food/coat';
import { findFood } from '../food/catalogue';
import { pieceGeometry } from '../cut/piece-geometry';
import { solveTridiagonal } from '../numeric/tridiagonal';
import { solveDense } from '../../../tests/support/solve-dense';
import { layCoat } from './lay-coat';
import { WATER_SPECIFIC_HEAT } from '../properties/water';
import { createPieceState, type PieceState } from './piece-state';
import { tissueOf } from './tissue';
import { diffuseWater, liquidDiffusivity, vapourByMoisture } from './water-diffusion.kernel';

const STEP = Float64Array.of(7);

/** The same balance written cell by cell, without scratch or offsets: new moisture of every cell. */
function naiveMoisture(state: PieceState): number[] {
  const { cells } = state;
  const full = (i: number) =>
    i >= state.coatCells && i < cells - state.coatCells ? state.tissue.fullMoisture : state.coat!.fullMoisture;
  const mobility = (i: number) =>
    (liquidDiffusivity(state.temperature[i]!, state.moisture[i]!) * state.solids[i]!) / state.volume[i]! +
    vapourByMoisture(state.temperature[i]!, state.moisture[i]!);
  const between = (i: number) =>
    (STEP[0]! * state.interfaceArea[i]!) /
    (state.halfWidth[i]! / (mobility(i) * full(i)) + state.halfWidth[i + 1]! / (mobility(i + 1) * full(i + 1)));
  const matrix = Array.from({ length: cells }, () => Array<number>(cells).fill(0));
  const right = Array.from({ length: cells }, (_, i) => state.solids[i]! * state.moisture[i]!);
  right[0]! -= state.scratch.drawn[0]!;
  right[cells - 1]! -= state.scratch.drawn[1]!;
  for (let i = 0; i < cells; i++) matrix[i]![i]! += state.solids[i]!;
  for (let i = 0; i < cells - 1; i++) {
    const g = between(i);
    matrix[i]![i]! += g / full(i);
    matrix[i]![i + 1]! -= g / full(i + 1);
    matrix[i + 1]![i + 1]! += g / full(i + 1);
    matrix[i + 1]![i]! -= g / full(i);
  }
  return solveDense(matrix, right);
}

const value = (min: number, max: number) => fc.double({ min, max, noNaN: true });

test('the kernel agrees with its naive twin on any unsymmetric, coated piece', () => {
  const bare = createPieceState(
    [pieceGeometry({ shape: 'stick', thickness: 0.011, width: 0.014, length: 0.07 })],
    13,
    tissueOf(findFood('courgette')!),
    300,
  );
  const cells = 19;
  fc.assert(
    fc.property(
      fc.array(value(0.02, 5), { minLength: cells, maxLength: cells }),
      fc.array(value(290, 400), { minLength: cells, maxLength: cells }),
      value(0, 1e-4),
      value(0, 5e-5),
      (moisture, temperature, left, right) => {
        const { state } = layCoat(bare, CRUMB_COAT, 0.16);
        state.moisture.set(moisture);
        state.temperature.set(temperature);
        state.scratch.drawn.set([left, right]);
        const expected = naiveMoisture(state);
        diffuseWater(state, 0, STEP);
        expected.forEach((wanted, i) =>
          expect(Math.abs(state.moisture[i]! - wanted)).toBeLessThan(1e-7 * (1 + wanted)),
        );
      },
    ),
    { numRuns: 40, seed: 20261126 },
  );
});

test('skins that draw more than comes up to them fetch it from further in: no cell owes, none runs hot or cold, water and heat are kept', () => {
  const cells = 13;
  const bare = () =>
    createPieceState(
      [pieceGeometry({ shape: 'slice', thickness: 0.002, diameter: 0.06 })],
      cells,
      tissueOf(findFood('kohlrabi')!),
      366,
    );
  fc.assert(
    fc.property(
      fc.array(value(0.001, 0.4), { minLength: 4, maxLength: 4 }),
      fc.array(value(360, 372), { minLength: cells, maxLength: cells }),
      value(0, 0.01),
      value(0, 0.01),
      (skins, temperature, left, right) => {
        const state = bare();
        state.moisture.set([skins[0]!, skins[1]!, 0.5, 1, 1.6, 2, 2.2, 2, 1.6, 1, 0.5, skins[2]!, skins[3]!]);
        state.temperature.set(temperature);
        state.scratch.drawn.set([left, right]);
        const sum = (of: (i: number) => number) =>
          Array.from({ length: cells }, (_, i) => of(i)).reduce((a, b) => a + b);
        const water = () => sum((i) => state.solids[i]! * state.moisture[i]!);
        const heat = () =>
          sum(
            (i) =>
              (state.solidsCapacity[i]! + WATER_SPECIFIC_HEAT * state.solids[i]! * state.moisture[i]!) *
              state.temperature[i]!,
          );
        const before = { water: water(), heat: heat() };
        diffuseWater(state, 0, STEP);
        expect(Math.min(...state.moisture)).toBeGreaterThanOrEqual(0);
        expect(Math.min(...state.temperature)).toBeGreaterThan(300);
        expect(Math.max(...state.temperature)).toBeLessThan(430);
        expect(water()).toBeCloseTo(before.water - left - right, 9);
        const carried = WATER_SPECIFIC_HEAT * (left * temperature[0]! + right * temperature[cells - 1]!);
        expect(heat() / (before.heat - carried)).toBeCloseTo(1, 4);
      },
    ),
    { numRuns: 60, seed: 20261128 },
  );
});

test('elimination without pivoting agrees with Gauss on any dominant unsymmetric system', () => {
  fc.assert(
    fc.property(
      fc.array(fc.tuple(value(-1, 0), value(2.1, 5), value(-1, 0), value(-3, 3)), { minLength: 3, maxLength: 9 }),
      (rows) => {
        const n = rows.length;
        const dense = rows.map((row, i) =>
          Array.from({ length: n }, (_, j) => (j === i - 1 ? row[0] : j === i ? row[1] : j === i + 1 ? row[2] : 0)),
        );
        const expected = solveDense(
          dense,
          rows.map((row) => row[3]),
        );
        const solution = Float64Array.from(rows, (row) => row[3]);
        solveTridiagonal(
          Float64Array.from(rows, (row) => row[0]),
          Float64Array.from(rows, (row) => row[1]),
          Float64Array.from(rows, (row) => row[2]),
          solution,
          n,
        );
        expected.forEach((wanted, i) => expect(solution[i]!).toBeCloseTo(wanted, 10));
      },
    ),
  );
});
