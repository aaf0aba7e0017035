import type { NextAction } from '../../core/run/next-action';

/** What is to be done at the drawer, as an order. */
export const VERBS: Record<NextAction['verb'], string> = {
  shake: 'Shake',
  toss: 'Toss in a bowl',
  flip: 'Flip each piece',
  open: 'Open',
  swap: 'Change the racks',
  check: 'Check',
  pull: 'Pull',
  oil: 'Oil again, toss',
  season: 'Season',
  add: 'Add the rest',
  probe: 'Probe the heart',
};
