import { medianOf, quantileOf } from '../numeric/quantile';
import type { CookRecord } from './cook-record';

/** The sample nearest to `time` s, within the record; null is its end. */
export function sampleAt(record: Pick<CookRecord, 'interval' | 'samples'>, time: number | null): number {
  const last = record.samples - 1;
  return time === null ? last : Math.min(last, Math.max(0, Math.round(time / record.interval)));
}

/** Browning of all faces at a sample. */
export function facesAt({ browning, pieces }: CookRecord, sample: number): Float32Array {
  return browning.subarray(2 * sample * pieces, 2 * (sample + 1) * pieces);
}

/** Browning below which `share` of the faces lie at a sample. */
export function browningQuantile(record: CookRecord, sample: number, share: number): number {
  return quantileOf(facesAt(record, sample), share);
}

/** Browning of the median face at a sample. */
export function medianBrowning(record: CookRecord, sample: number): number {
  return browningQuantile(record, sample, 0.5);
}

/** Bite of the median piece at a sample, over that wished. */
export function medianCrispness({ crispness, pieces }: CookRecord, sample: number): number {
  return medianOf(crispness.subarray(sample * pieces, (sample + 1) * pieces));
}

/** Softness of the median heart at a sample, 0–1. */
export function medianSoftness({ softness, pieces }: CookRecord, sample: number): number {
  return medianOf(softness.subarray(sample * pieces, (sample + 1) * pieces));
}

/** J drawn until `time` s after loading, the preheat included: the rest of the stages is not cooked once all is pulled. @param maximumPower W */
export function energyUntil(
  { energy, power, interval, samples }: Pick<CookRecord, 'energy' | 'power' | 'interval' | 'samples'>,
  time: number,
  maximumPower: number,
): number {
  let later = 0;
  for (let s = 1; s < samples; s++) {
    const share = Math.min(1, Math.max(0, (s * interval - time) / interval));
    later += share * power[s]! * maximumPower * interval;
  }
  return energy - later;
}

/** What of a record the eye sees in the drawer. */
export type CookLooks = Pick<
  CookRecord,
  'interval' | 'pieces' | 'part' | 'browning' | 'waterLost' | 'place' | 'over' | 'faceUp' | 'inBasket'
>;

/** How the drawer looks at a moment, as a record of two samples: raw, and then. */
export function looksAt(record: CookRecord, time: number): CookLooks {
  const sample = sampleAt(record, time);
  const { pieces } = record;
  const browning = new Float32Array(4 * pieces);
  browning.set(facesAt(record, sample), 2 * pieces);
  const twice = <T extends Uint8Array | Uint16Array>(of: T): T => {
    const then = of.slice(sample * pieces, (sample + 1) * pieces);
    const both = new (of.constructor as new (length: number) => T)(2 * pieces);
    both.set(then);
    both.set(then, pieces);
    return both;
  };
  return {
    interval: Math.max(1, time),
    pieces,
    part: record.part,
    browning,
    waterLost: Float32Array.of(0, record.waterLost[sample]!),
    place: twice(record.place),
    over: twice(record.over),
    faceUp: twice(record.faceUp),
    inBasket: twice(record.inBasket),
  };
}

/** How the drawer looked of which only the colours are known, one for each piece: raw, and then. @param waterLost share of the water assumed gone */
export function looksOfColours(colours: readonly number[], waterLost: number): CookLooks {
  const pieces = colours.length;
  const browning = new Float32Array(4 * pieces);
  colours.forEach((colour, i) => browning.fill(colour, 2 * (pieces + i), 2 * (pieces + i + 1)));
  return {
    interval: 3600,
    pieces,
    part: new Uint8Array(pieces),
    browning,
    waterLost: Float32Array.of(0, waterLost),
    place: Uint16Array.from({ length: 2 * pieces }, (_, i) => i % pieces),
    over: new Uint8Array(2 * pieces),
    faceUp: new Uint8Array(2 * pieces).fill(2),
    inBasket: new Uint8Array(2 * pieces).fill(1),
  };
}
