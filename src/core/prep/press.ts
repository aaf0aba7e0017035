import { enterByArea, type InHand } from './in-hand';

/** Water that pressing can take, and its time constant, s; what thawed tofu gives off besides. Source: assumed, 15–20 % of the water of firm tofu in half an hour. */
const PRESSED_MOST = 0.2;
const PRESS_TIME = 1200;
export const THAWED_SHARE = 0.12;

/** Share of its water that a block gives off under a weight for `duration` s. */
export function pressedShare(duration: number): number {
  return PRESSED_MOST * (1 - Math.exp(-duration / PRESS_TIME));
}

/** Takes a share of the water out of every cell. */
export function takeWater(hand: InHand, share: number): void {
  const { state } = hand;
  const lost = new Float64Array(state.count);
  state.moisture.forEach((moisture, at) => {
    const taken = moisture * share;
    state.moisture[at] = moisture - taken;
    const p = Math.floor(at / state.cells);
    lost[p] = lost[p]! - taken * state.solids[at]!;
  });
  enterByArea(hand, 'pressed-out', 'water', lost, 1);
}
