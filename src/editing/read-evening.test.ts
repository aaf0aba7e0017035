import { writeEveningFile } from '../schemas/evening-file';
import { FIRST_PLAN } from '../schemas/first-plan';
import { newEvening, withDish } from './edit-evening';
import { OWN_DISHES, ownDishFor } from './own-dishes';
import { readEvening } from './read-evening';

const [A, B, C] = [crypto.randomUUID(), crypto.randomUUID(), crypto.randomUUID()];
const evening = withDish(
  withDish(newEvening('Friday', new Date('2026-11-28T19:00:00Z'), [A, B]), {
    kind: 'plan',
    id: 'potato',
    plan: { ...FIRST_PLAN, name: 'Potato' },
  }),
  ownDishFor(OWN_DISHES[0]!, 'dip', 4, 4),
);
const text = JSON.stringify(writeEveningFile(evening));

test('an evening that was saved is read back the same', () => {
  const read = readEvening(text, [A, B]);
  expect(read.kind === 'evening' && writeEveningFile(read.evening)).toEqual(JSON.parse(text));
});

test('in another kitchen its own fryers take the place of those it does not have, and none is taken twice', () => {
  const fryersIn = (...ids: string[]) => {
    const read = readEvening(text, ids);
    return read.kind === 'evening' && read.evening.fryers.map(({ fryer_id }) => fryer_id);
  };
  expect(fryersIn(C, B)).toEqual([C, B]);
  expect(fryersIn(C)).toEqual([C]);
  expect(fryersIn(B)).toEqual([B]);
  const ordered = JSON.stringify(writeEveningFile({ ...evening, order: [{ fryer_id: A, steps: ['potato:load-1'] }] }));
  const moved = readEvening(ordered, [C]);
  expect(moved.kind === 'evening' && moved.evening.order).toBeUndefined();
});

test('what is no evening says what is wrong and where', () => {
  expect(readEvening('{', [A])).toMatchObject({ kind: 'refused', lines: [expect.stringContaining('not JSON')] });
  const odd = text.replace('"people":4', '"people":400');
  expect(readEvening(odd, [A])).toMatchObject({ kind: 'refused', lines: [expect.stringContaining('people')] });
});
