import { createPieceState } from '@/core/piece/piece-state';
import { stepPieces } from '@/core/piece/piece-step.kernel';
import type { Material } from '@/core/piece/material';
import { tabulate } from '@/core/numeric/uniform-table';
import { BOILING_LATENT_HEAT } from '@/core/properties/water';

/**
 * A slab at 100 °C throughout whose faces are held hot: the drying front of Stefan's problem moves as d = 2Λ√(αt), with
 * √π Λ exp(Λ²) erf(Λ) = c(Ts − Tb)/(λ X). The solid is so thin and so wet
 * that bound water, which boils above 100 °C, is one part in a hundred, and conducts so well that the front outruns
 * liquid diffusion.
 * Source: Carslaw & Jaeger (1959), §11.2 (Neumann's solution, one phase).
 */
const CONDUCTIVITY = 100;
const SOLIDS = 15;
const SOLIDS_HEAT = 8000;
const MOISTURE = 60;
const TISSUE: Material = {
  fullMoisture: MOISTURE,
  solidsDensity: SOLIDS,
  solidsHeat: SOLIDS_HEAT,
  conductivity: tabulate(() => CONDUCTIVITY, 0, 90, 45),
  conductivitySlope: 0,
  dryGlassTransition: 500,
};

function errorFunction(x: number): number {
  const n = 2000;
  let sum = 0;
  for (let i = 0; i < n; i++) sum += Math.exp(-((((i + 0.5) / n) * x) ** 2));
  return (2 / Math.sqrt(Math.PI)) * (x / n) * sum;
}

function frontConstant(stefan: number): number {
  let low = 0;
  let high = 3;
  for (let i = 0; i < 80; i++) {
    const middle = (low + high) / 2;
    const value = Math.sqrt(Math.PI) * middle * Math.exp(middle ** 2) * errorFunction(middle);
    if (value < stefan) low = middle;
    else high = middle;
  }
  return low;
}

test('water boiled off behind a drying front follows the similarity solution', () => {
  const boiling = 373.15;
  const hot = boiling + 60;
  const halfThickness = 6e-3;
  const cells = 241;
  const state = createPieceState(
    [{ volume: 1, surface: 1, halfThickness, exponent: 0, edgeShare: 0, flatShare: 1, projectedArea: 1 }],
    cells,
    TISSUE,
    boiling,
  );
  /* a large radiative exchange holds the face at the hot temperature without mass transfer */
  state.radiation.fill(1e9);
  state.radiantTemperature.fill(hot);
  const duration = 3;
  const step = 0.005;
  let lost = 0;
  for (let n = 0; n < duration / step; n++) {
    stepPieces(state, Float64Array.of(step));
    lost += state.evaporated[0]!;
  }
  const stefan = (SOLIDS_HEAT * 60) / (BOILING_LATENT_HEAT * MOISTURE);
  const depth = 2 * frontConstant(stefan) * Math.sqrt((CONDUCTIVITY / (SOLIDS * SOLIDS_HEAT)) * duration);
  const expected = 2 * depth * SOLIDS * MOISTURE;
  expect(Math.abs(lost / expected - 1)).toBeLessThan(0.02);
});
