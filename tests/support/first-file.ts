import { FIRST_PLAN } from '../../src/schemas/first-plan';
import type { FirstPlanFile } from '../../src/schemas/plan-file';

const { format, name, food, storage, cut, mass_g, start_temperature_c, prep, fryer, cook, target } = FIRST_PLAN;

/** The first plan as version 1 of the plan file had it. */
export const FIRST_FILE: FirstPlanFile = {
  format,
  version: 1,
  name,
  food,
  storage,
  cut,
  mass_g,
  start_temperature_c,
  prep: prep as FirstPlanFile['prep'],
  fryer,
  cook,
  target,
};
