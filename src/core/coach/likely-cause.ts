import { differenceOf, inWords, PRIOR_SPREAD, type Spread, UNKNOWN_NAMES, type Unknowns } from '../forecast/unknowns';

/** What most likely made the difference, and by how much in its own unit: K, or a share. */
export interface LikelyCause {
  readonly what: keyof Unknowns;
  readonly by: number;
}

/** Standard deviations below which nothing unusual is said. Source: assumed; half of one happens every other time. */
const UNUSUAL = 0.5;

/** The unknown that lies furthest from what was expected, in standard deviations of a kitchen that knows nothing, or null where none does. */
export function likelyCause(unknowns: Unknowns, spread?: Spread): LikelyCause | null {
  const difference = differenceOf(unknowns, spread);
  const far = (name: keyof Unknowns) => Math.abs(difference[name]) / PRIOR_SPREAD[name];
  const [furthest] = [...UNKNOWN_NAMES].sort((a, b) => far(b) - far(a));
  if (!furthest || far(furthest) < UNUSUAL) return null;
  return { what: furthest, by: inWords(furthest, difference[furthest]) };
}
