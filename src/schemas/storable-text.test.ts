import { cutText, unstorableText } from './storable-text';

test('NUL and half pairs are found wherever they stand, ordinary text of any script is not', () => {
  expect(unstorableText({ name: 'Kohlrabi 🥔 „dünn“', list: ['a', { b: null }] })).toBeNull();
  expect(unstorableText({ a: { b: ['x', 'y\u0000'] } })).toBe('a.b.1');
  expect(unstorableText({ a: '\ud83e' })).toBe('a');
  expect(unstorableText({ 'k\u0000': 1 })).toBe('the request');
  let deep: unknown = 'end\u0000';
  for (let n = 0; n < 50_000; n++) deep = [deep];
  expect(unstorableText(deep)).not.toBeNull();
});

test('a text is cut between characters, not within one', () => {
  expect(cutText('potato', 10)).toBe('potato');
  expect(cutText('🥔🥔🥔', 3)).toBe('🥔');
  expect(cutText('a👨‍👩‍👧b', 6)).toBe('a');
  expect(cutText('x'.repeat(200), 110)).toHaveLength(110);
});
