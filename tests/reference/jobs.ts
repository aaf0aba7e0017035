import type { PlanFileInput, SecondPlanFile } from '../../src/schemas/plan-file';

/** A way in which people really do this job, from the sack to the table, written down as a plan. Made up. */
export interface Job {
  readonly id: string;
  readonly plan: SecondPlanFile;
  /** a food that is in no catalogue: how the form makes it; the plan then holds its kin until it is made */
  readonly own?: { readonly name: string; readonly kin: string; readonly other?: string; readonly share?: number };
}

type Steps = SecondPlanFile['steps'];
type Cut = PlanFileInput['cut'];

const stick = (thickness_mm: number): Cut => ({ shape: 'stick', thickness_mm, length_mm: 70 });
const slice = (thickness_mm: number): Cut => ({ shape: 'slice', thickness_mm, diameter_mm: 50 });
const cube = (thickness_mm: number): Cut => ({ shape: 'cube', thickness_mm });

const job = (
  id: string,
  food: string,
  cut: Cut,
  mass_g: number,
  steps: Steps,
  more: Partial<SecondPlanFile> = {},
): Job => ({
  id,
  plan: { format: 'drubek.plan', version: 2, name: id, food, cut, mass_g, steps, ...more },
});

const fry = (
  temperature_c: number,
  minutes: number,
  events: NonNullable<Extract<Steps[number], { step: 'cook' }>['events']> = [],
): Steps[number] => ({ step: 'cook', stages: [{ minutes, temperature_c }], events });

const first = (temperature_c: number, minutes: number, until: 'stages' | 'soft' | 'pale'): Steps[number] => ({
  step: 'cook',
  stages: [{ minutes, temperature_c }],
  events: [{ minute: minutes / 2, action: 'shake' }],
  until,
});

const OIL: Steps[number] = { step: 'oil', mass_g: 10 };
const TOWEL: Steps[number] = { step: 'dry', method: 'towel' };
const REST: Steps[number] = { step: 'rest', minutes: 2, place: 'rack', salt_g: 0 };

