import type { PieceGeometry } from '@/core/cut/piece-geometry';
import { createPieceState } from '@/core/piece/piece-state';
import { stepPieces } from '@/core/piece/piece-step.kernel';
import type { Material } from '@/core/piece/material';
import { tabulate } from '@/core/numeric/uniform-table';
import { seriesCentre } from './series-solutions';

/** A dry, inert solid: no water, so that only conduction is left of the solver. */
const SOLID: Material = {
  fullMoisture: 1,
  solidsDensity: 1000,
  solidsHeat: 2000,
  conductivity: tabulate(() => 0.5, 0, 1, 0.5),
  conductivitySlope: 0,
  dryGlassTransition: 500,
};
const RADIUS = 5e-3;
const body = (exponent: number): PieceGeometry => ({
  volume: 1,
  surface: 1,
  halfThickness: RADIUS,
  exponent,
  edgeShare: 0,
  flatShare: 1,
  projectedArea: 1,
});

function solvedCentre(exponent: number, biot: number, fourier: number, cells: number): number {
  const state = createPieceState([body(exponent)], cells, SOLID, 300);
  state.moisture.fill(0);
  state.airTemperature.fill(400);
  state.convection.fill((biot * 0.5) / RADIUS);
  const duration = (fourier * RADIUS ** 2) / (0.5 / (1000 * 2000));
  const steps = 2000;
  for (let n = 0; n < steps; n++) stepPieces(state, Float64Array.of(duration / steps));
  return (state.temperature[(cells - 1) / 2]! - 400) / -100;
}

describe.each([
  ['slab', 0],
  ['cylinder', 1],
  ['sphere', 2],
] as const)('%s', (shape, exponent) => {
  test.each([0.1, 1, 10])('centre temperature at Biot %p is within 0.5 %% of the initial difference', (biot) => {
    for (const fourier of [0.2, 0.5, 1]) {
      const difference = solvedCentre(exponent, biot, fourier, 41) - seriesCentre(shape, biot, fourier);
      expect(Math.abs(difference)).toBeLessThan(0.005);
    }
  });

  test('the production grid of 21 cells stays within 1 %', () => {
    expect(Math.abs(solvedCentre(exponent, 1, 0.5, 21) - seriesCentre(shape, 1, 0.5))).toBeLessThan(0.01);
  });
});

test('the series itself: a slab at Biot 1, Fourier 1 is at 0.535 of the difference', () => {
  expect(seriesCentre('slab', 1, 1)).toBeCloseTo(0.535, 2);
});
