import { sticks } from '../../../tests/support/sticks';
import { forecastLoads } from '../forecast/forecast-loads';
import { equalLoads } from '../plan/load-share';
import { searchPlans } from './search-plans';
import { bestByWeights, tradeOffFront } from './trade-off';

test('the search yields at once, its front holds no beaten plan, and weights move the choice along it', () => {
  const first = searchPlans(sticks({ mass_g: 700 }), 1).next();
  expect(first.value).toMatchObject({ tried: 1, found: { asItStands: true } });
  const steps = [...searchPlans(sticks({ mass_g: 700 }), 1)];
  const all = steps.flatMap(({ found }) => found ?? []);
  const front = tradeOffFront(all);
  expect(front.length).toBeGreaterThan(1);
  for (const one of front) {
    for (const other of all) {
      const beaten =
        other.score.time < one.score.time &&
        other.score.evenness > one.score.evenness &&
        other.score.attention < one.score.attention;
      expect(beaten).toBe(false);
    }
  }
  expect(all[0]!.asItStands).toBe(true);
  expect(steps.at(-1)!.tried).toBeGreaterThanOrEqual(300);
  /* what is shown is cooked as the bench would */
  for (const { plan, batches, score } of all.slice(1, 4)) {
    const { time, evenness } = forecastLoads(plan, equalLoads(batches), 1);
    expect(score).toMatchObject({ time: time + (plan.preheat?.duration ?? 0), evenness });
  }
  const lazy = bestByWeights(all, { time: 0, evenness: 0, attention: 1 })!;
  const fussy = bestByWeights(all, { time: 0, evenness: 1, attention: 0 })!;
  expect(lazy.score.attention).toBeLessThanOrEqual(fussy.score.attention);
  expect(fussy.score.evenness).toBeGreaterThanOrEqual(lazy.score.evenness);
  expect([...searchPlans(sticks({ mass_g: 700 }), 1)]).toEqual(steps);
});
