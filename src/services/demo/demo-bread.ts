import { fryerFromLabel } from '@/core/fryer/fryer-from-label';
import { breadPlaces, shadesIn } from '@/core/learn/bread-test';
import { fryerTestEvidence, TEST_DIAL } from '@/core/learn/fryer-test';
import { createSeededRandom } from '@/core/numeric/seeded-random';
import { celsiusFromKelvin } from '@/core/units/temperature';
import { fryerTestFromFile, fryerTestSchema } from '@/schemas/fryer-test-schema';
import { HIDDEN_TRUTH, trueFryer } from './live-through';

/** How far a slice of the demo is off by itself, ln, at most. Source: chosen, as slices of one loaf. */
const OFF = 0.1;

/** How long they were left in, s: until most were gold. Source: chosen; it runs cool. */
const LEFT_IN = 480;

/** Slices of bread that the demo kitchen laid into its small fryer: shades as that really is, read from a photo. @param label of it */
export function demoBread(label: { power_w: number; basket_cm2: number; basket_height_mm: number }) {
  const labelled = fryerFromLabel(label.power_w, label.basket_cm2 * 1e-4, label.basket_height_mm * 1e-3);
  const random = createSeededRandom(11);
  const at = { dial: TEST_DIAL, duration: LEFT_IN };
  const shades = shadesIn(trueFryer(labelled, 'small'), at, HIDDEN_TRUTH.small.places).map((shade) =>
    Number((shade * Math.exp(OFF * (2 * random() - 1))).toFixed(2)),
  );
  const readings = fryerTestSchema.parse({
    kind: 'bread',
    dial_c: Math.round(celsiusFromKelvin(TEST_DIAL)),
    minutes: LEFT_IN / 60,
    shades,
  });
  const test = fryerTestFromFile(readings);
  if (test.kind !== 'bread') throw new Error('no bread');
  return { readings, evidence: { ...fryerTestEvidence(labelled, test), places: breadPlaces(labelled, test) } };
}
