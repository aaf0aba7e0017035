import type { Way, WayStep } from './way';
import { cubes, slices } from './cuts';

export const towel: WayStep = { step: 'dry', method: 'towel' };
export const steamDry: WayStep = { step: 'dry', method: 'steam-dry' };
export const soak: WayStep = { step: 'soak', water_c: 15, minutes: 30 };
export const rinse: WayStep = { step: 'rinse', changes: 2 };
export const crumbs: WayStep = { step: 'dredge', layers: 1 };
export const press: WayStep = { step: 'press', minutes: 20 };
export const oil = (film_g_m2 = 40): WayStep => ({ step: 'oil', film_g_m2 });
export const starch = (per_100_g = 2.5): WayStep => ({ step: 'starch', per_100_g });
export const batter = (per_100_g = 40): WayStep => ({ step: 'batter', per_100_g });
export const spice = (per_100_g = 1): WayStep => ({ step: 'season', per_100_g, salt_share: 0.5 });
export const boil = (minutes: number): WayStep => ({ step: 'parcook', method: 'boil', minutes, water_c: 75 });

export const GOLDEN = { colour: 'golden', crispness: 'crisp' } as const;
export const TENDER = { colour: 'golden', crispness: 'tender' } as const;

type Begun = Partial<Way> & Pick<Way, 'cut'>;

/** Sticks of a root, raw: the plainest way. */
export const batons = (own: Begun): Way => ({
  id: 'sticks',
  name: 'Sticks, raw',
  gives: 'Browned edges, a soft heart',
  prep: [towel, oil()],
  dial: 195,
  upTo: 40,
  each: 180,
  layers: 2.2,
  school: 'raw or boiled first',
  ...own,
});

/** The same boiled until they just hold. */
export const boiledBatons = (minutes: number, own: Begun): Way => ({
  ...batons(own),
  id: 'boiled',
  name: 'Sticks, boiled first',
  gives: 'Creamy inside, alike throughout',
  prep: [boil(minutes), steamDry, oil()],
  ...own,
});

/** The same tossed in starch. */
export const starchBatons = (own: Begun): Way => ({
  ...batons(own),
  id: 'starch',
  name: 'Sticks in starch',
  gives: 'A thin, dry crust that holds longer',
  prep: [towel, starch(), oil()],
  school: undefined,
  ...own,
});

/** Thin slices, dried to the middle. */
export const chips = (diameter: number, own: Partial<Way> = {}): Way => ({
  id: 'chips',
  name: 'Chips, 2 mm',
  gives: 'Light and brittle; they snap as they cool',
  cut: slices(2, diameter),
  prep: [rinse, towel, oil(25)],
  dial: 155,
  upTo: 40,
  each: 60,
  layers: 2.4,
  ...own,
});

/** Cubes, browned all round. */
export const dice = (mm: number, own: Partial<Way> = {}): Way => ({
  id: 'cubes',
  name: `Cubes, ${mm} mm`,
  gives: 'Browned corners, tender inside',
  cut: cubes(mm),
  prep: [towel, oil()],
  dial: 195,
  upTo: 45,
  each: 180,
  layers: 1.6,
  ...own,
});

/** In egg and crumbs. */
export const crumbed = (own: Begun): Way => ({
  id: 'crumbed',
  name: 'Crumbed',
  gives: 'A toasted shell; gluten and egg',
  prep: [towel, crumbs, oil()],
  dial: 190,
  upTo: 35,
  each: 150,
  layers: 1.1,
  wish: GOLDEN,
  ...own,
});

/** In batter. */
export const battered = (own: Begun): Way => ({
  ...crumbed(own),
  id: 'battered',
  name: 'In batter',
  gives: 'A thick, crisp coat; gluten',
  prep: [towel, batter()],
  ...own,
});

/** As it grew or in pieces, oiled and nothing else. */
export const plain = (own: Begun): Way => ({
  id: 'plain',
  name: 'Plain, oiled',
  gives: 'Tender, with browned tips',
  prep: [towel, oil()],
  dial: 190,
  upTo: 30,
  each: 150,
  layers: 2,
  ...own,
});
