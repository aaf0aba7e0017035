import fc from 'fast-check';
import { pieceGeometry } from '../cut/piece-geometry';
import { colourAtBrowning } from '../food/colour-ramp';
import { findFood, listFoods } from '../food/catalogue';
import { neededCrust } from '../piece/crispness-target';
import { diffuseField } from '../piece/diffuse-field';
import { glassyDepth } from '../piece/glassy-crust';
import { createPieceState, type PieceState } from '../piece/piece-state';
import { visibleBrowning } from '../piece/piece-step.kernel';
import { sampleThickness } from '../piece/sample-thickness';
import { createSeededRandom } from '../numeric/seeded-random';
import { tissueOf } from '../piece/tissue';
import { diffuseWater } from '../piece/water-diffusion.kernel';
import { WATER_SPECIFIC_HEAT } from '../properties/water';

const potato = findFood('potato-floury')!;
const stick = pieceGeometry({ shape: 'stick', thickness: 0.01, width: 0.012, length: 0.07 });

function piece(cells = 15): PieceState {
  return createPieceState([stick], cells, tissueOf(potato), 300);
}

/** Water inside, per solids density, and heat inside. */
function totals(state: PieceState) {
  let water = 0;
  let heat = 0;
  for (let i = 0; i < state.cells; i++) {
    water += state.volume[i]! * state.moisture[i]!;
    heat +=
      state.volume[i]! * (state.tissue.solidsHeat + WATER_SPECIFIC_HEAT * state.moisture[i]!) * state.temperature[i]!;
  }
  return { water, heat };
}

const FIVE_SECONDS = Float64Array.of(5);

const content = (state: ReturnType<typeof piece>, field: Float64Array) =>
  field.reduce((sum, value, i) => sum + value * state.volume[i]!, 0);

test('diffusing water keeps water and heat on any uneven profile, and only evens moisture out', () => {
  const profile = fc.array(fc.double({ min: 0.02, max: 4, noNaN: true }), { minLength: 15, maxLength: 15 });
  const warmth = fc.array(fc.double({ min: 290, max: 400, noNaN: true }), { minLength: 15, maxLength: 15 });
  fc.assert(
    fc.property(profile, warmth, (moisture, temperature) => {
      const state = piece();
      state.moisture.set(moisture);
      state.temperature.set(temperature);
      const before = totals(state);
      diffuseWater(state, 0, FIVE_SECONDS);
      const after = totals(state);
      expect(after.water / before.water).toBeCloseTo(1, 9);
      expect(after.heat / before.heat).toBeCloseTo(1, 9);
      expect(Math.max(...state.moisture)).toBeLessThanOrEqual(Math.max(...moisture) + 1e-9);
      expect(Math.min(...state.moisture)).toBeGreaterThanOrEqual(Math.min(...moisture) - 1e-9);
    }),
  );
});

test('water drawn by the skins leaves the piece, no more and no less', () => {
  const state = piece();
  const before = totals(state).water;
  state.scratch.drawn[0] = 0.004;
  state.scratch.drawn[1] = 0.001;
  diffuseWater(state, 0, FIVE_SECONDS);
  expect(before - totals(state).water).toBeCloseTo(0.005 / state.tissue.solidsDensity, 12);
  expect(state.moisture[0]!).toBeLessThan(state.moisture[14]!);
});

test('a field in a bath goes to the value of the bath, fastest at the skin, whole in the end', () => {
  const state = piece();
  const field = new Float64Array(15).fill(1);
  const bath = { diffusivity: 3e-10, surfaceTransfer: 1e-5, outside: 0, duration: 1800, steps: 40 };
  const before = content(state, field);
  const taken = diffuseField(state, 0, field, bath);
  expect(content(state, field) - before).toBeCloseTo(taken, 12);
  expect(taken).toBeLessThan(0);
  expect(field[0]!).toBeLessThan(field[4]!);
  expect(field[7]!).toBeGreaterThan(0.95);
  expect(field[0]! / field[14]!).toBeCloseTo(1, 6);
  diffuseField(state, 0, field, { ...bath, diffusivity: 3e-9, surfaceTransfer: 1e-4, duration: 360_000, steps: 400 });
  expect(field[7]!).toBeLessThan(0.01);
});

