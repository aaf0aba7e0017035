import type { PlanOutcome } from '../../src/core/forecast/plan-outcome';

/** What an ordinary plan comes to: done at 20:00, a window of two minutes, nine of ten right. */
export function planOutcome(change: Partial<PlanOutcome> = {}): PlanOutcome {
  return {
    pullTime: 1200,
    atFryer: change.pullTime === undefined ? 1200 : change.pullTime,
    windowWidth: 120,
    peakShare: 0.9,
    acrylamide: 'low',
    oilUsed: 0.01,
    energy: 1e6,
    breakage: 0,
    browning: { interval: 600, values: [0, 0.4, 1, 2] },
    handsOn: 300,
    preparation: 2000,
    ...change,
  };
}
