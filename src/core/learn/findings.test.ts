import type { Evidence } from './evidence';
import { findingsOf } from './findings';
import { learn } from './kitchen-model';
import { QUANTITIES, type Quantity } from './quantities';
import type { ToldBatch } from './told-batch';

/** A batch of courgettes that says one thing, that surely. */
function batch(
  id: string,
  of: Partial<Record<Quantity, number>>,
  value: number,
  made: Partial<ToldBatch> = {},
): ToldBatch {
  const row = QUANTITIES.map((quantity) => of[quantity] ?? 0);
  const evidence: Evidence = {
    information: row.flatMap((left) => row.map((right) => 50 * left * right)),
    vector: row.map((one) => 50 * one * value),
    answers: 3,
  };
  return {
    id,
    fryer: 'Small',
    drawer: null,
    food: 'courgette',
    coat: null,
    kin: 'vegetable',
    season: 3,
    evidence,
    ...made,
  };
}

const found = (batches: readonly ToldBatch[]) => findingsOf(learn(batches).knowledge, batches);

test('crumbs that brown fast are a finding about crumbs, not about what lies under them', () => {
  const crumbed = ['a', 'b', 'c'].map((id) => batch(id, { browning: 1 }, 1.6, { coat: 'crumb' }));
  const all = found(crumbed);
  expect(all.map(({ about }) => about)).toEqual([{ kind: 'coat', coat: 'crumb' }]);
  expect(all[0]).toMatchObject({ from: ['a', 'b', 'c'], agree: 3, differ: 0 });
  const slow = ['d', 'e', 'f'].map((id) => batch(id, { browning: 1 }, -1.6));
  const both = found([...crumbed, ...slow]);
  expect(both.map(({ about, now }) => [about.kind, Math.sign(now.mean)])).toEqual(
    expect.arrayContaining([
      ['coat', 1],
      ['food', -1],
    ]),
  );
  expect(both.find(({ about }) => about.kind === 'food')!.from).toEqual(['d', 'e', 'f']);
});

test('a heart that is slow to soften is a finding about the food, coated or not', () => {
  const slow = ['a', 'b', 'c'].map((id) => batch(id, { softening: 1 }, 1.6, { coat: id === 'a' ? 'crumb' : null }));
  expect(found(slow)).toMatchObject([
    { about: { kind: 'food', food: 'courgette', quantity: 'softening' }, from: ['a', 'b', 'c'] },
  ]);
});

test('the surest stands first; what lies near the label, or is hardly known better than before, is none', () => {
  const cool = ['a', 'b', 'c'].map((id) => batch(id, { offset: 1 }, -1.8));
  const liked = ['d', 'e'].map((id) => batch(id, { shade: 1 }, 0.9));
  const all = found([...cool, ...liked]);
  expect(all.map(({ about, sureness }) => [about.kind, sureness])).toEqual([
    ['fryer', 'sure'],
    ['taste', 'sure'],
  ]);
  expect(found([batch('f', { offset: 1 }, 0.05)])).toEqual([]);
  expect(found([{ ...batch('g', { offset: 0.05 }, 30) }])).toEqual([]);
});
