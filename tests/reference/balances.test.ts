import { pieceGeometry } from '@/core/cut/piece-geometry';
import { createPieceState, type PieceState } from '@/core/piece/piece-state';
import { stepPieces } from '@/core/piece/piece-step.kernel';
import { tissueOf } from '@/core/piece/tissue';
import { findFood } from '@/core/food/catalogue';
import { enthalpyOverThawed, FREEZING_POINT } from '@/core/properties/freezing';
import { WATER_SPECIFIC_HEAT } from '@/core/properties/water';

const potato = tissueOf(findFood('potato-floury')!);

function waterInside(state: PieceState, p: number): number {
  let water = 0;
  for (let i = p * state.cells; i < (p + 1) * state.cells; i++) {
    water += state.moisture[i]! * state.volume[i]! * state.tissue.solidsDensity;
  }
  return water;
}

function enthalpy(state: PieceState, p: number): number {
  let heat = 0;
  for (let i = p * state.cells; i < (p + 1) * state.cells; i++) {
    heat +=
      state.tissue.solidsDensity *
      state.volume[i]! *
      (state.tissue.solidsHeat + WATER_SPECIFIC_HEAT * state.moisture[i]!) *
      state.temperature[i]!;
  }
  return heat;
}

/** Two pieces, sticks and a chip, in unequal air on their faces, so that a swapped face or piece would show. */
function unevenPieces(): PieceState {
  const state = createPieceState(
    [
      pieceGeometry({ shape: 'stick', thickness: 0.01, width: 0.012, length: 0.07 }),
      pieceGeometry({ shape: 'slice', thickness: 0.002, diameter: 0.05 }),
    ],
    21,
    potato,
    290,
  );
  state.airTemperature.set([470, 430, 450, 410]);
  state.convection.set([52, 25, 40, 12]);
  state.radiation.set([9, 0, 4, 0]);
  state.radiantTemperature.fill(470);
  state.vapourPressure.set([6000, 9000, 12000, 3000]);
  state.film.set([0.15, 0, 0.03, 0.2]);
  return state;
}

test('heat and water are conserved to 1e-6 of what was exchanged, through film, front and drying out', () => {
  const state = unevenPieces();
  const started = [0, 1].map((p) => ({
    water: waterInside(state, p) + state.film[2 * p]! + state.film[2 * p + 1]!,
    heat: enthalpy(state, p),
  }));
  const taken = [0, 0];
  const lost = [0, 0];
  const carried = [0, 0];
  for (let n = 0; n < 600; n++) {
    stepPieces(state, Float64Array.of(4));
    for (const p of [0, 1]) {
      taken[p]! += state.heatTaken[2 * p]! + state.heatTaken[2 * p + 1]!;
      lost[p]! += state.evaporated[p]!;
      carried[p]! += state.vapourEnthalpy[p]!;
    }
  }
  for (const p of [0, 1]) {
    const water = waterInside(state, p) + state.film[2 * p]! + state.film[2 * p + 1]!;
    expect(Math.abs(started[p]!.water - lost[p]! - water) / lost[p]!).toBeLessThan(1e-6);
    const imbalance = started[p]!.heat + taken[p]! - carried[p]! - enthalpy(state, p);
    expect(Math.abs(imbalance) / taken[p]!).toBeLessThan(1e-6);
    expect(lost[p]).toBeGreaterThan(0.5 * started[p]!.water);
  }
  expect(state.repairs).toBe(0);
});

test('a leaf in violent air and long steps runs dry within a step: still no heat or water is made or lost', () => {
  const leaf = pieceGeometry({ shape: 'sheet', thickness: 0.3e-3, width: 0.05, length: 0.06 });
  const state = createPieceState([leaf], 17, tissueOf(findFood('kale')!), 280);
  state.film.fill(0.05);
  const started = { water: waterInside(state, 0) + 0.1, heat: enthalpy(state, 0) };
  let taken = 0;
  let lost = 0;
  let carried = 0;
  for (let n = 0; n < 60; n++) {
    /* the air changes its mind every few steps: hot and dry, then cool and moist */
    const hot = n % 7 < 4;
    state.airTemperature.fill(hot ? 500 : 330);
    state.vapourPressure.fill(hot ? 1000 : 14_000);
    state.convection.fill(60);
    stepPieces(state, Float64Array.of(10));
    taken += state.heatTaken[0]! + state.heatTaken[1]!;
    lost += state.evaporated[0]!;
    carried += state.vapourEnthalpy[0]!;
    expect(state.moisture.every((moisture) => moisture >= 0 && Number.isFinite(moisture))).toBe(true);
  }
  const water = waterInside(state, 0) + state.film[0]! + state.film[1]!;
  expect(Math.abs(started.water - lost - water) / started.water).toBeLessThan(1e-6);
  expect(Math.abs(started.heat + taken - carried - enthalpy(state, 0)) / Math.abs(carried)).toBeLessThan(1e-6);
});

