import type { Sensitivity, SensitivityFactor } from '../../core/forecast/sensitivity';
import { filmText, percentText, temperatureGapText, type UnitSystem } from './format';
import { stretchText } from './price-text';

/** Each factor as it would slip. */
function slipText(factor: SensitivityFactor, by: number, units: UnitSystem): string {
  switch (factor) {
    case 'thickness':
      return `Cut ${percentText(by)} thicker`;
    case 'scatter':
      return `Cut less evenly, by ${percentText(by)} more`;
    case 'film':
      return `Left wetter, by ${filmText(by * 1000, units)}`;
    case 'load':
      return `${percentText(by)} more in the basket`;
    case 'start-temperature':
      return `Pieces ${temperatureGapText(Math.abs(by), units)} colder`;
    case 'thermostat':
      return `A fryer that runs ${temperatureGapText(Math.abs(by), units)} cool`;
    case 'air-flow':
      return `A fan ${percentText(Math.abs(by))} weaker`;
    case 'sugar':
      return `${percentText(Math.abs(by))} less sugar in the food`;
    case 'openings':
      return 'One opening forgotten';
  }
}

/** What a slip would do, as one phrase with its numbers. */
export function sensitivityText({ factor, by, doneShift, peakShift }: Sensitivity, units: UnitSystem): string {
  const done =
    doneShift === null
      ? 'not done in time'
      : Math.abs(doneShift) < 5
        ? 'done at the same minute'
        : `${stretchText(doneShift)} ${doneShift > 0 ? 'later' : 'sooner'}`;
  const share =
    Math.abs(peakShift) < 0.02 ? '' : `, ${peakShift > 0 ? '+' : '−'}${Math.round(Math.abs(peakShift) * 100)} % right`;
  return `${slipText(factor, by, units)}: ${done}${share}`;
}
