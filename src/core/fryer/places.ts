import { type RandomSource, shuffleInPlace } from '../numeric/seeded-random';

/** Thirds along each side of the floor; places are counted row by row, from the back left to the front right. */
export const PLACES_A_SIDE = 3;

/** How many places of a floor are told apart. */
export const PLACES = PLACES_A_SIDE ** 2;

/** The place over a point of a square floor. @param x from the left and @param z from the back, shares of the side; beyond is the nearest */
export function placeAt(x: number, z: number): number {
  const third = (share: number) => Math.min(PLACES_A_SIDE - 1, Math.max(0, Math.floor(share * PLACES_A_SIDE)));
  return PLACES_A_SIDE * third(z) + third(x);
}

/** Steps from one place to another, along the sides. */
export function placesApart(one: number, other: number): number {
  const row = (place: number) => Math.floor(place / PLACES_A_SIDE);
  return Math.abs(row(one) - row(other)) + Math.abs((one % PLACES_A_SIDE) - (other % PLACES_A_SIDE));
}

/** The place over which each of `count` pieces comes to lie when they are tumbled in: as many over one as over another, by chance which. */
export function placesAtRandom(count: number, random: RandomSource): Uint8Array {
  const over = Uint8Array.from({ length: count }, (_, i) => Math.floor((i * PLACES) / count));
  shuffleInPlace(over, random);
  return over;
}

/** How far off the eye takes a piece to be thicker or thinner, at most, share of it. Source: assumed; a tenth is hard to tell. */
const EYE = 0.1;

/**
 * The same places dealt out anew by a cook who lays the thicker pieces over the stronger, as well as the eye tells them.
 * @param thickness of each piece, any unit @param strengths of the places
 */
export function thickToStrong(
  over: Uint8Array,
  thickness: readonly number[],
  strengths: readonly number[],
  random: RandomSource,
): Uint8Array {
  const strongest = Array.from(over).sort((a, b) => strengths[b]! - strengths[a]!);
  const taken = thickness.map((own) => own * (1 + EYE * (2 * random() - 1)));
  const dealt = new Uint8Array(over.length);
  taken
    .map((_, p) => p)
    .sort((a, b) => taken[b]! - taken[a]!)
    .forEach((p, rank) => (dealt[p] = strongest[rank]!));
  return dealt;
}