/** Twenty jobs, different in kind. */
export const JOBS: readonly Job[] = [
  job('Pressed and fried twice', 'potato-waxy', cube(22), 400, [
    OIL,
    first(160, 25, 'soft'),
    { step: 'press-flat', thickness_mm: 9 },
    { step: 'dip', bath: 'salted', seconds: 10 },
    TOWEL,
    OIL,
    fry(200, 25, [{ minute: 6, action: 'shake' }]),
  ]),
  job('Boiled whole, chilled, sliced', 'potato-waxy', { shape: 'cylinder', diameter_mm: 40, length_mm: 60 }, 500, [
    { step: 'parcook', method: 'boil', minutes: 20 },
    { step: 'chill', hours: 12 },
    { step: 'cut', cut: { shape: 'slice', thickness_mm: 8, diameter_mm: 50 } },
    OIL,
    fry(195, 30, [{ minute: 8, action: 'toss' }]),
  ]),
  job('Two foods, the tender one later', 'carrot', stick(10), 350, [
    OIL,
    fry(185, 30, [
      { minute: 6, action: 'shake' },
      {
        minute: 8,
        action: 'add',
        part: {
          food: 'courgette',
          cut: { shape: 'slice', thickness_mm: 10, diameter_mm: 45 },
          mass_g: 120,
          prep: [{ step: 'oil', mass_g: 3 }],
        },
      },
    ]),
  ]),
  job(
    'Three loads, all back in together',
    'potato-floury',
    stick(10),
    900,
    [OIL, fry(195, 30), REST, { step: 'refresh', minutes: 4, temperature_c: 190 }],
    {
      loads: { count: 3, serve: 'together', coat: 'each-load' },
    },
  ),
  job('Frozen raw sticks', 'sweet-potato', stick(9), 400, [OIL, fry(190, 35, [{ minute: 10, action: 'shake' }])], {
    start_temperature_c: -18,
  }),
  job('Bought par-fried', 'potato-floury', stick(10), 500, [
    { step: 'parcook', method: 'par-fry', minutes: 1 },
    { step: 'freeze', hours: 10 },
    fry(200, 25, [{ minute: 7, action: 'shake' }]),
    REST,
  ]),
  job('Fried, frozen, finished another day', 'potato-floury', stick(12), 500, [
    { step: 'soak', water_c: 15, minutes: 30 },
    TOWEL,
    OIL,
    first(150, 12, 'pale'),
    { step: 'cool', minutes: 15 },
    { step: 'freeze', hours: 24 },
    fry(200, 25, [{ minute: 8, action: 'shake' }]),
  ]),
  job('Leftovers made crisp', 'potato-floury', stick(10), 300, [
    OIL,
    { step: 'cook', stages: [{ minutes: 18, temperature_c: 195 }], events: [{ minute: 9, action: 'shake' }] },
    { step: 'chill', hours: 20 },
    fry(185, 15, [{ minute: 4, action: 'shake' }]),
  ]),
  {
    ...job(
      'A dough of potato and chickpeas',
      'potato-floury',
      { shape: 'formed', diameter_mm: 25, length_mm: 60 },
      350,
      [
        { step: 'bind', with: 'egg', mass_g: 40 },
        { step: 'chill', hours: 1 },
        OIL,
        fry(190, 25, [{ minute: 8, action: 'flip' }]),
      ],
    ),
    own: { name: 'Potato and chickpea dough', kin: 'potato-floury', other: 'chickpea-cooked', share: 30 },
  },
  job('Crumbed twice, without egg', 'courgette', slice(12), 300, [
    TOWEL,
    { step: 'coat', flour_g: 6, aquafaba_g: 12, egg_g: 0, crumb_g: 18 },
    { step: 'coat', flour_g: 0, aquafaba_g: 6, egg_g: 0, crumb_g: 12 },
    OIL,
    fry(185, 25, [{ minute: 8, action: 'flip' }]),
  ]),
  job('Marinated overnight', 'tofu-firm', cube(18), 350, [
    { step: 'press', minutes: 20 },
    { step: 'marinate', minutes: 720, place: 'fridge' },
    TOWEL,
    { step: 'starch', mass_g: 12 },
    OIL,
    fry(175, 30, [{ minute: 7, action: 'shake' }]),
  ]),
  job('Dressed after the drawer', 'brussels-sprout', { shape: 'cylinder', diameter_mm: 28, length_mm: 30 }, 400, [
    OIL,
    fry(185, 25, [{ minute: 7, action: 'shake' }]),
    { step: 'dress', with: 'syrup', mass_g: 15 },
    { step: 'temper', to_c: 55 },
    { step: 'dress', with: 'cheese', mass_g: 20 },
  ]),
  job('Hot soak, then a cold one', 'potato-floury', slice(2), 200, [
    { step: 'soak', water_c: 65, minutes: 10 },
    { step: 'soak', water_c: 10, minutes: 20 },
    { step: 'dry', method: 'spinner' },
    { step: 'oil', mass_g: 4 },
    fry(150, 30, [
      { minute: 4, action: 'shake' },
      { minute: 9, action: 'shake' },
    ]),
  ]),
  job('Salted, waited, dried', 'aubergine', slice(12), 350, [
    { step: 'season', mass_g: 6, salt_share: 1 },
    { step: 'cool', minutes: 30 },
    { step: 'dry', method: 'towel-twice' },
    { step: 'oil', mass_g: 14 },
    fry(190, 25, [{ minute: 8, action: 'flip' }]),
  ]),
  job('Oiled and seasoned on the way', 'cauliflower', { shape: 'floret', diameter_mm: 40 }, 400, [
    { step: 'oil', mass_g: 6 },
    fry(180, 25, [
      { minute: 5, action: 'shake' },
      { minute: 8, action: 'oil', mass_g: 5 },
      { minute: 10, action: 'season', mass_g: 4 },
    ]),
  ]),
  job('The darkest pulled early', 'parsnip', stick(12), 450, [
    OIL,
    fry(190, 28, [
      { minute: 7, action: 'toss' },
      { minute: 13, action: 'pull', which: 'darkest' },
    ]),
  ]),
  job(
    'Chewy slices',
    'beetroot',
    slice(4),
    250,
    [{ step: 'oil', mass_g: 3 }, fry(120, 60, [{ minute: 15, action: 'swap' }])],
    {
      fryer: { racks: 2 },
      target: { colour: 'golden', crispness: 'chewy' },
    },
  ),
  job('Crisp on one side', 'aubergine', slice(12), 300, [{ step: 'oil', mass_g: 12 }, fry(195, 25)], {
    target: { colour: 'golden', crispness: 'crisp', faces: 'one' },
  }),
  job('Some soft, some dark', 'potato-waxy', cube(15), 700, [OIL, fry(200, 35, [{ minute: 10, action: 'shake' }])], {
    target: { colour: 'golden', crispness: 'crisp', spread: 'mixed' },
  }),
  job(
    'Kept for the freezer',
    'potato-floury',
    stick(12),
    600,
    [
      { step: 'rinse', changes: 3 },
      { step: 'dip', bath: 'acid', seconds: 60 },
      TOWEL,
      OIL,
      fry(150, 35, [{ minute: 8, action: 'shake' }]),
      { step: 'keep', hours: 24, place: 'freezer' },
    ],
    { target: { colour: 'first', crispness: 'tender' } },
  ),
];
