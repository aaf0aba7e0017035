import { z } from 'zod';
import { PLACES } from '../core/fryer/places';
import type { FryerTest } from '../core/learn/fryer-test';
import { kelvinFromCelsius } from '../core/units/temperature';
import { between } from './between';

const dial = between([100, 230]);

/** Which drawer of a fryer with two; null where it has one. */
const drawer = z
  .union([z.literal(1), z.literal(2)])
  .nullable()
  .default(null);

/** Fewest slices by which places are compared. Source: chosen. */
const LEAST_SLICES = 4;

/** What is read in each test of a fryer, in a kitchen's units. */
export const fryerTestSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('water'),
    drawer,
    dial_c: dial,
    grams: between([50, 1000]),
    diameter_cm: between([5, 40]),
    minutes: between([3, 30]),
    left_g: between([0, 1000]),
    /** s after the start; null where nobody looked */
    lamp_out_s: between([10, 1800]).nullable(),
  }),
  z.strictObject({
    kind: z.literal('thermometer'),
    drawer,
    dial_c: dial,
    readings: z
      .array(z.strictObject({ minute: between([1, 30]), celsius: between([20, 300]) }))
      .min(1)
      .max(6),
  }),
  z.strictObject({
    kind: z.literal('bread'),
    drawer,
    dial_c: dial,
    minutes: between([2, 15]),
    /** browning of each slice, row by row from the back left; null where none was read */
    shades: z
      .array(between([0, 6]).nullable())
      .length(PLACES)
      .refine((shades) => shades.filter((shade) => shade !== null).length >= LEAST_SLICES, {
        message: `must tell the shade of at least ${LEAST_SLICES} slices`,
      }),
  }),
]);

/** @see fryerTestSchema */
export type FryerTestFile = z.output<typeof fryerTestSchema>;

/** Body of a request that keeps one. */
export const keepFryerTestSchema = z.strictObject({ testId: z.uuid(), test: fryerTestSchema });

/** As the engine takes it. */
export function fryerTestFromFile(file: FryerTestFile): FryerTest {
  const at = kelvinFromCelsius(file.dial_c);
  if (file.kind === 'bread') return { kind: 'bread', dial: at, duration: file.minutes * 60, shades: file.shades };
  if (file.kind === 'thermometer') {
    return {
      kind: 'thermometer',
      dial: at,
      readings: file.readings.map(({ minute, celsius }) => ({
        time: minute * 60,
        temperature: kelvinFromCelsius(celsius),
      })),
    };
  }
  return {
    kind: 'water',
    dial: at,
    mass: file.grams / 1000,
    diameter: file.diameter_cm / 100,
    duration: file.minutes * 60,
    left: file.left_g / 1000,
    lampOut: file.lamp_out_s,
  };
}
