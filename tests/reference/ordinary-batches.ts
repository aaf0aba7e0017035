import type { FirstPlanFile } from '../../src/schemas/plan-file';

/** One ordinary batch: a plan as a cook would write it, and the minutes after loading at which cooks say it is done. */
export interface OrdinaryBatch {
  readonly id: string;
  readonly plan: FirstPlanFile;
  /** min, from the first who would take it out to the last who would not call it overdone */
  readonly minutes: readonly [from: number, to: number];
}

type Cut = FirstPlanFile['cut'];
type Prep = NonNullable<FirstPlanFile['prep']>;

interface Kitchen {
  readonly prep?: Prep;
  /** minutes of the openings; every five minutes unless given */
  readonly turns?: readonly number[];
  readonly action?: 'shake' | 'flip' | 'toss';
  readonly target?: FirstPlanFile['target'];
  /** unless given, four minutes at the dial of the cook */
  readonly cold?: true;
  readonly small?: true;
  readonly start_temperature_c?: number;
  readonly storage?: 'new' | 'usual' | 'late' | 'cold';
}

const stick = (thickness_mm: number, length_mm = 70, width_mm = thickness_mm): Cut => ({
  shape: 'stick',
  thickness_mm,
  width_mm,
  length_mm,
});
const slice = (thickness_mm: number, diameter_mm = 50): Cut => ({
  shape: 'slice',
  thickness_mm,
  diameter_mm,
  scatter: thickness_mm <= 3 ? 0.04 : 0.07,
});
const cube = (thickness_mm: number): Cut => ({ shape: 'cube', thickness_mm });
const wedge = (thickness_mm: number, length_mm = 85): Cut => ({
  shape: 'wedge',
  thickness_mm,
  length_mm,
  scatter: 0.1,
});
const floret = (diameter_mm: number): Cut => ({ shape: 'floret', diameter_mm, scatter: 0.12 });
const spear = (diameter_mm: number, length_mm: number): Cut => ({ shape: 'cylinder', diameter_mm, length_mm });
const ball = (diameter_mm: number, length_mm = diameter_mm): Cut => ({ shape: 'formed', diameter_mm, length_mm });

const towel = { step: 'dry', method: 'towel' } as const;
const soak = { step: 'soak', water_c: 15, minutes: 30 } as const;
const rinse = { step: 'rinse', changes: 2 } as const;
const crumb = { step: 'dredge' } as const;
const oil = (film_g_m2: number) => ({ step: 'oil', film_g_m2 }) as const;
const boil = (minutes: number) => ({ step: 'parcook', method: 'boil', minutes }) as const;
const steamDry = { step: 'dry', method: 'steam-dry' } as const;
const starch = (mass_g: number) => ({ step: 'starch', mass_g }) as const;

function batch(
  id: string,
  minutes: readonly [number, number],
  food: string,
  cut: Cut,
  mass_g: number,
  dial: number,
  kitchen: Kitchen = {},
): OrdinaryBatch {
  const turns = kitchen.turns ?? Array.from({ length: Math.ceil(minutes[1] / 5) - 1 }, (_, i) => 5 * (i + 1));
  const action = kitchen.action ?? 'shake';
  return {
    id,
    minutes,
    plan: {
      format: 'drubek.plan',
      version: 1,
      name: id,
      food,
      cut,
      mass_g,
      storage: kitchen.storage ?? 'usual',
      start_temperature_c: kitchen.start_temperature_c ?? 20,
      prep: kitchen.prep ?? [towel, oil(40)],
      fryer: {
        ...(kitchen.small ? { power_w: 1200, basket_cm2: 350, basket_height_mm: 80 } : {}),
        preheat: kitchen.cold ? null : { minutes: 4, temperature_c: dial },
      },
      cook: {
        stages: [{ minutes: Math.ceil(minutes[1] * 1.7 + 5), temperature_c: dial }],
        events: turns.map((minute) => ({ minute, action })),
      },
      ...(kitchen.target ? { target: kitchen.target } : {}),
    },
  };
}

/**
 * Ordinary batches over every food and coat of the catalogue, in a 1.5 kW drawer fryer unless "small". The ranges are general
 * cookery knowledge, written down before any of them was computed and not changed since.
 */
