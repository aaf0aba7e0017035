import type { AfterStep, PrepStep } from '../../schemas/plan-steps';

/** Any step but the last cook. */
export type AnyStep = PrepStep | AfterStep;

/** A step in one or two words, as a heading. */
export const STEP_NAMES: Record<AnyStep['step'] | 'preheat', string> = {
  rinse: 'Rinse',
  soak: 'Soak',
  parcook: 'Par-cook',
  press: 'Press',
  'freeze-thaw': 'Freeze and thaw',
  marinate: 'Marinate',
  brine: 'Brine',
  dry: 'Dry',
  oil: 'Oil',
  starch: 'Starch',
  season: 'Season',
  bind: 'Bind',
  dredge: 'Crumb',
  batter: 'Batter',
  coat: 'Own coat',
  dip: 'Dip',
  cool: 'Cool',
  chill: 'Chill',
  freeze: 'Freeze',
  'press-flat': 'Press flat',
  cut: 'Cut',
  cook: 'First cook',
  preheat: 'Preheat',
  rest: 'Rest',
  dress: 'Dress',
  refresh: 'Refresh',
  temper: 'Let cool',
  keep: 'Keep',
};
