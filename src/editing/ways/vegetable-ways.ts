import { cubes, florets, slices, spears, sticks, wedges } from './cuts';
import {
  towel,
  crumbs,
  oil,
  batter,
  GOLDEN,
  TENDER,
  batons,
  starchBatons,
  dice,
  crumbed,
  battered,
  plain,
} from './usual-ways';
import type { Way } from './way';

/** Ways of fruits, flowers, stalks and leaves. */
export const VEGETABLE_WAYS: Readonly<Record<string, readonly Way[]>> = {
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
};
