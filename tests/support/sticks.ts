import { STANDARD_RESOLUTION } from '../../src/core/batch/resolution';
import { type Forecast, forecastPlan } from '../../src/core/forecast/forecast';
import type { Plan } from '../../src/core/plan/plan';
import { preparedPiece } from '../../src/core/prep/just-holds';
import { planFileSchema, type FirstPlanFile } from '../../src/schemas/plan-file';
import { planFromFile } from '../../src/schemas/plan-from-file';

/** Potato sticks that are dried and oiled, shaken three times, and cooked long enough for nearly any change. */
export const STICKS_FILE: FirstPlanFile = {
  format: 'drubek.plan',
  version: 1,
  food: 'potato-floury',
  cut: { shape: 'stick', thickness_mm: 10, length_mm: 70 },
  mass_g: 350,
  prep: [
    { step: 'dry', method: 'towel' },
    { step: 'oil', film_g_m2: 40 },
  ],
  fryer: { preheat: { minutes: 4, temperature_c: 195 } },
  cook: {
    stages: [{ minutes: 40, temperature_c: 195 }],
    events: [7, 12, 17].map((minute) => ({ minute, action: 'shake' })),
  },
};

/** Those sticks, changed. */
export const sticks = (change: Partial<FirstPlanFile> = {}): Plan =>
  planFromFile(planFileSchema.parse({ ...STICKS_FILE, ...change }));

export const forecastSticks = (change: Partial<FirstPlanFile> = {}): Forecast =>
  forecastPlan(sticks(change), 1, STANDARD_RESOLUTION);

/** A typical piece of them as it goes in, 21 cells. */
export function preparedSticks(change: Partial<FirstPlanFile> = {}) {
  const { state, prepared } = preparedPiece(sticks(change), 21);
  return { state, left: prepared };
}
