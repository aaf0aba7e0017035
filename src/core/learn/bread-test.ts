import { NOISE, seen } from '../coach/likelihood';
import { GRATE_OPENNESS, wallRadiation } from '../fryer/bed';
import { createCavity, stepCavity } from '../fryer/cavity';
import { PLACES } from '../fryer/places';
import { coatMaterial } from '../piece/coat-material';
import { CRUMB_COAT } from '../food/coat';
import { createPieceState } from '../piece/piece-state';
import { stepPieces } from '../piece/piece-step.kernel';
import type { Fryer } from '../plan/fryer';
import { maillardFactor, oilFactor } from '../prep/browning-factor';
import { AMBIENT_TEMPERATURE, vapourPressureOf } from '../properties/kitchen-air';
import { type PlaceEvidence, placeEvidence } from './place-map';

/** Slices of bread in a grid, one over each place of the floor, put into a hot fryer; the shade of each is read after some minutes. */
export interface BreadTest {
  readonly kind: 'bread';
  /** K on the dial, at which the fryer was preheated */
  readonly dial: number;
  /** s in the closed fryer */
  readonly duration: number;
  /** browning of the upper side by swatch, by place, see `PLACES`; null where none was read */
  readonly shades: readonly (number | null)[];
}

/**
 * A quarter of a slice of white sandwich bread: m thick, kg/m³ of dry solids, moisture dry basis, m² of one side. Source: usual loaf,
 * 12 mm, 0.27 g/cm³ with 38 % water, quarters of 10 × 10 cm; the same as the check of browning in docs/model.
 */
const SLICE = { thickness: 12e-3, solidsDensity: 170, moisture: 0.62, side: 25e-4 } as const;

/** Sugar and protein of bread, kg per kg solids; the factor of a dry loaf. Source: food-composition tables, rounded: 3.5 and 14 %. */
const BREAD_BROWNING = maillardFactor(0.035, 0.14) * oilFactor(0);

/** Crumb of a loaf is what crumbs are made of, laid looser. */
const BREAD = coatMaterial({ ...CRUMB_COAT, solidsDensity: SLICE.solidsDensity });

/** How far loaves differ in how fast they brown, ln. Source: assumed; sugar and milk of the dough. */
const LOAF_SPREAD = 0.35;

/** How long the hot fryer stands open while nine slices are laid, s. Source: assumed. */
const LAYING = 25;

/** Cells through a slice and length of a step, s. Source: numerics; half the step moves the shade by less than 1 %. */
const CELLS = 13;
const STEP = 2;

/** Step of ln h by which the slope of the shade is taken. Source: numerics. */
const SLOPE_STEP = 0.1;

/** When the shades are read, s. Source: chosen, where a usual fryer gives gold and places differ most. */
export const BREAD_DURATION = 360;

/** Browning of the upper side of slices over places so strong, among as many as are laid, after all of the test. @param strengths h over each against the mean */
export function shadesIn(
  fryer: Fryer,
  { dial, duration }: Pick<BreadTest, 'dial' | 'duration'>,
  strengths: readonly number[],
): number[] {
  const cavity = createCavity(dial + fryer.thermostatOffset);
  stepCavity(cavity, fryer, dial, 0, 0, true, LAYING);
  const { thickness } = SLICE;
  const geometry = { volume: thickness * SLICE.side, surface: 2 * SLICE.side, halfThickness: thickness / 2 };
  const slices = createPieceState(
    strengths.map(() => ({ ...geometry, exponent: 0, edgeShare: 0, flatShare: 1, projectedArea: SLICE.side })),
    CELLS,
    BREAD,
    AMBIENT_TEMPERATURE,
  );
  slices.moisture.fill(SLICE.moisture);
  slices.browningFactor.fill(BREAD_BROWNING);
  const step = Float64Array.of(STEP);
  for (let time = STEP; time <= duration; time += STEP) {
    const vapour = vapourPressureOf(cavity.humidityRatio);
    slices.airTemperature.fill(cavity.temperature);
    slices.radiantTemperature.fill(cavity.temperature);
    slices.vapourPressure.fill(vapour);
    strengths.forEach((strength, p) => {
      const h = fryer.heatTransferCoefficient * strength;
      slices.convection[2 * p] = h;
      slices.convection[2 * p + 1] = h * GRATE_OPENNESS;
      slices.radiation[2 * p] = wallRadiation(cavity.temperature);
    });
    stepPieces(slices, step);
    let heat = 0;
    let steam = 0;
    for (let p = 0; p < strengths.length; p++) {
      heat += ((slices.heatTaken[2 * p]! + slices.heatTaken[2 * p + 1]!) * SLICE.side) / STEP;
      steam += (slices.evaporated[p]! * SLICE.side) / STEP;
    }
    const like = PLACES / strengths.length;
    stepCavity(cavity, fryer, dial, like * heat, like * steam, false, STEP);
  }
  return strengths.map((_, p) => slices.browning[2 * p]!);
}

/** ln of the mean shade that a fryer gives against that read, in standard deviations; the loaf's own browning is most of them. */
export function breadResidual(fryer: Fryer, test: BreadTest): number[] {
  const read = test.shades.filter((shade) => shade !== null);
  if (read.length === 0) return [];
  const expected = seen(shadesIn(fryer, test, [1])[0]!);
  const mean = read.reduce((sum, shade) => sum + seen(shade), 0) / read.length;
  return [(expected - mean) / Math.hypot(LOAF_SPREAD, NOISE.swatch)];
}

/** What the grid says of the places of the floor, for a fryer as labelled. */
export function breadPlaces(fryer: Fryer, test: BreadTest): PlaceEvidence {
  const [less, more] = shadesIn(fryer, test, [Math.exp(-SLOPE_STEP), Math.exp(SLOPE_STEP)]);
  const slope = (seen(more!) - seen(less!)) / (2 * SLOPE_STEP);
  return placeEvidence(
    test.shades.map((shade) => (shade === null ? null : seen(shade))),
    slope,
  );
}
