import type { OilingMethod } from '../plan/plan';

/**
 * Share of the oil that lands on the food, and how the two faces share it (mean 1): in the bowl it goes all round, a brush
 * and a pump spray reach the side that looks up. Source: assumed.
 */
export const OILING: Record<OilingMethod, { readonly landed: number; readonly faces: readonly [number, number] }> = {
  toss: { landed: 1, faces: [1, 1] },
  brush: { landed: 0.95, faces: [1.3, 0.7] },
  spray: { landed: 0.85, faces: [1.6, 0.4] },
};
