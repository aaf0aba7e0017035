import { createSeededRandom } from '../numeric/seeded-random';
import { normalQuantile } from '../numeric/normal-quantile';
import { MODEL_DOUBT } from './difference';
import { worthOfTrial } from './information';
import { chanceOfPick, LIKELY, preferenceOf } from './paired-tasting';

test('a trial tells most where the model does not know which is better, and more with more tastings', () => {
  const of = (difference: number, tastings = 4) => worthOfTrial(difference, tastings).information;
  expect(of(0)).toBeGreaterThan(of(0.1));
  expect(of(0.1)).toBeGreaterThan(of(0.4));
  expect(of(0, 8)).toBeGreaterThan(of(0, 4));
  expect(of(0, 2)).toBeGreaterThan(0);
  expect(of(0, 40)).toBeLessThanOrEqual(1);
  expect(of(0.2)).toBeCloseTo(of(-0.2), 6);
  /* what the model hardly knows is the more worth tasting */
  expect(worthOfTrial(0, 4, 0.16).information).toBeGreaterThan(of(0));
});

test('how often it settles the question is how often made-up tasters do', () => {
  const random = createSeededRandom(3);
  const draws = 4000;
  const better = Array.from({ length: 7 }, (_, other) => preferenceOf({ one: 6 - other, other, alike: 0 }).otherBetter);
  let settled = 0;
  for (let n = 0; n < draws; n++) {
    const p = chanceOfPick(0.1 + MODEL_DOUBT * normalQuantile(0.0005 + 0.999 * random()));
    let other = 0;
    for (let taster = 0; taster < 6; taster++) if (random() < p) other++;
    if (Math.max(better[other]!, 1 - better[other]!) >= LIKELY) settled++;
  }
  expect(worthOfTrial(0.1, 6).settles).toBeCloseTo(settled / draws, 1);
});
