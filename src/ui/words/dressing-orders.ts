import type { Spooned } from '../../core/units/spoons';
import type { AnyStep } from './step-names';

/** How each dressing goes on, by which spoon it is measured, and what to beware of. */
export const DRESSING_ORDERS = {
  salt: { word: 'salt', text: 'Salt while hot', spooned: 'salt', caution: null },
  spice: { word: 'spice', text: 'Toss in spice', spooned: 'spice', caution: null },
  vinegar: { word: 'vinegar', text: 'Sprinkle with vinegar just before eating', spooned: 'liquid', caution: null },
  syrup: {
    word: 'syrup',
    text: 'Turn in syrup',
    spooned: 'syrup',
    caution: 'Hot syrup sticks and burns; no honey for children under one year.',
  },
  'herb-oil': {
    word: 'herb oil',
    text: 'Turn in herb oil',
    spooned: 'liquid',
    caution: 'Garlic or herbs in oil are kept in the fridge and used within four days, or made fresh.',
  },
  cheese: { word: 'cheese', text: 'Grate cheese over', spooned: 'cheese', caution: 'Contains milk.' },
  herbs: { word: 'chopped herbs', text: 'Strew with herbs', spooned: 'herbs', caution: null },
  marinade: {
    word: 'fresh marinade',
    text: 'Turn in fresh marinade',
    spooned: 'liquid',
    caution: 'Never marinade that raw fish or meat lay in.',
  },
} as const satisfies Record<
  Extract<AnyStep, { step: 'dress' }>['with'],
  { word: string; text: string; spooned: Spooned; caution: string | null }
>;
