/** A colour by its browning and the word for it. */
export interface Swatch {
  readonly browning: number;
  readonly word: string;
}

/** Steps of the ramp a cook can tell apart, with a word for each. */
export const SWATCHES: readonly Swatch[] = [
  { browning: 0.1, word: 'raw' },
  { browning: 0.4, word: 'pale' },
  { browning: 0.7, word: 'light gold' },
  { browning: 1, word: 'golden' },
  { browning: 1.4, word: 'deep gold' },
  { browning: 2, word: 'brown' },
  { browning: 3, word: 'dark' },
  { browning: 4.5, word: 'burnt' },
];

/** The swatch next to a browning. */
export function nearestSwatch(browning: number): Swatch {
  return SWATCHES.reduce((a, b) => (Math.abs(b.browning - browning) < Math.abs(a.browning - browning) ? b : a));
}
