import type { Verdict } from '../../core/piece/judge-piece';
import type { CoatIngredient } from '../../core/food/coat-by-recipe';
import type { OilKind } from '../../core/food/oil-kind';
import type { TargetColour, TargetCrispness, Wish } from '../../core/food/wish';
import type { CookAction, DryingMethod, ParcookMethod } from '../../core/plan/plan';
import type { BatchEventKind } from '../../core/run/batch-event';
import type { CutShape } from '../../core/cut/cut';
import type {
  OUTCOME_CRISPNESS,
  OUTCOME_EVENNESS,
  OUTCOME_FAULTS,
  OUTCOME_HEARTS,
  OUTCOME_LIKED,
  OUTCOME_NEXT,
} from '../../schemas/batch';

export const VERDICT_WORDS: Record<Verdict, string> = { under: 'under', right: 'right', dark: 'dark', burnt: 'burnt' };

export const SHAPE_WORDS: Record<CutShape, string> = {
  stick: 'Sticks',
  slice: 'Slices',
  cube: 'Cubes',
  wedge: 'Wedges',
  floret: 'Florets',
  cylinder: 'Whole, round',
  disc: 'Flattened',
  sheet: 'Leaves',
  formed: 'Formed',
};

export const DRYING_WORDS: Record<DryingMethod, string> = {
  drain: 'Drained',
  towel: 'Towelled',
  'towel-twice': 'Towelled twice',
  spinner: 'Spun',
  'steam-dry': 'Steam dried',
  air: 'Air dried',
};

export const PARCOOK_WORDS: Record<ParcookMethod, string> = {
  boil: 'Boiled',
  steam: 'Steamed',
  microwave: 'Microwaved',
  pressure: 'Pressure-cooked',
  'hot-soak': 'Soaked hot',
  'par-fry': 'Par-fried in oil',
};

/** Ingredients of a coat as a cook calls them. */
export const COAT_WORDS: Record<CoatIngredient, string> = {
  crumb: 'crumbs',
  flour: 'flour',
  egg: 'egg',
  aquafaba: 'aquafaba',
  mustard: 'mustard',
  cheese: 'cheese',
  nuts: 'nuts',
  seeds: 'seeds',
  herbs: 'herbs',
  sugar: 'sugar',
};

export const BATH_WORDS = {
  water: 'water',
  salted: 'salted water',
  acid: 'water with vinegar',
  garlic: 'garlic water',
} as const;

/** Kinds of oil as a cook calls them. */
export const OIL_WORDS: Record<OilKind, string> = {
  refined: 'refined oil',
  olive: 'olive oil',
  'cold-pressed': 'cold-pressed oil',
  butter: 'butter',
  sesame: 'sesame oil',
};

export const ACTION_WORDS: Record<CookAction, string> = {
  shake: 'Shake',
  toss: 'Toss in a bowl',
  flip: 'Flip each piece',
  open: 'Open the drawer',
  swap: 'Change the racks',
  pull: 'Pull what is right',
  oil: 'Oil again',
  season: 'Season',
  add: 'Add the rest',
};

export const COLOUR_WORDS: Record<TargetColour, string> = {
  first: 'First colour',
  pale: 'Pale',
  golden: 'Golden',
  brown: 'Brown',
};

export const CRISPNESS_WORDS: Record<TargetCrispness, string> = {
  soft: 'Soft, to press',
  chewy: 'Chewy',
  tender: 'Tender',
  crisp: 'Crisp',
  'very-crisp': 'Very crisp',
};

/** How a wish sounds in a sentence. */
export function wishText({ colour, crispness, faces, spread }: Wish): string {
  const words = [COLOUR_WORDS[colour].toLowerCase(), CRISPNESS_WORDS[crispness].toLowerCase()];
  if (faces === 'one') words.push('on one side');
  if (spread === 'mixed') words.push('some soft, some dark');
  return words.join(', ');
}

export const EVENT_WORDS: Record<BatchEventKind, string> = {
  'prep-begun': 'Prep step begun',
  'prep-done': 'Prep step done',
  'prep-skipped': 'Prep step left out',
  'prep-took': 'Prep step timed',
  loaded: 'Loaded',
  shaken: 'Shaken',
  tossed: 'Tossed',
  flipped: 'Flipped',
  oiled: 'Oiled again',
  added: 'Added',
  swapped: 'Changed the racks',
  'pulled-some': 'Pulled some',
  looked: 'Looked',
  bent: 'Bent a piece',
  weighed: 'Weighed',
  'dial-turned': 'Dial turned',
  stuck: 'Stuck or broke',
  'air-read': 'Air read',
  probed: 'Probe read',
  rehearsed: 'Clock of the rehearsal set',
  seasoned: 'Salted',
  'after-begun': 'Step after the drawer begun',
  'after-done': 'Step after the drawer done',
  served: 'Served',
  'drawer-open': 'Drawer opened',
  'more-time': 'One more minute',
  done: 'Pulled',
  undone: 'Taken back',
  'put-away': 'Put away',
};

export const BITE_WORDS: Record<(typeof OUTCOME_CRISPNESS)[number], string> = {
  soft: 'Soft',
  tender: 'Tender',
  crisp: 'Crisp',
  'very-crisp': 'Very crisp',
  hard: 'Hard',
};

export const LIKED_WORDS: Record<(typeof OUTCOME_LIKED)[number], string> = {
  'too-pale': 'Too pale for us',
  'as-wished': 'As we like it',
  'too-dark': 'Too dark for us',
};

export const HEART_WORDS: Record<(typeof OUTCOME_HEARTS)[number], string> = {
  hard: 'Still hard inside',
  soft: 'Soft inside',
};

export const NEXT_WORDS: Record<(typeof OUTCOME_NEXT)[number], string> = {
  again: 'Again',
  changed: 'Changed',
  'not-again': 'Not again',
};

export const EVENNESS_WORDS: Record<(typeof OUTCOME_EVENNESS)[number], string> = {
  even: 'All alike',
  'some-differ': 'Some differ',
  uneven: 'Very uneven',
};

export const FAULT_WORDS: Record<(typeof OUTCOME_FAULTS)[number], string> = {
  stuck: 'Stuck together',
  broke: 'Broke',
  burst: 'Burst open',
  'wet-heart': 'Wet inside',
  'dried-out': 'Dried out',
  'burnt-edges': 'Burnt edges',
  greasy: 'Greasy',
  bland: 'Bland',
};
