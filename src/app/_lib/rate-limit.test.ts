import { mayRequest } from './rate-limit';

test('a burst is allowed, more is refused, and the allowance comes back with time', () => {
  const start = 1_000_000;
  const allowed = Array.from({ length: 200 }, () => mayRequest('kitchen-a', start)).filter(Boolean).length;
  expect(allowed).toBe(120);
  expect(mayRequest('kitchen-a', start)).toBe(false);
  expect(mayRequest('kitchen-b', start)).toBe(true);
  expect(mayRequest('kitchen-a', start + 1000)).toBe(true);
});
