import { BATTER_COAT, CRUMB_COAT } from '@/core/food/coat';
import { coatMaterial } from '@/core/piece/coat-material';
import { createPieceState } from '@/core/piece/piece-state';
import { stepPieces } from '@/core/piece/piece-step.kernel';
import { maillardFactor, oilFactor } from '@/core/prep/browning-factor';
import { kelvinFromCelsius } from '@/core/units/temperature';

/** Steel of a baking sheet under a layer, J/(m² K). Source: 0.6 mm, 7850 kg/m³, 490 J/(kg K). */
const SHEET = 2300;

interface Layer {
  readonly thickness: number;
  readonly solidsDensity: number;
  readonly moisture: number;
  readonly transfer: number;
  readonly vapour: number;
  readonly sheet: number;
  readonly browning: number;
}

/** Minutes in air of `celsius` until a layer's skins are browned to `level`. */
function minutesTo(level: number, celsius: number, layer: Layer): number {
  const geometry = { volume: 1, surface: 1, halfThickness: layer.thickness / 2, exponent: 0, edgeShare: 0 };
  const state = createPieceState(
    [{ ...geometry, flatShare: 1, projectedArea: 1 }],
    17,
    coatMaterial({ ...CRUMB_COAT, solidsDensity: layer.solidsDensity }),
    294,
  );
  state.moisture.fill(layer.moisture);
  state.solidsCapacity.forEach((capacity, i) => (state.solidsCapacity[i] = capacity + layer.sheet / 17));
  state.airTemperature.fill(kelvinFromCelsius(celsius));
  state.radiantTemperature.fill(kelvinFromCelsius(celsius));
  state.convection.fill(layer.transfer);
  state.vapourPressure.fill(layer.vapour);
  state.browningFactor.fill(layer.browning);
  const step = Float64Array.of(2);
  for (let n = 1; n <= 1200; n++) {
    stepPieces(state, step);
    if ((state.browning[0]! + state.browning[1]!) / 2 >= level) return (n * 2) / 60;
  }
  return Infinity;
}

const onSheet = { transfer: 18, vapour: 2500, sheet: SHEET } as const;
const crumb = { ...onSheet, thickness: 5e-3, solidsDensity: 250, moisture: 0.1 } as const;

test('dry crumb spread on a sheet at 180–190 °C is golden after 6–10 min', () => {
  const browning = maillardFactor(CRUMB_COAT.sugar, CRUMB_COAT.protein) * oilFactor(0);
  for (const celsius of [180, 185, 190]) {
    const minutes = minutesTo(1, celsius, { ...crumb, browning });
    expect(minutes).toBeGreaterThan(5.9);
    expect(minutes).toBeLessThan(10);
  }
});

test('flour on the same sheet after 10–15 min', () => {
  const browning = maillardFactor(BATTER_COAT.sugar, BATTER_COAT.protein) * oilFactor(0);
  const minutes = minutesTo(1, 185, { ...onSheet, thickness: 5e-3, solidsDensity: 550, moisture: 0.13, browning });
  expect(minutes).toBeGreaterThan(9);
  expect(minutes).toBeLessThan(15);
});

test('a slice of bread at 180 °C in moving air is in the golden band after 4–6 min', () => {
  const browning = maillardFactor(0.035, 0.14) * oilFactor(0);
  const bread = {
    thickness: 12e-3,
    solidsDensity: 170,
    moisture: 0.62,
    transfer: 45,
    vapour: 5000,
    sheet: 0,
    browning,
  };
  expect(minutesTo(0.45, 180, bread)).toBeGreaterThan(4);
  expect(minutesTo(0.6, 180, bread)).toBeLessThan(6);
});
