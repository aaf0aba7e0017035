import type { TargetColour } from '../core/food/wish';

/** Browning of the swatch that a wish comes nearest to. */
export const WISHED_BROWNING: Record<TargetColour, number> = { first: 0.1, pale: 0.4, golden: 1, brown: 2 };
