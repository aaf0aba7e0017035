import type { Way, WayStep } from './way';
import { balls, cubes, florets, slices, spears, sticks, wedges } from './cuts';

const towel: WayStep = { step: 'dry', method: 'towel' };
const steamDry: WayStep = { step: 'dry', method: 'steam-dry' };
const soak: WayStep = { step: 'soak', water_c: 15, minutes: 30 };
const rinse: WayStep = { step: 'rinse', changes: 2 };
const crumbs: WayStep = { step: 'dredge', layers: 1 };
const press: WayStep = { step: 'press', minutes: 20 };
const oil = (film_g_m2 = 40): WayStep => ({ step: 'oil', film_g_m2 });
const starch = (per_100_g = 2.5): WayStep => ({ step: 'starch', per_100_g });
const batter = (per_100_g = 40): WayStep => ({ step: 'batter', per_100_g });
const spice = (per_100_g = 1): WayStep => ({ step: 'season', per_100_g, salt_share: 0.5 });
const boil = (minutes: number): WayStep => ({ step: 'parcook', method: 'boil', minutes, water_c: 75 });

const GOLDEN = { colour: 'golden', crispness: 'crisp' } as const;
const TENDER = { colour: 'golden', crispness: 'tender' } as const;

type Begun = Partial<Way> & Pick<Way, 'cut'>;

