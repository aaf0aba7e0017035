import type { OilingMethod } from '../plan/plan';
import { HELD_OIL } from './browning-factor';
import { enter, enterByArea, type InHand } from './in-hand';

/**
 * Share of the oil that lands on the food, and how the two faces share it (mean 1): in the bowl it goes all round, a brush
 * and a pump spray reach the side that looks up. Source: assumed.
 */
export const OILING: Record<OilingMethod, { readonly landed: number; readonly faces: readonly [number, number] }> = {
  toss: { landed: 1, faces: [1, 1] },
  brush: { landed: 0.95, faces: [1.3, 0.7] },
  spray: { landed: 0.85, faces: [1.6, 0.4] },
};

/** Oils the pieces with `mass` kg: some misses them, what a face cannot hold drips off. */
export function oilPieces(hand: InHand, mass: number, method: OilingMethod): void {
  const { state } = hand;
  const { landed, faces } = OILING[method];
  hand.oilMissed += mass * (1 - landed);
  const dripped = state.oil.map((before, f) =>
    Math.min(0, HELD_OIL - before - (faces[f & 1]! * landed * mass) / hand.surface),
  );
  state.oil.forEach((before, f) => {
    state.oil[f] = before + (faces[f & 1]! * landed * mass) / hand.surface + dripped[f]!;
  });
  enter(hand, 'oil', 'oil', mass * landed);
  enterByArea(hand, 'oil-dripped', 'oil', dripped, 2);
}
