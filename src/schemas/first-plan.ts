import type { PlanFile } from './plan-file';

/** A plan to begin with: half a kilogram of floury potato sticks. */
export const FIRST_PLAN: PlanFile = {
  format: 'drubek.plan',
  version: 2,
  loads: { count: 1, serve: 'as-they-come', coat: 'at-once' },
  portions: 2,
  sides: [],
  name: 'Potato sticks',
  food: 'potato-floury',
  storage: 'usual',
  cut: { shape: 'stick', thickness_mm: 10, length_mm: 70, scatter: 0.07 },
  mass_g: 500,
  start_temperature_c: 20,
  prep: [
    { step: 'soak', water_c: 15, minutes: 30 },
    { step: 'dry', method: 'towel' },
    { step: 'oil', mass_g: 10 },
  ],
  fryer: {
    power_w: 1500,
    basket_cm2: 500,
    basket_height_mm: 90,
    thermostat_offset_c: 0,
    preheat: { minutes: 4, temperature_c: 195 },
  },
  cook: {
    openings: 'chosen',
    stages: [{ minutes: 30, temperature_c: 195 }],
    events: [{ minute: 11.5, action: 'shake' }],
  },
  after: [],
  target: { colour: 'golden', crispness: 'crisp' },
};
