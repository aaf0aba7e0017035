import { FIRST_PLAN } from '../schemas/first-plan';
import { type EveningFile, eveningFileSchema, writeEveningFile } from '../schemas/evening-file';
import {
  newDishId,
  newEvening,
  nextEvening,
  planForPeople,
  servedAt,
  withDish,
  withHands,
  withOrder,
  withoutDish,
  withPeople,
  withPin,
} from './edit-evening';
import { OWN_DISHES, ownDishFor } from './own-dishes';
import { shoppingList } from './shopping-list';

const FRYER = '3f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c11';
const bare = newEvening('Friday', new Date('2026-11-28T19:00:00Z'), [FRYER]);
const chips: EveningFile['dishes'][number] = { kind: 'plan', id: 'potato', plan: { ...FIRST_PLAN, portions: 4 } };
const dip = ownDishFor(OWN_DISHES[0]!, 'dip', 4, 4);
const both = withDish(withDish(bare, chips), dip);

test('a new evening with its dishes is a file that reads back the same', () => {
  expect(eveningFileSchema.parse(JSON.parse(JSON.stringify(writeEveningFile(both))))).toEqual(both);
  expect(eveningFileSchema.safeParse(writeEveningFile({ ...both, dishes: [chips, chips] })).success).toBe(false);
});

test('more guests: grams, oil and loads of a plan follow, its depth in the basket stays; what is bought for the others follows too', () => {
  const nine = withPeople(both, 9);
  const [plan, own] = nine.dishes;
  expect(plan).toMatchObject({ plan: { portions: 9, mass_g: 1125, loads: { count: 3 } } });
  expect(plan!.kind === 'plan' && plan!.plan.prep.find(({ step }) => step === 'oil')).toMatchObject({ mass_g: 22.5 });
  expect(own).toMatchObject({ needs: ['560 g yoghurt', '2.5 bunch of herbs', '2.5 lemon'] });
  /* hands grow more slowly than guests, and what stands stands as long */
  expect(own!.kind === 'own' && own!.steps.map((step) => [step.hands_min, step.waits_min])).toEqual([
    [12, 0],
    [1.5, 45],
  ]);
  expect(planForPeople(planForPeople(chips.kind === 'plan' ? chips.plan : FIRST_PLAN, 9), 4).mass_g).toBe(500);
});

test('taking a dish out takes what was pinned, given and ordered of it', () => {
  const order = [{ fryer_id: FRYER, steps: ['potato:load-1', 'potato:back'] }];
  const settled = withOrder(
    withHands(withPin(both, 'potato:load-1', Date.parse('2026-11-28T18:30:00Z')), 'dip:own-1', 0),
    order,
  );
  expect(withoutDish(settled, 'potato')).toMatchObject({ pins: [], hands: { 'dip:own-1': 0 }, order: undefined });
  expect(withoutDish(settled, 'dip')).toMatchObject({ hands: {}, pins: [{ step: 'potato:load-1' }] });
});

test('another hour takes along what was pinned; a pin that is lifted is gone', () => {
  const pinned = withPin(both, 'potato:load-1', Date.parse('2026-11-28T18:30:00Z'));
  const later = servedAt(pinned, new Date('2026-11-28T20:15:00Z'));
  expect(later).toMatchObject({ serve_at: '2026-11-28T20:15:00.000Z', pins: [{ at: '2026-11-28T19:45:00.000Z' }] });
  expect(withPin(later, 'potato:load-1', null).pins).toEqual([]);
  expect(withHands(withHands(both, 'dip:own-1', 1), 'dip:own-1', null).hands).toEqual({});
});

test('an evening begins at seven, tomorrow where today is too late', () => {
  expect(nextEvening(new Date(2026, 10, 28, 12)).toString()).toBe(new Date(2026, 10, 28, 19).toString());
  expect(nextEvening(new Date(2026, 10, 28, 18)).toString()).toBe(new Date(2026, 10, 29, 19).toString());
});

test('ids of dishes are plain words and never the same', () => {
  expect(newDishId(both, 'Dip')).toBe('dip-2');
  expect(newDishId(both, 'Crème brûlée, zwei')).toMatch(/^[a-z0-9-]+$/);
  expect(newDishId(both, '???')).toBe('dish');
});

test('what is needed stands once, with the dishes it is for', () => {
  const two = withDish(both, { ...chips, id: 'more' });
  const list = shoppingList(two);
  expect(list.find(({ what }) => what === 'oil')).toEqual({ what: 'oil', grams: 20, dishes: ['Potato sticks'] });
  expect(list.find(({ what }) => what === '250 g yoghurt')).toMatchObject({ grams: null, dishes: ['Herb dip'] });
});
