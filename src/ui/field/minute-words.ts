import type { Forecast } from '../../core/forecast/forecast';
import { celsiusFromKelvin } from '../../core/units/temperature';
import { halfMinutes, percentText, temperatureText, type UnitSystem } from '../words/format';

/** What a sample of the forecast says, for the reading line under the field. */
export function minuteWords({ record, track }: Forecast, sample: number, units: UnitSystem): string {
  const share = (verdict: number) => percentText(track.shares[4 * sample + verdict]!);
  const air = temperatureText(celsiusFromKelvin(record.airTemperature[sample]!), units);
  return `${halfMinutes(sample * record.interval)} min · under ${share(0)}, right ${share(1)}, dark ${share(2)}, burnt ${share(3)} · air ${air} · ${percentText(1 - record.weight[sample]! / Math.max(1e-9, record.weight[0]!))} of the weight gone`;
}
