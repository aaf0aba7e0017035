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

/** A shift below this is none that a cook could tell, s. Source: assumed, a quarter of a minute. */
const NOTICED_SHIFT = 15;

/** What a slip would do, as one phrase with its numbers. */
export function sensitivityText({ factor, by, pullShift, peakShift }: Sensitivity, units: UnitSystem): string {
  const pull =
    pullShift === null
      ? 'not done in time'
      : Math.abs(pullShift) < NOTICED_SHIFT
        ? 'pulled at the same minute'
        : `${stretchText(pullShift)} ${pullShift > 0 ? 'later' : 'sooner'}`;
  const share =
    Math.abs(peakShift) < 0.02 ? '' : `, ${peakShift > 0 ? '+' : '−'}${Math.round(Math.abs(peakShift) * 100)} % right`;
  return `${slipText(factor, by, units)}: ${pull}${share}`;
}
