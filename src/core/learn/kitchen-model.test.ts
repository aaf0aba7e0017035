import { aloneSays, type Evidence, NO_EVIDENCE, shifted } from './evidence';
import { CONTRADICTS } from './contradiction';
import { expectOf, placesKnown } from './knowledge';
import { learn } from './kitchen-model';
import { learntFor } from './learnt';
import type { PlaceEvidence } from './place-map';
import { SHAKEN_PLAN } from '../../../tests/support/shaken-plan';
import { planFromFile } from '../../schemas/plan-from-file';
import { QUANTITIES, QUANTITY_COUNT, type Quantity, quantityIndex, UNIT } from './quantities';
import type { MadeWith, ToldBatch } from './told-batch';
import { withLearnt } from './with-learnt';

const MADE: MadeWith = { fryer: 'Small', drawer: null, food: 'celeriac', coat: null, kin: 'vegetable', season: 3 };

/** d ln browning by d ln sugar of bare potatoes. */
const POTATO = 0.55;

/** Evidence that some quantities, summed with these signs, lie at `value`, so precisely. */
function saying(of: Partial<Record<Quantity, number>>, value: number, precision = 25): Evidence {
  const row = QUANTITIES.map((quantity) => of[quantity] ?? 0);
  return {
    information: row.flatMap((left) => row.map((right) => precision * left * right)),
    vector: row.map((one) => precision * one * value),
    answers: 3,
  };
}

const batch = (id: string, evidence: Evidence, made: Partial<MadeWith> = {}): ToldBatch => ({
  ...MADE,
  ...made,
  id,
  evidence,
});
const cool = (id: string, made: Partial<MadeWith> = {}) => batch(id, saying({ offset: 1 }, -1.4), made);
const of = (quantity: Quantity, learning: ReturnType<typeof learn>, made: Partial<MadeWith> = {}) => {
  const { mean, covariance } = expectOf(learning.knowledge, { ...MADE, ...made });
  const at = quantityIndex(quantity);
  return { mean: mean[at]!, deviation: Math.sqrt(covariance[at * QUANTITY_COUNT + at]!) };
};

test('a kitchen that knows nothing expects what its label says, as widely as a plan does', () => {
  const nothing = learn([]);
  for (const quantity of QUANTITIES) {
    expect(of(quantity, nothing).mean).toBe(0);
    if (quantity !== 'browning') expect(of(quantity, nothing).deviation).toBeCloseTo(1, 6);
  }
  /* of bare potatoes a fifth of it is their sugar's */
  expect(Math.hypot(of('browning', nothing).deviation, (POTATO * UNIT.sugar) / UNIT.browning)).toBeCloseTo(1, 2);
  const { spread, offset, browning } = learntFor(nothing.knowledge, MADE, POTATO);
  expect([offset, browning]).toEqual([0, 1]);
  expect(spread[2]).toBeCloseTo(9, 6);
  expect(spread[9]).toBeCloseTo(0.45, 3);
});

test('batches that all came from a cool fryer say so, more surely with each, and hardly anything of another', () => {
  const after = [1, 2, 4].map((count) => of('offset', learn(Array.from({ length: count }, (_, i) => cool(`${i}`)))));
  expect(after[0]!.mean).toBeLessThan(-1);
  expect(after[2]!.deviation).toBeLessThan(after[1]!.deviation);
  expect(after[1]!.deviation).toBeLessThan(after[0]!.deviation);
  const other = of('offset', learn([cool('a'), cool('b'), cool('c')]), { fryer: 'Large' });
  expect(other.mean).toBeLessThan(0);
  expect(other.mean).toBeGreaterThan(-0.3);
  expect(other.deviation).toBeGreaterThan(0.9);
});

test('what was learnt is believed less surely than linear equations say, what was not as before', () => {
  const told = (precision: number) => of('shade', learn([batch('a', saying({ shade: 1 }, 1, precision))]));
  /* one part of variance 1, of which a quarter is left */
  expect(told(3).deviation ** 2).toBeCloseTo(0.25 + 0.35 * (0.25 - 0.25 ** 2), 6);
  expect(told(1e-9).deviation).toBeCloseTo(1, 6);
  expect(told(3).mean).toBeCloseTo(0.75, 6);
  expect(of('firmness', learn([batch('a', saying({ shade: 1 }, 1, 3))])).deviation).toBeCloseTo(1, 6);
});

