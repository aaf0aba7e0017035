import { sampleAt } from '../../core/batch/record-statistics';
import type { Forecast } from '../../core/forecast/forecast';
import { celsiusFromKelvin } from '../../core/units/temperature';
import { halfMinutes, percentText, temperatureText, type UnitSystem } from '../words/format';

const VERDICTS = ['under', 'right', 'dark', 'burnt'] as const;

/** What a sample of the forecast says, for the reading line under the field. */
export function minuteWords({ record, track }: Forecast, sample: number, units: UnitSystem): string {
  const shares = VERDICTS.map((word, i) => `${word} ${percentText(track.shares[4 * sample + i]!)}`)
    .filter((text) => !text.endsWith(' 0 %'))
    .join(', ');
  const air = temperatureText(celsiusFromKelvin(record.airTemperature[sample]!), units);
  return `${halfMinutes(sample * record.interval)} min · ${shares} · air ${air} · ${percentText(record.waterLost[sample]!)} of the water gone`;
}

/** What goes with the moment to pull besides the shares, which stand in the head. */
export function atPullWords({ record, pull }: Forecast, units: UnitSystem): string {
  const sample = sampleAt(record, pull.time);
  const air = temperatureText(celsiusFromKelvin(record.airTemperature[sample]!), units);
  return `when pulled: air ${air}, ${percentText(record.waterLost[sample]!)} of the water gone`;
}

/** How many pieces are right at a sample, or at the moment to pull, and how the others are: "53 right, 13 not ready". Without a count in per cent. */
export function countWords(
  { track, pull }: Pick<Forecast, 'track' | 'pull'>,
  sample: number,
  count: number | null,
  atPull: boolean,
): string {
  const share = (verdict: number) => track.shares[4 * sample + verdict]!;
  const shareRight = atPull ? pull.share : share(1);
  const right = count === null ? shareRight : Math.round(shareRight * count);
  const dark =
    count === null ? share(2) + share(3) : Math.min(count - right, Math.round((share(2) + share(3)) * count));
  const pale = (count ?? 1) - right - dark;
  const words = [
    [right, 'right'],
    [pale, 'not ready'],
    [dark, 'too dark'],
  ] as const;
  return words
    .filter(([amount, word]) => word === 'right' || (count === null ? amount >= 0.005 : amount > 0))
    .map(([amount, word]) => `${count === null ? percentText(amount) : amount} ${word}`)
    .join(', ');
}
