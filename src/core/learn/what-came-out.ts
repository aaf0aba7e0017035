import type { Cut } from '../cut/cut';
import { pieceGeometry } from '../cut/piece-geometry';
import type { TargetCrispness } from '../food/wish';

/** The bite as it came out, in the words of the log. */
export type BiteCameOut = 'soft' | 'tender' | 'crisp' | 'very-crisp' | 'hard';

/** How the cook liked the colour: the only answer that tells of taste. */
export type Liked = 'too-pale' | 'as-wished' | 'too-dark';

/** How the inside was. */
export type Heart = 'hard' | 'soft';

/** Pieces thinner than this are crust all through, m: whether their inside is hard says nothing. Source: assumed, twice a crisp crust and more. */
const HEART_FROM = 4e-3;

/** Whether pieces so cut have an inside that can be called hard or soft. */
export function hasHeart(cut: Cut): boolean {
  return 2 * pieceGeometry(cut).halfThickness >= HEART_FROM;
}

/** What a cook said of a batch once it was out, as far as it can be held against a simulation. */
export interface CameOut {
  /** typical browning by a swatch; null where only whether it was as wished was said */
  readonly browning: number | null;
  readonly liked: Liked | null;
  readonly bite: BiteCameOut | null;
  readonly heart: Heart | null;
}

/** Crispness over that wished which each word means, for a wish of crisp. Source: assumed, the middles of the bands that the log's words are chosen by. */
const CRISPNESS: Record<BiteCameOut, number> = { soft: 0.3, tender: 0.75, crisp: 1.5, 'very-crisp': 3, hard: 4.5 };

/** Crust wished of crisp over that of very crisp. Source: 0.5 and 1.1 mm, see `neededCrust`. */
const AGAINST_VERY_CRISP = 0.45;

/** Crispness over that wished that a word means, or null where the wish is no crust, so that the word says nothing of it. */
export function saidCrispness(bite: BiteCameOut, wish: TargetCrispness): number | null {
  if (wish === 'crisp') return CRISPNESS[bite];
  return wish === 'very-crisp' ? CRISPNESS[bite] * AGAINST_VERY_CRISP : null;
}
