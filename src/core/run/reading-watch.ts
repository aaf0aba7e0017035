import { medianOf } from '../numeric/quantile';

/** A number that a device showed, at ms of the run's clock. */
export interface TimedNumber {
  readonly at: number;
  readonly value: number;
}

/** Whether a device's numbers can be used. */
export type Trust = 'fine' | 'stuck' | 'noisy';

/** Readings looked at, and the fewest that tell anything. Source: chosen. */
export const WATCHED = 12;
const FEWEST = 6;

/** A number that has not moved by a digit for this long, ms, while the pieces cook, is stuck. Source: assumed; a thermostat swings and water leaves within it. */
const STUCK_AFTER = 90_000;

/**
 * Judges the last readings of a device while it should be moving: stuck when none differs over a minute and a half, noisy
 * when half of them lie further than `jump` off the line between their neighbours, which no slow change does.
 */
export function judgeReadings(readings: readonly TimedNumber[], jump: number): Trust {
  const last = readings.slice(-WATCHED);
  if (last.length < FEWEST) return 'fine';
  const [first] = last;
  if (last.every(({ value }) => value === first!.value) && last.at(-1)!.at - first!.at >= STUCK_AFTER) return 'stuck';
  const bends = last.slice(1, -1).map(({ value }, i) => Math.abs(last[i]!.value - 2 * value + last[i + 2]!.value) / 2);
  return medianOf(bends) > jump ? 'noisy' : 'fine';
}
