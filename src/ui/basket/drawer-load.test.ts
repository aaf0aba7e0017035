import { FIRST_PLAN } from '../../schemas/first-plan';
import { planFromFile } from '../../schemas/plan-from-file';
import { POSE } from '../../workers/basket/protocol';
import { cutToSize, drawerLoad, drawerSide, liesLike } from './drawer-load';

const loadOf = (part: Partial<typeof FIRST_PLAN>, most?: number) =>
  drawerLoad(planFromFile({ ...FIRST_PLAN, ...part }), most);
const counts = (load: ReturnType<typeof loadOf>) => load.parts.map(({ count }) => count);

test('no more pieces are drawn than asked for, and never none', () => {
  expect(counts(loadOf({ mass_g: 1500 }, 40))).toEqual([40]);
  expect(counts(loadOf({ mass_g: 50 }, 1))).toEqual([1]);
});

test('a hair’s breadth does not settle a load anew; another drawer or shape does', () => {
  const cut = (thickness_mm: number) => ({ ...FIRST_PLAN.cut, thickness_mm }) as typeof FIRST_PLAN.cut;
  expect(loadOf({ cut: cut(10) }).parts[0]!.cut).toEqual(loadOf({ cut: cut(10.02) }).parts[0]!.cut);
  expect(liesLike(loadOf({ cut: cut(10) }), loadOf({ cut: cut(12) }))).toBe(true);
  expect(liesLike(loadOf({}), loadOf({ cut: { shape: 'cube', thickness_mm: 18, scatter: 0.07 } }))).toBe(false);
  expect(liesLike(loadOf({}), loadOf({ fryer: { ...FIRST_PLAN.fryer, basket_cm2: 800 } }))).toBe(false);
  expect(drawerSide({ fryer: { ...planFromFile(FIRST_PLAN).fryer, basketArea: 0.0529 } })).toBe(230);
});

test('of a larger settled load the lowest pieces of each food are left out', () => {
  const settled = {
    part: Uint8Array.of(0, 1, 0, 1, 0),
    pose: Float32Array.from({ length: 5 * POSE }, (_, i) => Math.floor(i / POSE)),
  };
  const cut = drawerLoad(planFromFile(FIRST_PLAN)).parts[0]!.cut;
  const kept = cutToSize(settled, {
    side: 230,
    parts: [
      { cut, count: 2 },
      { cut, count: 1 },
    ],
  });
  expect(Array.from(kept.part)).toEqual([0, 1, 0]);
  expect([0, 1, 2].map((i) => kept.pose[i * POSE])).toEqual([0, 1, 2]);
});
