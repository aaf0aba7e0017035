import fc from 'fast-check';
import { CRUMB_COAT } from '../food/coat';
import { findFood } from '../food/catalogue';
import { pieceGeometry } from '../cut/piece-geometry';
import { boilingTemperatureAtMoisture } from '../properties/sorption';
import { BOILING_LATENT_HEAT, WATER_SPECIFIC_HEAT } from '../properties/water';
import { solveDense } from '../../../tests/support/solve-dense';
import { prepareCells, solveHeat } from './heat-solve.kernel';
import { layCoat } from './lay-coat';
import { createPieceState, type PieceState } from './piece-state';
import { tissueOf } from './tissue';

const STEP = Float64Array.of(8);
const CELLS = 15;

const bare = () =>
  createPieceState(
    [pieceGeometry({ shape: 'stick', thickness: 0.011, width: 0.014, length: 0.07 })],
    CELLS - 6,
    tissueOf(findFood('courgette')!),
    300,
  );

/**
 * The same step written cell by cell with both skins as unknowns of their own and by a dense solver: temperatures of the cells
 * between the skins and the heat that evaporates in each, given which of them boil.
 */
function naiveHeat(state: PieceState, boils: readonly boolean[]): { temperature: number[]; evaporation: number[] } {
  const { cells, scratch } = state;
  const n = cells + 2;
  const matrix = Array.from({ length: n }, () => Array<number>(n).fill(0));
  const right = Array<number>(n).fill(0);
  const conductivity = scratch.conductivity;
  const capacity = (i: number) =>
    (state.solidsCapacity[i]! + state.solids[i]! * WATER_SPECIFIC_HEAT * state.moisture[i]!) / STEP[0]!;
  const conductance = (i: number) =>
    state.interfaceArea[i]! / (state.halfWidth[i]! / conductivity[i]! + state.halfWidth[i + 1]! / conductivity[i + 1]!);
  const link = (a: number, b: number, g: number) => {
    matrix[a]![a]! += g;
    matrix[a]![b]! -= g;
    matrix[b]![b]! += g;
    matrix[b]![a]! -= g;
  };
  for (const face of [0, 1]) {
    const skin = face === 0 ? 0 : n - 1;
    const cell = face === 0 ? 0 : cells - 1;
    link(skin, cell + 1, conductivity[cell]! / state.halfWidth[cell]!);
    const slope = scratch.evaporationSlope[face]!;
    matrix[skin]![skin]! += state.convection[face]! + state.radiation[face]! + slope;
    right[skin] =
      state.convection[face]! * state.airTemperature[face]! +
      state.radiation[face]! * state.radiantTemperature[face]! -
      (scratch.evaporationAtSkin[face]! - slope * scratch.skinGuess[face]!);
  }
  for (let i = 0; i < cells; i++) {
    matrix[i + 1]![i + 1]! += capacity(i);
    right[i + 1]! += capacity(i) * state.temperature[i]!;
    if (i + 1 < cells) link(i + 1, i + 2, conductance(i));
  }
  /* q as a further unknown of each cell that boils: T − s q = Tb */
  const boiling = boils.flatMap((one, i) => (one ? [i] : []));
  const whole = matrix.map((row, a) => [...row, ...boiling.map((i) => (a === i + 1 ? 1 : 0))]);
  boiling.forEach((i, k) => {
    const row = Array<number>(n + boiling.length).fill(0);
    row[i + 1] = 1;
    row[n + k] = -scratch.boilingSlope[i]!;
    whole.push(row);
    right.push(scratch.boiling[i]!);
  });
  const solution = solveDense(whole, right);
  const evaporation = Array<number>(cells).fill(0);
  boiling.forEach((i, k) => (evaporation[i] = solution[n + k]!));
  return { temperature: solution.slice(1, cells + 1), evaporation };
}

const value = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const pair = (min: number, max: number) => fc.tuple(value(min, max), value(min, max));

test('heat step and boiling front agree with their naive twin on any unsymmetric, coated piece', () => {
  let boiled = 0;
  fc.assert(
    fc.property(
      fc.array(value(0.02, 5), { minLength: CELLS, maxLength: CELLS }),
      fc.array(value(300, 400), { minLength: CELLS, maxLength: CELLS }),
      pair(5, 80),
      pair(350, 480),
      pair(0, 500),
      pair(0, 40),
      (moisture, temperature, convection, air, drawn, slope) => {
        const { state } = layCoat(bare(), CRUMB_COAT, 0.16);
        const { scratch } = state;
        state.moisture.set(moisture);
        /* nothing begins above its boiling point */
        state.temperature.set(temperature.map((t, i) => Math.min(t, boilingTemperatureAtMoisture(moisture[i]!))));
        state.convection.set(convection);
        state.radiation.set([6, 2]);
        state.airTemperature.set(air);
        state.radiantTemperature.set([450, 420]);
        scratch.evaporationAtSkin.set(drawn);
        scratch.evaporationSlope.set(slope);
        scratch.skinGuess.set([340, 360]);
        prepareCells(state, 0, STEP);
        solveHeat(state, 0, STEP);
        if (state.unsettled > 0 || state.front.includes(2)) return;
        const boils = Array.from(state.front, (one) => one === 1);
        boiled += boils.filter(Boolean).length;
        const expected = naiveHeat(state, boils);
        for (let i = 0; i < CELLS; i++) {
          expect(Math.abs(scratch.solution[i]! - expected.temperature[i]!)).toBeLessThan(1e-6);
          expect(Math.abs(scratch.evaporation[i]! - expected.evaporation[i]!)).toBeLessThan(
            1e-6 * (1 + Math.abs(expected.evaporation[i]!)) + 1e-4,
          );
          /* the right cells boil: none is hotter without boiling, none boils by taking heat from nowhere */
          if (boils[i]) expect(expected.evaporation[i]!).toBeGreaterThan(-1e-6);
          else expect(expected.temperature[i]!).toBeLessThan(scratch.boiling[i]! + 1e-6);
        }
      },
    ),
    { numRuns: 80, seed: 20261126 },
  );
  expect(boiled).toBeGreaterThan(10);
});

test('a cell never boils off more than its water, and the heat it cannot use warms it', () => {
  const { state } = layCoat(bare(), CRUMB_COAT, 0.16);
  state.moisture.fill(0.02);
  state.temperature.fill(372);
  state.convection.fill(80);
  state.radiation.fill(10);
  state.airTemperature.fill(520);
  state.radiantTemperature.fill(520);
  prepareCells(state, 0, STEP);
  solveHeat(state, 0, STEP);
  const { evaporation } = state.scratch;
  for (let i = 0; i < CELLS; i++) {
    expect((evaporation[i]! * STEP[0]!) / BOILING_LATENT_HEAT).toBeLessThan(state.solids[i]! * state.moisture[i]!);
  }
});