export const ORDINARY_BATCHES: readonly OrdinaryBatch[] = [
  /* potato */
  batch('potato sticks 10 mm', [17, 24], 'potato-floury', stick(10), 400, 195, { prep: [soak, towel, oil(40)] }),
  batch('potato sticks 8 mm', [14, 20], 'potato-floury', stick(8), 400, 200, { prep: [soak, towel, oil(40)] }),
  batch('potato sticks 12 mm', [19, 27], 'potato-floury', stick(12), 500, 200, { prep: [soak, towel, oil(40)] }),
  batch('potato matchsticks 6 mm', [10, 16], 'potato-floury', stick(6), 250, 190, { prep: [soak, towel, oil(40)] }),
  batch('potato sticks from a cold fryer', [19, 27], 'potato-floury', stick(10), 400, 195, {
    prep: [soak, towel, oil(40)],
    cold: true,
  }),
  batch('potato sticks without oil', [19, 29], 'potato-floury', stick(10), 400, 195, { prep: [soak, towel] }),
  batch('potato sticks boiled first', [14, 22], 'potato-floury', stick(10), 400, 195, {
    prep: [boil(4), steamDry, oil(40)],
  }),
  batch('potato sticks, full basket', [27, 38], 'potato-floury', stick(10), 900, 200, { prep: [soak, towel, oil(40)] }),
  batch('potato sticks, small fryer', [18, 26], 'potato-floury', stick(10), 300, 195, {
    prep: [soak, towel, oil(40)],
    small: true,
  }),
  batch('potato sticks kept cold', [12, 19], 'potato-floury', stick(10), 400, 190, {
    prep: [towel, oil(40)],
    storage: 'cold',
  }),
  batch('waxy potato sticks 10 mm', [17, 25], 'potato-waxy', stick(10), 400, 195, { prep: [rinse, towel, oil(40)] }),
  batch('potato wedges', [20, 29], 'potato-floury', wedge(24), 500, 200, { prep: [rinse, towel, oil(40)] }),
  batch('spiced potato wedges', [19, 28], 'potato-floury', wedge(24), 500, 195, {
    prep: [rinse, towel, oil(40), { step: 'season', mass_g: 8, salt_share: 0.4 }],
  }),
  batch('potato cubes 15 mm', [16, 23], 'potato-floury', cube(15), 400, 200),
  batch('potato cubes 20 mm', [18, 27], 'potato-waxy', cube(20), 500, 200),
  batch('roast potatoes, boiled first', [18, 28], 'potato-floury', cube(32), 600, 200, {
    prep: [boil(9), steamDry, oil(60)],
  }),
  batch('potato chips 2 mm', [11, 18], 'potato-floury', slice(2), 120, 160, { prep: [soak, towel, oil(25)] }),
  batch('potato chips 1.5 mm', [10, 17], 'potato-floury', slice(1.5), 100, 155, { prep: [soak, towel, oil(25)] }),
  batch('potato coins 6 mm', [13, 19], 'potato-waxy', slice(6, 45), 350, 195),
  batch('croquettes of mash, crumbed', [9, 15], 'mash-formed', ball(28, 65), 400, 195, {
    prep: [crumb, oil(40)],
    turns: [6],
    action: 'flip',
  }),
  batch('mash shapes, bare', [12, 20], 'mash-formed', ball(25, 60), 350, 195, { prep: [oil(40)], turns: [8] }),
  /* other roots */
  batch('sweet potato sticks in starch', [13, 20], 'sweet-potato', stick(10), 400, 190, {
    prep: [soak, towel, starch(10), oil(40)],
  }),
  batch('sweet potato sticks', [13, 19], 'sweet-potato', stick(10), 400, 195),
  batch('sweet potato cubes 20 mm', [13, 20], 'sweet-potato', cube(20), 450, 195),
  batch('sweet potato wedges', [14, 22], 'sweet-potato', wedge(22), 450, 195),
  batch('sweet potato chips 2 mm', [10, 18], 'sweet-potato', slice(2), 120, 150, { prep: [towel, oil(25)] }),
  batch('carrot sticks 10 mm', [13, 20], 'carrot', stick(10), 400, 195),
  batch('carrot coins 10 mm', [13, 20], 'carrot', slice(10, 28), 400, 190),
  batch('carrot crisps 2 mm', [11, 20], 'carrot', slice(2, 32), 130, 150, { prep: [towel, oil(25)] }),
  batch('parsnip sticks 12 mm', [12, 19], 'parsnip', stick(12), 400, 190),
  batch('parsnip crisps 2 mm', [8, 15], 'parsnip', slice(2, 40), 120, 155, { prep: [towel, oil(25)] }),
  batch('celeriac sticks 10 mm', [14, 21], 'celeriac', stick(10), 400, 195),
  batch('celeriac sticks crumbed', [12, 19], 'celeriac', stick(14), 350, 190, {
    prep: [boil(4), steamDry, crumb, oil(40)],
    turns: [8],
  }),
  batch('beetroot cubes 15 mm', [14, 22], 'beetroot', cube(15), 400, 200),
  batch('beetroot crisps 2 mm', [13, 24], 'beetroot', slice(2, 55), 140, 150, { prep: [towel, oil(25)] }),
  batch('swede sticks 12 mm', [16, 24], 'swede', stick(12), 500, 200),
  batch('turnip sticks 10 mm', [13, 20], 'turnip', stick(10), 400, 200),
  batch('kohlrabi sticks 10 mm', [13, 20], 'kohlrabi', stick(10), 400, 200),
  batch('kohlrabi crisps 2 mm', [12, 22], 'kohlrabi', slice(2, 60), 140, 155, { prep: [towel, oil(25)] }),
  batch('Jerusalem artichoke crisps 2 mm', [9, 16], 'jerusalem-artichoke', slice(2, 40), 120, 160, {
    prep: [rinse, towel, oil(25)],
  }),
  batch('Jerusalem artichoke pieces', [14, 22], 'jerusalem-artichoke', cube(20), 400, 195),
  batch('cassava sticks, boiled first', [12, 20], 'cassava', stick(14), 400, 200, {
    prep: [boil(15), steamDry, oil(40)],
  }),
  batch('taro sticks', [13, 21], 'taro', stick(10), 350, 195, { prep: [soak, towel, oil(40)] }),
  batch('yam sticks', [15, 22], 'yam', stick(10), 400, 195, { prep: [soak, towel, oil(40)] }),
  batch('taro chips 2 mm', [9, 16], 'taro', slice(2, 50), 120, 160, { prep: [rinse, towel, oil(25)] }),
  /* fruit and vegetables */
  batch('green plantain chips 2 mm', [9, 16], 'plantain-green', slice(2, 35), 120, 165, { prep: [towel, oil(25)] }),
  batch(
    'green plantain discs, softened first',
    [10, 17],
    'plantain-green',
    { shape: 'disc', thickness_mm: 9, diameter_mm: 60 },
    300,
    200,
    {
      prep: [boil(6), steamDry, oil(40)],
      turns: [7],
      action: 'flip',
    },
  ),
  batch('ripe plantain slices', [9, 15], 'plantain-ripe', slice(12, 35), 300, 190, { turns: [6], action: 'flip' }),
  batch('courgette slices, bare', [9, 15], 'courgette', slice(8, 45), 300, 195, { turns: [6], action: 'flip' }),
  batch('courgette slices, crumbed', [9, 15], 'courgette', slice(8, 45), 300, 195, {
    prep: [towel, crumb, oil(40)],
    turns: [6],
    action: 'flip',
  }),
  batch('courgette sticks, crumbed', [9, 15], 'courgette', stick(14), 300, 200, {
    prep: [towel, crumb, oil(40)],
    turns: [6],
  }),
  batch('aubergine cubes 22 mm', [12, 19], 'aubergine', cube(22), 300, 195, { prep: [oil(60)] }),
  batch('aubergine slices, crumbed', [10, 16], 'aubergine', slice(10, 65), 300, 190, {
    prep: [crumb, oil(40)],
    turns: [7],
    action: 'flip',
  }),
  batch('pumpkin cubes 20 mm', [13, 20], 'pumpkin', cube(20), 450, 195),
  batch('pumpkin sticks 12 mm', [12, 19], 'pumpkin', stick(12), 400, 195),
  batch('cauliflower florets', [11, 18], 'cauliflower', floret(40), 400, 190),
  batch('cauliflower florets, crumbed', [11, 18], 'cauliflower', floret(38), 350, 190, {
    prep: [crumb, oil(40)],
    turns: [8],
  }),
  batch('cauliflower florets, battered', [12, 20], 'cauliflower', floret(38), 350, 190, {
    prep: [{ step: 'batter', mass_g: 140 }],
    turns: [10],
    action: 'flip',
  }),
  batch('broccoli florets', [6, 11], 'broccoli', floret(36), 300, 190),
  batch('Brussels sprouts, halved', [10, 17], 'brussels-sprout', cube(24), 400, 190),
  batch('green beans', [7, 13], 'green-bean', spear(8, 100), 300, 190),
  batch('asparagus', [6, 10], 'asparagus', spear(12, 150), 300, 195),
  batch('okra, whole', [9, 15], 'okra', spear(15, 70), 300, 195),
  batch('onion wedges', [10, 17], 'onion', wedge(18, 60), 300, 190),
  batch('onion rings, battered', [9, 15], 'onion', stick(9, 120), 200, 195, {
    prep: [{ step: 'batter', mass_g: 100 }],
    turns: [7],
    action: 'flip',
  }),
  batch('onion rings, crumbed', [8, 14], 'onion', stick(9, 120), 200, 195, {
    prep: [crumb, oil(40)],
    turns: [6],
    action: 'flip',
  }),
  batch('mushrooms, whole', [9, 15], 'mushroom', ball(30), 300, 195),
  batch('mushrooms, crumbed', [8, 14], 'mushroom', ball(28), 250, 195, { prep: [crumb, oil(40)], turns: [6] }),
  batch('kale, 80 g', [4, 8], 'kale', { shape: 'sheet', thickness_mm: 0.5 }, 80, 160, {
    prep: [towel, oil(12)],
    turns: [3],
    action: 'toss',
  }),
  /* tofu, cheese, pulses, pasta, fish and meat */
  batch('tofu cubes in starch', [12, 19], 'tofu-firm', cube(20), 350, 195, {
    prep: [{ step: 'press', minutes: 20 }, starch(15), oil(40)],
  }),
  batch('tofu cubes, plain', [12, 20], 'tofu-extra-firm', cube(20), 350, 200, { prep: [towel, oil(40)] }),
  batch('tofu fingers, crumbed', [11, 18], 'tofu-firm', stick(18, 70), 300, 195, {
    prep: [{ step: 'press', minutes: 20 }, crumb, oil(40)],
    turns: [7],
    action: 'flip',
  }),
  batch('smoked tofu cubes', [9, 16], 'tofu-smoked', cube(16), 250, 195, { prep: [towel, oil(30)] }),
  batch('marinated tofu cubes', [10, 17], 'tofu-firm', cube(18), 300, 190, {
    prep: [
      { step: 'press', minutes: 20 },
      { step: 'marinate', minutes: 30 },
      { step: 'dry', method: 'towel' },
      oil(30),
    ],
  }),
  batch('tempeh slices', [9, 15], 'tempeh', stick(10, 50, 30), 220, 190),
  batch('paneer cubes', [8, 14], 'paneer', cube(20), 250, 190),
  batch('halloumi sticks', [8, 13], 'halloumi', stick(15, 70), 225, 200),
  batch('chickpeas', [12, 19], 'chickpea-cooked', ball(9), 240, 195, { prep: [towel, oil(20)] }),
  batch('pasta crisps', [8, 14], 'pasta-cooked', stick(4, 30, 8), 220, 200, {
    prep: [{ step: 'dry', method: 'towel' }, oil(25)],
  }),
  batch('crumbed fish fingers', [9, 14], 'fish-fillet-crumbed', stick(20, 80, 25), 300, 200, {
    prep: [oil(40)],
    turns: [6],
    action: 'flip',
  }),
  batch('crumbed chicken strips', [9, 15], 'chicken-breast-crumbed', stick(16, 80, 28), 350, 195, {
    prep: [oil(40)],
    turns: [7],
    action: 'flip',
  }),
  batch('crumbed chicken escalopes', [9, 14], 'chicken-breast-crumbed', slice(11, 110), 300, 195, {
    prep: [oil(40)],
    turns: [6],
    action: 'flip',
  }),
  batch('fridge-cold carrot sticks', [14, 21], 'carrot', stick(10), 400, 195, { start_temperature_c: 5 }),
];
