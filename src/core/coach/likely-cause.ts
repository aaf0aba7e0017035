import { inOwnUnits, UNKNOWN_NAMES, type Unknowns } from '../forecast/unknowns';

/** What most likely made the difference, and by how much in its own unit: K, or a share. */
export interface LikelyCause {
  readonly what: keyof Unknowns;
  readonly by: number;
}

/** Standard deviations below which nothing unusual is said. Source: assumed; half of one happens every other time. */
const UNUSUAL = 0.5;

/** The unknown that lies furthest from what was expected, or null where none does. */
export function likelyCause(unknowns: Unknowns): LikelyCause | null {
  const [furthest] = [...UNKNOWN_NAMES].sort((a, b) => Math.abs(unknowns[b]) - Math.abs(unknowns[a]));
  if (!furthest || Math.abs(unknowns[furthest]) < UNUSUAL) return null;
  return { what: furthest, by: inOwnUnits(furthest, unknowns[furthest]) };
}
