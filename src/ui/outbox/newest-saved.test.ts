/** @jest-environment jsdom */
import { rememberSaved, savedSince } from './newest-saved';

afterEach(() => localStorage.clear());

test('what was stored last is known, and only where the page is older', () => {
  rememberSaved('a', 3, { dishes: 1 });
  rememberSaved('a', 4, { dishes: 2 });
  expect(savedSince('a', 3)).toMatchObject({ revision: 4, document: { dishes: 2 } });
  expect(savedSince('a', 4)).toBeNull();
  expect(savedSince('b', 0)).toBeNull();
});

test('only the newest dozen are remembered, and what cannot be read is none', () => {
  for (let n = 0; n < 14; n++) rememberSaved(`plan ${n}`, 1, {});
  expect(savedSince('plan 1', 0)).toBeNull();
  expect(savedSince('plan 13', 0)).not.toBeNull();
  localStorage.setItem('drubek.saved', '{"not": "a list"}');
  expect(savedSince('plan 13', 0)).toBeNull();
  rememberSaved('plan 13', 2, {});
  expect(savedSince('plan 13', 1)).toMatchObject({ revision: 2 });
});
