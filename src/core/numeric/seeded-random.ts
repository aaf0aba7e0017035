/** A source of uniform numbers in [0, 1). Injected wherever chance is needed; the core never calls Math.random. */
export type RandomSource = () => number;

/** A source whose place in its sequence can be kept: a new one with that as its seed goes on from there. */
export interface SeededRandom extends RandomSource {
  readonly place: () => number;
}

/**
 * Small fast counter generator with 32 bits of state (mulberry32). Same seed, same sequence on every machine.
 * Why this one: quality is ample for a few hundred draws a forecast and the state is one integer.
 * Source: public-domain mulberry32 by Tommy Ettinger.
 */
export function createSeededRandom(seed: number): SeededRandom {
  let state = seed >>> 0;
  const next = () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
  return Object.assign(next, { place: () => state });
}

/** Shuffles `items` in place, every order equally likely (Fisher–Yates). Cost: O(n). */
export function shuffleInPlace(items: Int32Array | Float64Array | Uint8Array, random: RandomSource): void {
  for (let i = items.length - 1; i > 0; i--) {
    const j = Math.floor(random() * (i + 1));
    const kept = items[i]!;
    items[i] = items[j]!;
    items[j] = kept;
  }
}