test('the order does not matter, and a batch that is taken out takes its evidence with it', () => {
  const batches = [cool('a'), batch('b', saying({ browning: 1, shade: -1 }, 0.8)), cool('c', { fryer: 'Large' })];
  const there = learn(batches);
  expect(learn([...batches].reverse())).toEqual(there);
  expect(learn([batches[0]!, batches[2]!, batch('d', NO_EVIDENCE)])).toEqual(learn([batches[2]!, batches[0]!]));
});

test('taste and food stay tied where only their difference was told, and part where one is known', () => {
  const tied = learn(
    Array.from({ length: 5 }, (_, i) =>
      batch(`${i}`, saying({ browning: UNIT.browning, shade: -UNIT.shade }, 0.3, 40)),
    ),
  );
  expect(of('shade', tied).deviation).toBeGreaterThan(0.7);
  expect(of('shade', tied).mean).toBeLessThan(0);
  const parted = learn([
    ...Array.from({ length: 5 }, (_, i) =>
      batch(`${i}`, saying({ browning: UNIT.browning, shade: -UNIT.shade }, 0.3, 40)),
    ),
    ...Array.from({ length: 5 }, (_, i) => batch(`s${i}`, saying({ browning: 1 }, 0))),
  ]);
  expect(of('shade', parted).mean).toBeLessThan(of('shade', tied).mean);
  expect(of('shade', parted).deviation).toBeLessThan(of('shade', tied).deviation);
});

test('a food lends to its kin, to its own the most', () => {
  const quick = learn(['a', 'b', 'c'].map((id) => batch(id, saying({ browning: 1 }, 1.5))));
  const own = of('browning', quick).mean;
  const kin = of('browning', quick, { food: 'carrot' }).mean;
  const other = of('browning', quick, { food: 'tofu-firm', kin: 'protein' }).mean;
  expect(own).toBeGreaterThan(kin);
  expect(kin).toBeGreaterThan(0.15);
  expect(other).toBe(0);
});

test('a batch that contradicts all others is found, and hardly counts', () => {
  const agree = ['a', 'b', 'c', 'd'].map((id) => cool(id));
  const odd = batch('z', saying({ offset: 1 }, 2.5));
  const { standings } = learn([...agree, odd]);
  expect(standings.find(({ id }) => id === 'z')!.distance).toBeGreaterThan(CONTRADICTS);
  expect(standings.filter(({ distance }) => distance > CONTRADICTS)).toHaveLength(1);
  expect(of('offset', learn([...agree, odd])).mean).toBeCloseTo(of('offset', learn(agree)).mean, 0);
});

test('two drawers of one fryer share most of what is learnt', () => {
  const learning = learn(['a', 'b', 'c'].map((id) => cool(id, { drawer: 1 })));
  const [first, second] = [of('offset', learning, { drawer: 1 }), of('offset', learning, { drawer: 2 })];
  expect(second.mean).toBeLessThan(-0.6);
  expect(second.mean).toBeGreaterThan(first.mean);
});

test('evidence counted from another label is the same evidence', () => {
  const evidence = saying({ offset: 1 }, -1);
  const moved = shifted(evidence, [0, 0.5, 0, 0, 0, 0]);
  expect(aloneSays(moved).mean[1]).toBeCloseTo(aloneSays(saying({ offset: 1 }, -0.5)).mean[1]!, 9);
});

