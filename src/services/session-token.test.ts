import { issueToken, readToken } from './session-token';

const KITCHEN = '3f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c11';

beforeEach(() => {
  process.env.DRUBEK_SECRET = 'a-secret-of-more-than-sixteen';
});

test('a token is read back, and any change to it is not', () => {
  const token = issueToken(KITCHEN);
  expect(readToken(token)).toBe(KITCHEN);
  expect(readToken(token.replace('3f0c', '4f0c'))).toBeNull();
  expect(readToken(`${token}x`)).toBeNull();
  expect(readToken(`${token}.more`)).toBeNull();
  expect(readToken(KITCHEN)).toBeNull();
  expect(readToken(undefined)).toBeNull();
});

test('a token of another secret is not read', () => {
  const token = issueToken(KITCHEN);
  process.env.DRUBEK_SECRET = 'another-secret-of-some-length';
  expect(readToken(token)).toBeNull();
});

test('a missing secret is a fault of the set-up, not an open door', () => {
  delete process.env.DRUBEK_SECRET;
  expect(() => issueToken(KITCHEN)).toThrow(/DRUBEK_SECRET/);
});