test('mirrored faces give mirrored pieces', () => {
  const one = unevenPieces();
  const other = unevenPieces();
  for (const field of ['airTemperature', 'convection', 'radiation', 'vapourPressure', 'film'] as const) {
    for (const p of [0, 1]) {
      const values = other[field];
      const kept = values[2 * p]!;
      values[2 * p] = values[2 * p + 1]!;
      values[2 * p + 1] = kept;
    }
  }
  for (let n = 0; n < 200; n++) {
    stepPieces(one, Float64Array.of(4));
    stepPieces(other, Float64Array.of(4));
  }
  for (const p of [0, 1]) {
    expect(other.browning[2 * p]! / one.browning[2 * p + 1]!).toBeCloseTo(1, 4);
    expect(other.skinTemperature[2 * p + 1]!).toBeCloseTo(one.skinTemperature[2 * p]!, 2);
  }
});

test('the active set settles in about one pass a step', () => {
  const state = unevenPieces();
  for (let n = 0; n < 400; n++) stepPieces(state, Float64Array.of(4));
  expect(state.passes / 400 / state.count).toBeLessThan(1.6);
});

test('a wet skin in dry hot air settles at the wet-bulb temperature', () => {
  const state = createPieceState([pieceGeometry({ shape: 'cube', thickness: 0.03 })], 41, potato, 320);
  state.airTemperature.fill(373.15);
  state.convection.fill(60);
  state.vapourPressure.fill(1200);
  state.film.fill(5);
  for (let n = 0; n < 1500; n++) stepPieces(state, Float64Array.of(2));
  /* a Lewis number of 0.85 puts the wet bulb some 1½ K below adiabatic saturation */
  /* adiabatic saturation of air of 100 °C with 7.5 g/kg: 1.006 T + w (2501 + 1.86 T) is the same at 33.7 °C, saturated */
  expect(Math.abs(state.skinTemperature[0]! - 273.15 - 33.7)).toBeLessThan(2);
});

/* water that moves while frozen takes the heat of liquid along: and skins are taken from the corrected cell: a few in a thousand */
test('a frozen piece thaws with no heat made or lost, and waits at its freezing point', () => {
  const stick = pieceGeometry({ shape: 'stick', thickness: 0.01, width: 0.01, length: 0.07 });
  const state = createPieceState([stick], 17, potato, 255.15);
  state.airTemperature.fill(453.15);
  state.convection.fill(40);
  state.vapourPressure.fill(2000);
  const whole = () => {
    let sum = 0;
    for (let i = 0; i < 17; i++) {
      sum += enthalpyOverThawed(state.temperature[i]!, state.solidsCapacity[i]!, state.solids[i]!, state.moisture[i]!);
    }
    return sum;
  };
  const before = whole();
  const toThawed = (water: number) => water * WATER_SPECIFIC_HEAT * FREEZING_POINT;
  let [taken, carried, steam] = [0, 0, 0];
  let waited = 0;
  for (let n = 0; n < 60; n++) {
    stepPieces(state, Float64Array.of(5));
    taken += state.heatTaken[0]! + state.heatTaken[1]!;
    carried += state.vapourEnthalpy[0]!;
    steam += state.evaporated[0]!;
    if (Math.abs(state.temperature[8]! - FREEZING_POINT) < 3) waited++;
  }
  expect(Math.abs(before + taken - (carried - toThawed(steam)) - whole()) / taken).toBeLessThan(5e-3);
  expect(waited).toBeGreaterThan(10);
});
