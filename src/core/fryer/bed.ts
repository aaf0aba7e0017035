import { shuffleInPlace, type RandomSource } from '../numeric/seeded-random';
import { placesAtRandom } from './places';

/** Share of the floor that pieces of one layer can cover. Source: random loose packing of flat shapes, about 0.8; design estimate. */
export const FLOOR_COVER = 0.8;

/** Share of h under a piece on the grate. Source: design estimate, assumed. */
export const GRATE_OPENNESS = 0.62;

/** Share of that left by a liner, which lets no air through. Source: assumed; conduction through paper and some air beneath. */
export const LINED_OPENNESS = 0.3;

/** Emissivity of walls, guard and food together. Source: bright steel 0.2–0.4, coated and greasy parts 0.8, food 0.9; 0.45 assumed. */
const EMISSIVITY = 0.45;

/** Stefan–Boltzmann constant, W/(m² K⁴). Source: CODATA 2018. */
const STEFAN_BOLTZMANN = 5.670374e-8;

/**
 * Coefficient of radiation on a face that sees the walls, W/(m² K), linearised about the air's temperature: 4εσT³. Walls and the
 * guard before the coil are as warm as the air; a face in a closed cavity sees nothing else, whatever the fryer's size. The
 * coil's own glow is not seen past the guard and is left out.
 */
export function wallRadiation(temperature: number): number {
  return 4 * EMISSIVITY * STEFAN_BOLTZMANN * temperature ** 3;
}

/** Where the pieces of a sample lie: a place 0 is on top; which face looks up; whether it is in the basket. */
export interface BedState {
  readonly place: Int32Array;
  /** layers that the piece stands for now; what is not in the basket counts as none */
  readonly height: Float64Array;
  /** layers above the piece, see `stackBed` */
  readonly top: Float64Array;
  /** the piece at each place, work space of `stackBed` */
  readonly order: Int32Array;
  /** how far face 0 looks up: 1 up, 0 down, ½ when the piece lies on its side and both faces are beside */
  readonly faceUp: Float64Array;
  /** share of each piece's surface that looks straight up or down when it lies flat: how likely it comes to lie so */
  readonly flatShare: Float64Array;
  readonly inBasket: Int8Array;
  /** the place of the floor that each piece lies over, see `PLACES`; 0 where none are told apart */
  readonly over: Uint8Array;
  /** h over each place against the mean of all; null where all are alike */
  readonly strengths: readonly number[] | null;
}

/** Pieces tumbled in: random places, one face up or the other. @param flatShare one per piece @param strengths of the fryer’s places, where they are known */
export function createBed(flatShare: Float64Array, random: RandomSource, strengths?: readonly number[]): BedState {
  const count = flatShare.length;
  const place = Int32Array.from({ length: count }, (_, i) => i);
  shuffleInPlace(place, random);
  const faceUp = Float64Array.from({ length: count }, () => (random() < 0.5 ? 0 : 1));
  return {
    place,
    height: new Float64Array(count),
    top: new Float64Array(count),
    order: new Int32Array(count),
    faceUp,
    flatShare,
    inBasket: new Int8Array(count).fill(1),
    over: strengths ? placesAtRandom(count, random) : new Uint8Array(count),
    strengths: strengths ?? null,
  };
}

/** A bed as it lies, to go on from apart. */
export function copyBed(bed: BedState): BedState {
  return {
    ...bed,
    place: bed.place.slice(),
    height: bed.height.slice(),
    top: bed.top.slice(),
    order: bed.order.slice(),
    faceUp: bed.faceUp.slice(),
    inBasket: bed.inBasket.slice(),
    over: bed.over.slice(),
  };
}

/**
 * Mixes the bed: a share `mixing` of the pieces change places among themselves, up and down and over the floor, and each comes to
 * lie anew with chance `tumbling`.
 */
export function mixBed(bed: BedState, mixing: number, tumbling: number, random: RandomSource): void {
  const moved: number[] = [];
  for (let p = 0; p < bed.place.length; p++) if (random() < mixing) moved.push(p);
  const places = Int32Array.from(moved, (p) => bed.place[p]!);
  shuffleInPlace(places, random);
  moved.forEach((p, i) => (bed.place[p] = places[i]!));
  for (let p = 0; p < bed.faceUp.length; p++) {
    const [tumbles, lies, side] = [random(), random(), random()];
    if (tumbles < tumbling) bed.faceUp[p] = lies < bed.flatShare[p]! ? Math.round(side) : 0.5;
  }
  if (bed.strengths === null) return;
  const over = Uint8Array.from(moved, (p) => bed.over[p]!);
  shuffleInPlace(over, random);
  moved.forEach((p, i) => (bed.over[p] = over[i]!));
}

/** Turns every piece over, each where it lies. */
export function flipBed(bed: BedState): void {
  for (let p = 0; p < bed.faceUp.length; p++) bed.faceUp[p] = 1 - bed.faceUp[p]!;
}

/** Brings what lies on the lowest of `racks` racks to the top; the others move one down. Nothing where there is one. */
export function swapRacks(bed: BedState, racks: number): void {
  const layers = stackBed(bed);
  const lowest = (layers * (racks - 1)) / racks;
  const isLow = (p: number) => racks > 1 && bed.top[p]! + bed.height[p]! / 2 > lowest;
  const ranked = Array.from(bed.order);
  [...ranked.filter(isLow), ...ranked.filter((p) => !isLow(p))].forEach((p, rank) => (bed.place[p] = rank));
}

/** Layers above each piece from the heights and places; returns the layers of the whole bed. No allocation. */
export function stackBed(bed: BedState): number {
  const { place, order, height, top, inBasket } = bed;
  for (let p = 0; p < place.length; p++) order[place[p]!] = p;
  let layers = 0;
  for (let rank = 0; rank < order.length; rank++) {
    const p = order[rank]!;
    top[p] = layers;
    if (inBasket[p] === 1) layers += height[p]!;
  }
  return layers;
}

/** Lays pieces `first` to `first + count` on top of the others, in their present order among themselves. */
export function layOnTop(bed: BedState, first: number, count: number): void {
  const isNew = (p: number) => p >= first && p < first + count;
  const ranked = Array.from(bed.place, (place, p) => ({ place, p })).sort((a, b) => a.place - b.place);
  [...ranked.filter(({ p }) => isNew(p)), ...ranked.filter(({ p }) => !isNew(p))].forEach(
    ({ p }, rank) => (bed.place[p] = rank),
  );
}

/**
 * How much of a piece that begins `top` layers down and is `height` layers high lies deeper than `depth` layers, 0–1; each
 * piece fills a slice of the bed, so that nothing jumps as the load grows past a whole layer.
 */
export function shareBelow(top: number, height: number, depth: number): number {
  return Math.min(1, Math.max(0, (top + height - depth) / height));
}
