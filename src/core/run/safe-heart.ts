import { type Plan, planParts } from '../plan/plan';
import { celsiusFromKelvin } from '../units/temperature';

/** °C that the heart of meat or fish in the batch must reach, the highest of all parts, or null where none is in it. */
export function safeHeart(plan: Plan): number | null {
  const safe = planParts(plan).flatMap(({ food }) => food.safeCentreTemperature ?? []);
  return safe.length > 0 ? Math.round(celsiusFromKelvin(Math.max(...safe))) : null;
}
