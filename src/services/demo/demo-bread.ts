import { fryerFromLabel } from '@/core/fryer/fryer-from-label';
import { BREAD_DURATION, breadPlaces, shadesIn } from '@/core/learn/bread-test';
import { fryerTestEvidence, TEST_DIAL } from '@/core/learn/fryer-test';
import { createSeededRandom } from '@/core/numeric/seeded-random';
import { celsiusFromKelvin } from '@/core/units/temperature';
import { fryerTestFromFile, fryerTestSchema } from '@/schemas/fryer-test-schema';
import { HIDDEN_TRUTH, trueFryer } from './live-through';

/** How far a slice of the demo is off by itself, ln, at most. Source: chosen. */
const OFF = 0.12;

/** Shades are tapped in steps of this. Source: chosen, about that of the ladder. */
const STEP = 0.1;

/** Slices of bread that the demo kitchen laid into its small fryer: shades as that really is, read by eye. @param label of it */
export function demoBread(label: { power_w: number; basket_cm2: number; basket_height_mm: number }) {
  const labelled = fryerFromLabel(label.power_w, label.basket_cm2 * 1e-4, label.basket_height_mm * 1e-3);
  const random = createSeededRandom(11);
  const at = { dial: TEST_DIAL, duration: BREAD_DURATION };
  const shades = shadesIn(trueFryer(labelled, 'small'), at, HIDDEN_TRUTH.small.places).map(
    (shade) => Math.round((shade * Math.exp(OFF * (2 * random() - 1))) / STEP) * STEP,
  );
  const readings = fryerTestSchema.parse({
    kind: 'bread',
    dial_c: Math.round(celsiusFromKelvin(TEST_DIAL)),
    minutes: BREAD_DURATION / 60,
    shades,
  });
  const test = fryerTestFromFile(readings);
  if (test.kind !== 'bread') throw new Error('no bread');
  return { readings, evidence: { ...fryerTestEvidence(labelled, test), places: breadPlaces(labelled, test) } };
}
