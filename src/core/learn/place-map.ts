import { PLACES } from '../fryer/places';

/** Standard deviation of ln h between places of a floor before anything is known. Source: assumed; a tenth or so, as a fan blows from one side of a coil. */
export const PLACE_SPREAD = 0.12;

/**
 * Standard deviation of one slice's shade against that of the others, ln: as read, and of the slice itself. Source: assumed; beside
 * each other in one light, on one ladder of fine steps, eyes tell half of what they tell of a single piece; crumb and crust differ.
 */
const READ_NOISE = 0.1;
const SLICE_NOISE = 0.1;

/** What one grid of slices says of ln h over each place, in information form; nothing over places that were not read. */
export interface PlaceEvidence {
  readonly information: readonly number[];
  readonly vector: readonly number[];
}

/** What is believed of the places of one drawer: h against the mean of all, and its standard deviation, ln. */
export interface PlaceMap {
  readonly strengths: readonly number[];
  readonly deviations: readonly number[];
}

/**
 * What the shades of one grid say: rᵢ = c + κ·zᵢ + ε with z = ln h against the mean; c, which loaf, dial and minutes share, is taken
 * out with the mean of those read. Information κ²/σ², vector κ·(rᵢ − r̄)/σ².
 * @param shades ln of what was seen over each place, null where it was not read @param slope κ
 */
export function placeEvidence(shades: readonly (number | null)[], slope: number): PlaceEvidence {
  const read = shades.filter((shade) => shade !== null);
  const mean = read.reduce((sum, shade) => sum + shade, 0) / read.length;
  const variance = READ_NOISE ** 2 + SLICE_NOISE ** 2;
  return {
    information: shades.map((shade) => (shade === null ? 0 : slope ** 2 / variance)),
    vector: shades.map((shade) => (shade === null ? 0 : (slope * (shade - mean)) / variance)),
  };
}

/** The map that several grids in one drawer give together, over the prior; null without any. The strengths have mean one. */
export function placeMap(grids: readonly PlaceEvidence[]): PlaceMap | null {
  if (grids.length === 0) return null;
  const precision = Array.from({ length: PLACES }, (_, place) =>
    grids.reduce((sum, { information }) => sum + information[place]!, PLACE_SPREAD ** -2),
  );
  const factors = precision.map((own, place) =>
    Math.exp(grids.reduce((sum, { vector }) => sum + vector[place]!, 0) / own),
  );
  const mean = factors.reduce((sum, factor) => sum + factor, 0) / PLACES;
  return { strengths: factors.map((factor) => factor / mean), deviations: precision.map((own) => own ** -0.5) };
}