test('places of the floor are kept by fryer and drawer, from all grids there; a batch without any leaves them', () => {
  const grid = (place: number): PlaceEvidence => ({
    information: new Array<number>(9).fill(60),
    vector: Array.from({ length: 9 }, (_, own) => (own === place ? 12 : -1.5)),
  });
  const told = [
    { ...cool('a', { drawer: 1 }), places: grid(2) },
    { ...cool('b', { drawer: 1 }), places: grid(2) },
    { ...cool('c', { drawer: 2 }), places: grid(6) },
    cool('d'),
  ];
  const { knowledge } = learn(told);
  const strongest = (drawer: number | null) => {
    const strengths = placesKnown(knowledge, { fryer: 'Small', drawer })?.strengths;
    return strengths ? strengths.indexOf(Math.max(...strengths)) : null;
  };
  expect([strongest(1), strongest(2), strongest(null)]).toEqual([2, 6, null]);
  expect(placesKnown(knowledge, { fryer: 'Large', drawer: 1 })).toBeNull();
  expect(learntFor(knowledge, { ...MADE, drawer: 2 }, POTATO).places).toHaveLength(9);
  expect(learntFor(knowledge, MADE, POTATO)).not.toHaveProperty('places');
  const [one] = learn(told.slice(0, 1)).knowledge.places;
  expect(one!.strengths[2]).toBeLessThan(placesKnown(knowledge, { fryer: 'Small', drawer: 1 })!.strengths[2]!);
  const anyDrawer = learn([{ ...cool('e'), places: grid(4) }]).knowledge;
  expect(placesKnown(anyDrawer, { fryer: 'Small', drawer: 2 })).toMatchObject({ drawer: null });
});

test('a food that takes longer to soften is planned so: its own dose, not that of another food in the basket', () => {
  const slow = saying({ softening: 1 }, 2, 100);
  const { knowledge } = learn([batch('a', slow), batch('b', slow), batch('c', slow)]);
  const { softening } = learntFor(knowledge, MADE, POTATO);
  expect(softening).toBeGreaterThan(1.3);
  /* three tenths belong to the lot of the day */
  expect(of('softening', learn([batch('a', slow)])).deviation).toBeGreaterThan(Math.sqrt(0.3));
  expect(learntFor(knowledge, { ...MADE, food: 'kohlrabi' }, POTATO).softening).toBeLessThan(1.1);
  const plan = planFromFile(SHAKEN_PLAN);
  const other = { ...plan, food: { ...plan.food, id: 'other' } };
  const event = { time: 60, action: 'add' as const, part: other };
  const known = withLearnt({ ...plan, events: [event] }, learntFor(knowledge, MADE, POTATO));
  expect(known.food.softeningDose).toBeCloseTo(plan.food.softeningDose * softening, 9);
  expect(known.events[0]!.part!.food.softeningDose).toBe(plan.food.softeningDose);
});

test('sugar and browning are tied in bare potatoes, and parted by a soak that leaves browning to hang on sugar otherwise', () => {
  const told = (id: string, bySugar: number, value: number) =>
    batch(id, saying({ browning: 1, sugar: bySugar }, value, 100));
  /* sweet by one and a half: it shows in full where little sugar was, by a fifth where there is plenty */
  const tied = learn(['a', 'b', 'c', 'd'].map((id) => told(id, 0.2, 0.3)));
  const parted = learn([...['a', 'b'].map((id) => told(id, 0.2, 0.3)), ...['c', 'd'].map((id) => told(id, 0.9, 1.35))]);
  expect(of('sugar', parted).mean).toBeGreaterThan(0.5);
  expect(of('sugar', parted).mean).toBeGreaterThan(2 * of('sugar', tied).mean);
  expect(of('sugar', parted).deviation).toBeLessThan(0.9 * of('sugar', tied).deviation);
});

test('under a coat it is the coat that browns: it teaches nothing of the bare food, and its sugar counts for nothing there', () => {
  const crumbs = { coat: 'crumb' } as const;
  const learning = learn(['a', 'b', 'c'].map((id) => batch(id, saying({ browning: 1 }, 1.5), crumbs)));
  expect(of('browning', learning).mean).toBe(0);
  expect(of('browning', learning, { ...crumbs, food: 'courgette' }).mean).toBeGreaterThan(0.7);
  const sweet = learn(['a', 'b', 'c'].map((id) => batch(id, saying({ sugar: 1 }, 1.5))));
  const bare = learntFor(sweet.knowledge, MADE, POTATO);
  expect(bare.sugar).toBeGreaterThan(1.2);
  const spreadOf = (bySugar: number) => learntFor(sweet.knowledge, { ...MADE, ...crumbs }, bySugar).spread.at(-1)!;
  expect(spreadOf(0)).toBeLessThan(spreadOf(POTATO));
});