describe('glassy crust', () => {
  const withCrust = (dryCells: number) => {
    const state = piece();
    for (let i = 0; i < dryCells; i++) state.moisture[i] = 0.02;
    return state;
  };

  test('is nothing on a wet face, grows with every dry cell, and is counted on its own face', () => {
    expect(glassyDepth(withCrust(0), 0, 0)).toBe(0);
    const depths = [1, 2, 3, 4].map((cells) => glassyDepth(withCrust(cells), 0, 0));
    depths.slice(1).forEach((depth, i) => expect(depth).toBeGreaterThan(depths[i]!));
    expect(glassyDepth(withCrust(4), 0, 1)).toBe(0);
  });

  test('is half the piece when all is dry', () => {
    expect(glassyDepth(withCrust(15), 0, 0)).toBeCloseTo(0.005, 9);
  });

  test('what is needed: a crust on sticks, nearly all of a chip, without a jump between', () => {
    expect(neededCrust('crisp', 5e-3)).toBeCloseTo(0.5e-3, 9);
    expect(neededCrust('very-crisp', 5e-3)).toBeGreaterThan(2 * neededCrust('crisp', 5e-3));
    expect(neededCrust('tender', 5e-3)).toBe(0);
    expect(neededCrust('crisp', 1e-3)).toBeCloseTo(0.85e-3, 9);
    expect(neededCrust('very-crisp', 5e-3)).toBeGreaterThan(neededCrust('tender', 5e-3));
    for (let half = 0.5e-3; half < 6e-3; half += 0.05e-3) {
      expect(Math.abs(neededCrust('crisp', half + 0.05e-3) - neededCrust('crisp', half))).toBeLessThan(0.1e-3);
    }
  });
});

test('the eye sees flat and edge by their share', () => {
  const state = piece();
  state.browning.set([0.4, 1]);
  state.edgeBrowning.set([1.4, 2]);
  const seen = new Float64Array(2);
  visibleBrowning(state, seen, 0);
  expect(seen[0]).toBeCloseTo(0.4 + stick.edgeShare, 9);
  expect(seen[1]).toBeCloseTo(1 + stick.edgeShare, 9);
});

test('sampled thickness has the mean and the scatter asked for', () => {
  const factors = sampleThickness(200, 0.12, createSeededRandom(1));
  const mean = factors.reduce((sum, x) => sum + x, 0) / 200;
  const spread = Math.sqrt(factors.reduce((sum, x) => sum + (x - mean) ** 2, 0) / 200);
  expect(mean).toBeCloseTo(1, 2);
  expect(spread).toBeCloseTo(0.12, 2);
  expect(new Set(sampleThickness(16, 0, createSeededRandom(1))).size).toBe(1);
});

test('conductivity falls from wet tissue to porous crust for every food', () => {
  for (const food of listFoods()) {
    const { conductivity, fullMoisture: rawMoisture } = tissueOf(food);
    expect(conductivity.values[0]).toBeCloseTo(0.11, 9);
    const raw = conductivity.values[Math.round(rawMoisture * conductivity.perUnit)]!;
    expect(raw).toBeGreaterThan(0.25);
    /* water itself conducts 0.654 W/(m K) at 60 °C */
    expect(raw).toBeLessThan(0.654);
  }
});

test('colours pass their anchors, never jump, and end charred', () => {
  for (const food of listFoods()) {
    for (const { browning, lab } of food.ramp) {
      colourAtBrowning(food.ramp, browning).forEach((value, i) => expect(value).toBeCloseTo(lab[i]!, 9));
    }
    for (let b = 0; b < 6; b += 0.05) {
      const [here, next] = [colourAtBrowning(food.ramp, b), colourAtBrowning(food.ramp, b + 0.05)];
      expect(Math.hypot(...here.map((value, i) => next[i]! - value))).toBeLessThan(6);
    }
    expect(colourAtBrowning(food.ramp, 50)).toEqual(food.ramp.at(-1)!.lab);
  }
});
