import { safePath } from './safe-path';

test('only a path of this app may be gone on to', () => {
  expect(safePath('/plans?a=1#b')).toBe('/plans?a=1#b');
  for (const odd of [
    null,
    '',
    'plans',
    '//elsewhere.example',
    '/\\elsewhere.example',
    '/\t/elsewhere.example',
    '/\n/elsewhere.example',
    'https://elsewhere.example/',
    'javascript:alert(1)',
    '/..//elsewhere.example',
    '/enter?next=/enter',
    '/%',
  ]) {
    const path = safePath(odd);
    expect(new URL(path, 'http://app.invalid').host).toBe('app.invalid');
    expect(path.startsWith('//')).toBe(false);
    expect(path.startsWith('/enter')).toBe(false);
  }
});
