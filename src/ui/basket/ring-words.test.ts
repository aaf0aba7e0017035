import { standsBelow } from './ring-words';

test('words of two rings one above the other stand apart', () => {
  expect([standsBelow(190, 240, 400), standsBelow(240, 190, 400)]).toEqual([false, true]);
});

test('at the edges a word stands where there is room; alone it stands below', () => {
  expect(standsBelow(30, 200, 400)).toBe(true);
  expect(standsBelow(380, 200, 400)).toBe(false);
  expect(standsBelow(200, undefined, 400)).toBe(true);
});