/** Sticks of a root, raw: the plainest way. */
const batons = (own: Begun): Way => ({
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
const boiledBatons = (minutes: number, own: Begun): Way => ({
  ...batons(own),
  id: 'boiled',
  name: 'Sticks, boiled first',
  gives: 'Creamy inside, alike throughout',
  prep: [boil(minutes), steamDry, oil()],
  ...own,
});

/** The same tossed in starch. */
const starchBatons = (own: Begun): Way => ({
  ...batons(own),
  id: 'starch',
  name: 'Sticks in starch',
  gives: 'A thin, dry crust that holds longer',
  prep: [towel, starch(), oil()],
  school: undefined,
  ...own,
});

/** Thin slices, dried to the middle. */
const chips = (diameter: number, own: Partial<Way> = {}): Way => ({
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
const dice = (mm: number, own: Partial<Way> = {}): Way => ({
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
const crumbed = (own: Begun): Way => ({
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
const battered = (own: Begun): Way => ({
  ...crumbed(own),
  id: 'battered',
  name: 'In batter',
  gives: 'A thick, crisp coat; gluten',
  prep: [towel, batter()],
  ...own,
});

/** As it grew or in pieces, oiled and nothing else. */
const plain = (own: Begun): Way => ({
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

/** The usual ways of every food of the catalogue, the most usual first. General cookery; minutes are computed from them. */
export const FOOD_WAYS: Readonly<Record<string, readonly Way[]>> = {
  'potato-floury': [
    batons({
      name: 'Sticks 10 mm, soaked',
      gives: 'Crisp edges, a floury heart',
      cut: sticks(10),
      prep: [soak, towel, oil()],
      each: 200,
    }),
    boiledBatons(3, {
      name: 'Sticks 10 mm, boiled first',
      gives: 'A deeper crust, soft inside',
      cut: sticks(10),
      each: 200,
    }),
    {
      ...batons({ cut: wedges(24), prep: [rinse, towel, oil(), spice()], dial: 190, each: 220 }),
      id: 'wedges',
      name: 'Wedges, spiced',
      gives: 'Skin on, soft within, spice outside',
      school: undefined,
      layers: 1.4,
    },
    dice(30, {
      id: 'roast',
      name: 'Roast potatoes, boiled first',
      gives: 'Rough, crackling corners',
      prep: [boil(9), steamDry, oil(60)],
      each: 250,
      dial: 200,
    }),
    chips(50, { prep: [soak, towel, oil(25)], dial: 160 }),
  ],
  'potato-waxy': [
    batons({
      name: 'Sticks 10 mm, rinsed',
      school: undefined,
      gives: 'Firm, golden edges',
      cut: sticks(10),
      prep: [rinse, towel, oil()],
      each: 200,
    }),
    dice(20, { name: 'Cubes, 20 mm', gives: 'Browned corners, waxy inside', each: 200 }),
    dice(6, {
      id: 'coins',
      name: 'Coins, 6 mm',
      gives: 'Crisp rims, soft middles',
      cut: slices(6, 45),
      each: 180,
      wish: GOLDEN,
    }),
    chips(45, { prep: [soak, towel, oil(25)], dial: 160 }),
  ],
  'sweet-potato': [
    starchBatons({
      name: 'Sticks 10 mm in starch',
      cut: sticks(10),
      prep: [soak, towel, starch(), oil()],
      dial: 185,
      school: 'with starch or without',
    }),
    batons({
      name: 'Sticks 10 mm, plain',
      gives: 'Sweet and tender; they do not stay crisp',
      cut: sticks(10),
      dial: 185,
      school: 'with starch or without',
    }),
    dice(20, { dial: 190 }),
    { ...dice(22, { dial: 190 }), id: 'wedges', name: 'Wedges', gives: 'Sweet, dark edges', cut: wedges(22) },
    chips(50, { dial: 140, upTo: 60 }),
  ],
  carrot: [
    batons({
      name: 'Sticks 10 mm',
      gives: 'Sweet, browned ends',
      cut: sticks(10),
      dial: 190,
      school: undefined,
      wish: TENDER,
    }),
    {
      ...dice(10, { dial: 185 }),
      id: 'coins',
      name: 'Coins, 10 mm',
      gives: 'Sweet rounds, browned rims',
      cut: slices(10, 28),
    },
    crumbed({ cut: sticks(14), prep: [boil(5), steamDry, crumbs, oil()], name: 'Sticks, crumbed' }),
    chips(32, { dial: 155, prep: [towel, oil(25)], upTo: 50 }),
  ],
  parsnip: [
    batons({ name: 'Sticks 12 mm, raw', gives: 'Sweet, dark edges', cut: sticks(12), dial: 180, wish: TENDER }),
    boiledBatons(4, { name: 'Sticks 14 mm, boiled first', cut: sticks(14), dial: 185 }),
    chips(40, { dial: 145, prep: [towel, oil(25)] }),
  ],
  celeriac: [
    batons({ name: 'Batons 10 mm, raw', gives: 'Browned edges, a sweet, soft heart', cut: sticks(10) }),
    boiledBatons(4, {
      name: 'Batons 10 mm, boiled first',
      gives: 'Creamy inside, more of them right',
      cut: sticks(10),
    }),
    starchBatons({ name: 'Batons 10 mm, in starch', cut: sticks(10) }),
    chips(60),
    crumbed({ cut: slices(9, 60), prep: [boil(4), steamDry, crumbs, oil()], name: 'Slices 9 mm, crumbed' }),
  ],
  beetroot: [
    dice(15, { gives: 'Earthy and sweet, chewy corners', dial: 185, wish: TENDER }),
    batons({
      name: 'Sticks 10 mm',
      gives: 'Sweet, dark edges',
      cut: sticks(10),
      dial: 180,
      school: undefined,
      wish: TENDER,
    }),
    chips(55, { dial: 145, prep: [towel, oil(25)], upTo: 60 }),
  ],
  swede: [
    batons({ name: 'Sticks 12 mm, raw', cut: sticks(12) }),
    boiledBatons(6, { name: 'Sticks 12 mm, boiled first', cut: sticks(12) }),
    dice(20),
  ],
  turnip: [
    batons({ name: 'Sticks 10 mm', cut: sticks(10), school: undefined, wish: TENDER }),
    dice(18, { wish: TENDER }),
    starchBatons({ name: 'Sticks 10 mm in starch', cut: sticks(10) }),
  ],
  kohlrabi: [
    batons({ name: 'Sticks 10 mm', cut: sticks(10), school: undefined, wish: TENDER }),
    starchBatons({ name: 'Sticks 10 mm in starch', cut: sticks(10) }),
    chips(60, { dial: 150, prep: [towel, oil(25)] }),
  ],
  'jerusalem-artichoke': [
    dice(20, { name: 'Pieces, 20 mm', gives: 'Nutty, soft, browned skins' }),
    dice(5, { id: 'slices', name: 'Slices, 5 mm', gives: 'Crisp rims, nutty', cut: slices(5, 40), each: 120 }),
  ],
  cassava: [
    boiledBatons(8, {
      name: 'Sticks 14 mm, boiled through',
      gives: 'Crackling outside, dense within',
      cut: sticks(14),
      dial: 200,
      school: undefined,
    }),
    dice(22, { name: 'Cubes, boiled through', prep: [boil(9), steamDry, oil()], dial: 200, wish: GOLDEN }),
  ],
  taro: [
    boiledBatons(6, { name: 'Sticks 12 mm, boiled first', cut: sticks(12) }),
    batons({ name: 'Sticks 10 mm, raw', gives: 'Nutty, dry and crisp', cut: sticks(10), prep: [soak, towel, oil()] }),
    chips(50, { dial: 155 }),
  ],
  yam: [
    batons({ name: 'Sticks 10 mm, raw', gives: 'Crisp, dry and floury', cut: sticks(10), prep: [soak, towel, oil()] }),
    boiledBatons(5, { name: 'Sticks 12 mm, boiled first', cut: sticks(12) }),
    chips(60, { prep: [soak, towel, oil(25)] }),
  ],
  'plantain-green': [
    chips(35, { name: 'Chips, 2 mm', dial: 160, prep: [towel, oil(25)] }),
    {
      ...plain({ cut: { shape: 'disc', thickness_mm: 9, diameter_mm: 60, scatter: 0.12 } }),
      id: 'discs',
      name: 'Flattened discs, softened first',
      gives: 'Crisp outside, mealy inside',
      prep: [boil(4), steamDry, oil()],
      dial: 200,
      layers: 1.1,
      wish: GOLDEN,
    },
  ],
  'plantain-ripe': [
    plain({
      cut: slices(12, 35),
      name: 'Slices, 12 mm',
      gives: 'Sweet, with dark edges',
      dial: 185,
      layers: 1.1,
      wish: TENDER,
    }),
    starchBatons({
      cut: slices(12, 35),
      name: 'Slices in starch',
      gives: 'A thin crust round a sweet heart',
      dial: 185,
      each: 150,
      layers: 1.1,
      wish: GOLDEN,
    }),
  ],
  courgette: [
    crumbed({
      cut: slices(8, 45),
      name: 'Slices 8 mm, crumbed',
      gives: 'A toasted shell round a juicy slice; gluten and egg',
      school: 'crumbed or bare',
    }),
    plain({
      cut: slices(10, 45),
      name: 'Slices 10 mm, bare',
      gives: 'Soft, browned rims',
      layers: 1.3,
      school: 'crumbed or bare',
    }),
    crumbed({ cut: sticks(14), id: 'crumbed-sticks', name: 'Sticks 14 mm, crumbed' }),
  ],
  aubergine: [
    plain({
      cut: cubes(22),
      id: 'cubes',
      name: 'Cubes, 22 mm',
      gives: 'Soft and smoky, browned outside',
      prep: [oil(60)],
      each: 160,
    }),
    crumbed({ cut: slices(10, 65), prep: [crumbs, oil()], name: 'Slices 10 mm, crumbed' }),
  ],
  pumpkin: [
    dice(20, { wish: TENDER }),
    batons({ name: 'Sticks 12 mm', gives: 'Sweet, soft, browned', cut: sticks(12), school: undefined, wish: TENDER }),
  ],
  cauliflower: [
    plain({ cut: florets(40), name: 'Florets, oiled', gives: 'Tender, with roasted tips', each: 180 }),
    crumbed({ cut: florets(38), name: 'Florets, crumbed' }),
    battered({ cut: florets(38), name: 'Florets in batter' }),
    starchBatons({ cut: florets(38), name: 'Florets in starch', gives: 'A thin, dry crust', wish: GOLDEN, dial: 190 }),
  ],
  broccoli: [
    plain({ cut: florets(36), name: 'Florets, oiled', gives: 'Green and tender, crisp tips', dial: 185 }),
    crumbed({ cut: florets(34), name: 'Florets, crumbed' }),
  ],
  'brussels-sprout': [
    plain({ cut: cubes(24), name: 'Halves, oiled', gives: 'Crisp outer leaves, tender heart', each: 150 }),
    starchBatons({
      cut: cubes(24),
      name: 'Halves in starch',
      gives: 'A thin crust on the leaves',
      dial: 190,
      each: 150,
    }),
  ],
  'green-bean': [
    plain({ cut: spears(8, 100), name: 'Whole, oiled', gives: 'Tender, blistered', each: 150 }),
    crumbed({ cut: spears(9, 100), name: 'Whole, crumbed', each: 120 }),
  ],
  asparagus: [
    plain({ cut: spears(12, 150), name: 'Whole, oiled', gives: 'Tender spears, browned tips', each: 150, upTo: 20 }),
    crumbed({ cut: spears(14, 150), name: 'Whole, crumbed', each: 130 }),
  ],
  okra: [
    plain({ cut: spears(15, 70), name: 'Whole, oiled', gives: 'Tender, not slippery', each: 130 }),
    starchBatons({
      cut: spears(15, 70),
      name: 'Whole, in starch',
      gives: 'A dry crust',
      dial: 195,
      each: 130,
      wish: GOLDEN,
    }),
  ],
  onion: [
    battered({
      cut: sticks(9, 120),
      name: 'Rings in batter',
      prep: [batter(50)],
      school: 'batter or crumbs',
      each: 100,
    }),
    crumbed({ cut: sticks(9, 120), name: 'Rings, crumbed', school: 'batter or crumbs', each: 100 }),
    plain({ cut: wedges(18, 60), id: 'wedges', name: 'Wedges, oiled', gives: 'Sweet, soft, dark edges', each: 120 }),
  ],
  mushroom: [
    plain({ cut: spears(30, 28), name: 'Whole, oiled', gives: 'Juicy, browned', dial: 195, each: 130 }),
    crumbed({ cut: spears(28, 26), name: 'Whole, crumbed', each: 120 }),
  ],
  kale: [
    plain({
      cut: { shape: 'sheet', thickness_mm: 0.5, width_mm: 50, length_mm: 60, scatter: 0.07 },
      id: 'crisps',
      name: 'Crisps, at 150 °C',
      gives: 'Brittle and green',
      prep: [towel, oil(12)],
      dial: 150,
      upTo: 20,
      each: 35,
      layers: 8,
      school: 'slow or quick',
    }),
    plain({
      cut: { shape: 'sheet', thickness_mm: 0.5, width_mm: 50, length_mm: 60, scatter: 0.07 },
      id: 'quick',
      name: 'Crisps, at 175 °C',
      gives: 'Done in minutes, browned edges; stay beside it',
      prep: [towel, oil(12)],
      dial: 175,
      upTo: 15,
      each: 35,
      layers: 8,
      school: 'slow or quick',
    }),
  ],
  'tofu-firm': [
    dice(20, {
      name: 'Cubes, pressed, in starch',
      gives: 'A thin, crackling skin',
      prep: [press, starch(4), oil()],
      wish: GOLDEN,
      each: 150,
      school: 'starch or bare',
    }),
    dice(20, {
      id: 'bare',
      name: 'Cubes, pressed, bare',
      gives: 'Chewy skin, firm inside',
      prep: [press, towel, oil()],
      wish: GOLDEN,
      each: 150,
      school: 'starch or bare',
    }),
    dice(18, {
      id: 'marinated',
      name: 'Cubes, marinated',
      gives: 'Savoury, dark edges',
      prep: [press, { step: 'marinate', minutes: 30 }, towel, oil(30)],
      dial: 180,
      each: 150,
    }),
    crumbed({ cut: sticks(18), name: 'Fingers, crumbed', prep: [press, crumbs, oil()] }),
  ],
  'tofu-extra-firm': [
    dice(20, { name: 'Cubes, plain', gives: 'Chewy skin, firm inside', wish: GOLDEN, each: 150 }),
    dice(20, {
      id: 'starch',
      name: 'Cubes in starch',
      gives: 'A thin, crackling skin',
      prep: [towel, starch(4), oil()],
      wish: GOLDEN,
      each: 150,
    }),
  ],
  'tofu-smoked': [
    dice(16, { name: 'Cubes, oiled', gives: 'Smoky, crisp outside', prep: [towel, oil(30)], wish: GOLDEN, each: 120 }),
    batons({
      name: 'Batons 12 mm',
      gives: 'Chewy, browned',
      cut: sticks(12, 60),
      prep: [towel, oil(30)],
      school: undefined,
      each: 120,
    }),
  ],
  tempeh: [
    dice(10, {
      id: 'slices',
      name: 'Slices, 10 mm',
      gives: 'Nutty, crisp rims',
      cut: sticks(10, 50, 30),
      dial: 185,
      each: 120,
      layers: 1.2,
    }),
    dice(16, {
      name: 'Cubes, marinated',
      prep: [{ step: 'marinate', minutes: 30 }, towel, oil(30)],
      dial: 180,
      each: 120,
    }),
  ],
  paneer: [
    dice(20, { gives: 'Golden outside, soft within', dial: 185, each: 110 }),
    crumbed({ cut: sticks(18, 60), name: 'Fingers, crumbed', each: 110 }),
  ],
  halloumi: [
    batons({
      name: 'Sticks 15 mm',
      gives: 'Salty, squeaky, golden',
      cut: sticks(15),
      dial: 195,
      school: undefined,
      each: 90,
      layers: 1.2,
    }),
    crumbed({ cut: sticks(18), name: 'Sticks, crumbed', each: 90 }),
  ],
  'chickpea-cooked': [
    plain({
      cut: spears(9, 9),
      id: 'crisp',
      name: 'Crisped, spiced after',
      gives: 'Crunchy right through',
      prep: [towel, oil(20)],
      dial: 190,
      upTo: 40,
      each: 60,
      layers: 3,
      wish: GOLDEN,
    }),
    plain({
      cut: spears(9, 9),
      id: 'spiced',
      name: 'Spiced before',
      gives: 'Crunchy, spice baked on',
      prep: [towel, oil(20), spice(1.5)],
      dial: 180,
      upTo: 45,
      each: 60,
      layers: 3,
      wish: GOLDEN,
    }),
  ],
  'pasta-cooked': [
    plain({
      cut: sticks(4, 30, 8),
      id: 'crisps',
      name: 'Crisps',
      gives: 'Crunchy bites for a dip',
      prep: [towel, oil(25)],
      dial: 190,
      upTo: 35,
      each: 60,
      layers: 2,
      wish: GOLDEN,
    }),
    plain({
      cut: sticks(4, 30, 8),
      id: 'spiced',
      name: 'Crisps, spiced',
      gives: 'Crunchy, spice baked on',
      prep: [towel, oil(25), spice(1.5)],
      dial: 185,
      upTo: 35,
      each: 60,
      layers: 2,
      wish: GOLDEN,
    }),
  ],
  'mash-formed': [
    crumbed({ cut: balls(28, 65), name: 'Croquettes, crumbed', prep: [crumbs, oil()] }),
    plain({
      cut: balls(25, 60),
      id: 'bare',
      name: 'Shapes, bare',
      gives: 'Smooth, golden',
      prep: [oil()],
      dial: 195,
      layers: 1.1,
      wish: GOLDEN,
    }),
  ],
  'fish-fillet-crumbed': [
    crumbed({
      cut: sticks(20, 80, 25),
      id: 'fingers',
      name: 'Fingers',
      gives: 'A crisp crumb, just cooked fish; fish, gluten',
      prep: [oil()],
      dial: 195,
      each: 150,
    }),
    crumbed({
      cut: sticks(20, 80, 25),
      id: 'frozen',
      name: 'Fingers, from the freezer',
      gives: 'The same, without thawing',
      prep: [oil()],
      dial: 195,
      each: 150,
      startC: -18,
    }),
  ],
  'chicken-breast-crumbed': [
    crumbed({
      cut: sticks(16, 80, 28),
      id: 'strips',
      name: 'Strips',
      gives: 'A crisp crumb, juicy inside; gluten, egg',
      prep: [oil()],
      dial: 190,
      each: 160,
    }),
    crumbed({
      cut: slices(11, 110),
      id: 'escalopes',
      name: 'Escalopes, 11 mm',
      gives: 'Thin, crisp, quick',
      prep: [oil()],
      dial: 190,
      each: 160,
    }),
  ],
};
