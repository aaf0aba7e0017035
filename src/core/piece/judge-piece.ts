import type { TargetColour } from '../plan/plan';

/** How a piece is at a moment. */
export type Verdict = 'under' | 'right' | 'dark' | 'burnt';

/** Verdicts by the numbers used in hot loops and arrays. */
export const VERDICTS: readonly Verdict[] = ['under', 'right', 'dark', 'burnt'];

/** Browning above which a piece is burnt, whatever was wished. Source: feasibility study. */
export const BURNT_FROM = 3;

/** Browning that counts as right for a wished colour. Source: golden 0.6–1.4, feasibility study; the others assumed around it. */
export const RIGHT_BROWNING: Record<TargetColour, { readonly from: number; readonly to: number }> = {
  pale: { from: 0.15, to: 1 },
  golden: { from: 0.6, to: 1.4 },
  brown: { from: 1, to: 2.2 },
};

/** Share of the softening needed at the heart for a piece to be cooked through. Source: assumed; vegetables may keep a bite. */
export const COOKED_THROUGH = 0.5;

/**
 * Index into VERDICTS of one piece: burnt if a face is, dark if its mean colour is past the wish, right if colour, bite
 * and heart are there, else under.
 */
export function judgePiece(
  faceA: number,
  faceB: number,
  crispness: number,
  softness: number,
  colour: TargetColour,
): 0 | 1 | 2 | 3 {
  const mean = (faceA + faceB) / 2;
  const right = RIGHT_BROWNING[colour];
  if (mean > BURNT_FROM || Math.max(faceA, faceB) > BURNT_FROM * 1.5) return 3;
  if (mean > right.to) return 2;
  return mean >= right.from && crispness >= 1 && softness >= COOKED_THROUGH ? 1 : 0;
}
