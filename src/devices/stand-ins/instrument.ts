import { normalQuantile } from '../../core/numeric/normal-quantile';
import type { RandomSource } from '../../core/numeric/seeded-random';
import type { DeviceFault } from '../../schemas/device-message';

/** How much wilder a broken instrument's numbers are than a good one's. Source: assumed; plain to see. */
const BROKEN = 30;

/** One number that an instrument shows: the truth with its own noise, or with its fault. */
export interface Instrument {
  /** the number, or null where it does not answer */
  read(truth: number): number | null;
  fault: DeviceFault | null;
}

/** @param noise standard deviation of a good reading @param step the last digit it shows */
export function createInstrument(noise: number, step: number, random: RandomSource): Instrument {
  let last: number | null = null;
  return {
    fault: null,
    read(truth) {
      if (this.fault === 'silent') return null;
      if (this.fault === 'stuck' && last !== null) return last;
      const deviation = normalQuantile(Math.min(0.999, Math.max(0.001, random())));
      const value = truth + deviation * noise * (this.fault === 'noisy' ? BROKEN : 1);
      last = Number((Math.round(value / step) * step).toFixed(3));
      return last;
    },
  };
}
