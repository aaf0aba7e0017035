/** What a level teaspoon, tablespoon and cup hold of loose kitchen goods, g. Source: assumed from common kitchen tables, ±15 %; a scale is better. */
const TEASPOON_OF = {
  salt: 6,
  spice: 2.5,
  starch: 2.7,
  flour: 2.7,
  crumbs: 2.3,
  cheese: 2,
  herbs: 1,
  liquid: 5,
  syrup: 7,
} as const;

/** Teaspoons in a tablespoon, and in a cup of 240 ml. */
export const TEASPOONS_IN_TABLESPOON = 3;
export const TEASPOONS_IN_CUP = 48;

/** Something measured by spoons. */
export type Spooned = keyof typeof TEASPOON_OF;

/** Level teaspoons that hold `mass` kg. */
export function teaspoonsOf(what: Spooned, mass: number): number {
  return (mass * 1000) / TEASPOON_OF[what];
}
