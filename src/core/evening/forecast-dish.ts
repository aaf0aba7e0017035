import { forecastHold } from '../forecast/hold';
import { forecastLoads } from '../forecast/forecast-loads';
import type { LoadShare } from '../plan/load-share';
import type { CookAction, Plan } from '../plan/plan';
import { type CookLooks, looksAt, medianBrowning, sampleAt } from '../batch/record-statistics';
import { BACK, type FriedDish } from './fried-ways';

/** How long a wait is looked at, s: beyond it the curve goes on as it fell last. */
const LOOKED_AT = 45 * 60;

/** Wait after which all go back for the last minutes, s. Source: chosen; what the first of several loads usually waits. */
const WAIT_BEFORE_BACK = 20 * 60;

/** Hands for one opening of the drawer, s. Source: assumed. */
const OPENING_HANDS: Record<CookAction, number> = {
  shake: 30,
  toss: 45,
  flip: 120,
  open: 15,
  swap: 45,
  pull: 60,
  oil: 45,
  season: 30,
  add: 45,
};

/** Moments of a load at which its browning is told, from loading to the pull. */
const MOMENTS = 9;

/** A dish in one fryer with what it looks like. */
export interface DishForecast extends FriedDish {
  /** the first load as it looks when pulled */
  readonly looks: CookLooks;
  /** typical browning of each load at moments spread evenly from loading to its pull */
  readonly browning: readonly (readonly number[])[];
}

/** Preheat of a dish that has none of its own, s. Source: assumed, as in `PREHEAT` of the ways. */
export const HOT_ENOUGH = 240;

/**
 * A dish in one fryer: its loads, and how they keep on a rack, in the warm oven and after some minutes back in the drawer. In an
 * evening every first load goes into a hot fryer, so that a dish takes as long whichever came before it.
 * @param whole all that is on the board, in this fryer @param order its loads
 * Cost: a forecast and a half for each load unlike one before, and three cooks with their waits.
 */
export function forecastDish(fryer: string, whole: Plan, order: readonly LoadShare[], seed: number): DishForecast {
  const first = whole.stages[0]!;
  const hot: Plan = {
    ...whole,
    preheat: whole.preheat ?? { duration: HOT_ENOUGH, temperature: first.temperature },
  };
  const { loads, evenness } = forecastLoads(hot, order, seed);
  const { plan, forecast } = loads[0]!;
  const pulledAt = forecast.pull.time;
  const rack = forecastHold(plan, seed, pulledAt, 'rack', LOOKED_AT, 0);
  const oven = forecastHold(plan, seed, pulledAt, 'warm-oven', LOOKED_AT, 0);
  const back = forecastHold(plan, seed, pulledAt, 'rack', WAIT_BEFORE_BACK, BACK);
  return {
    fryer,
    loads: loads.map(({ share, plan: own, forecast: { pull } }) => ({
      share,
      pull: pull.time,
      openings: own.events.map(({ time, action }) => ({ time, action, hands: OPENING_HANDS[action] })),
    })),
    right: evenness,
    rack,
    oven,
    looks: looksAt(forecast.record, pulledAt),
    browning: loads.map(({ forecast: { record, pull } }) =>
      Array.from({ length: MOMENTS }, (_, i) =>
        medianBrowning(record, sampleAt(record, (pull.time * i) / (MOMENTS - 1))),
      ),
    ),
    refreshed: Math.min(1, back.refreshed),
    heartRefreshed: back.heartRefreshed,
  };
}
