import { NextRequest } from 'next/server';
import { proxy } from './proxy';

function ask(method: string, path: string, headers: Record<string, string> = {}) {
  return proxy(
    new NextRequest(`http://127.0.0.1:3210${path}`, { method, headers: { host: '127.0.0.1:3210', ...headers } }),
  );
}
const COOKIE = { cookie: 'drubek_session=anything' };

test.each([
  ['another site', { origin: 'http://elsewhere.example' }, 403],
  ['another port of this machine', { origin: 'http://127.0.0.1:9999' }, 403],
  ['an origin that is no address', { origin: 'null' }, 403],
  ['nobody, without a word from the browser', {}, 403],
  ['nobody, but said to be of this page', { 'sec-fetch-site': 'same-origin' }, 200],
  ['this very address', { origin: 'http://127.0.0.1:3210' }, 200],
])('a change that comes from %s', (_, headers, status) => {
  for (const method of ['POST', 'PUT', 'DELETE']) {
    expect(ask(method, '/api/batches', { ...COOKIE, ...headers }).status).toBe(status);
  }
});

test('reading is never refused for its origin', () => {
  expect(ask('GET', '/log', { ...COOKIE, origin: 'http://elsewhere.example' }).status).toBe(200);
});

test('a browser without a kitchen is sent to the door and back to where it wanted to go', () => {
  const response = ask('GET', '/log/abc?x=1');
  expect(response.status).toBe(307);
  const to = new URL(response.headers.get('location')!);
  expect(to.pathname).toBe('/enter');
  expect(to.searchParams.get('next')).toBe('/log/abc?x=1');
  for (const path of ['/enter', '/unavailable', '/api/health']) expect(ask('GET', path).status).toBe(200);
});

test('a damaged path, or a name that is not the app’s, is refused before anything else', () => {
  expect(ask('GET', '/log/%ff', COOKIE).status).toBe(400);
  expect(ask('GET', '/', { ...COOKIE, host: 'rebound.example' }).status).toBe(421);
  for (const host of ['localhost:3210', '192.168.1.7:3210', '[::1]:3210']) {
    expect(ask('GET', '/', { ...COOKIE, host }).status).toBe(200);
  }
  process.env.DRUBEK_HOSTS = 'fries.example, other.example';
  expect(ask('GET', '/', { ...COOKIE, host: 'fries.example' }).status).toBe(200);
  delete process.env.DRUBEK_HOSTS;
});

test('a device to which only a run was lent gets no further than Cook', () => {
  const lent = { cookie: 'drubek_run=anything' };
  expect(ask('GET', '/cook/3f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c11', lent).status).toBe(200);
  for (const path of ['/', '/log', '/kitchen', '/plans']) expect(ask('GET', path, lent).status).toBe(307);
});

test('every page has a policy with its own nonce, and no script from elsewhere', () => {
  const policies = [ask('GET', '/', COOKIE), ask('GET', '/', COOKIE)].map((response) =>
    response.headers.get('content-security-policy')!,
  );
  const nonces = policies.map((policy) => /'nonce-([0-9a-f]{32})'/.exec(policy)![1]);
  expect(nonces[0]).not.toBe(nonces[1]);
  expect(policies[0]).toContain("object-src 'none'");
  expect(policies[0]).toContain("frame-ancestors 'none'");
  expect(policies[0]).not.toContain('unsafe-eval');
});

test('of three hundred views at once one visitor has some, in words; what is asked of the routes is not counted', () => {
  const visitor = { cookie: 'drubek_session=busy', 'x-forwarded-for': '203.0.113.9' };
  const clock = jest.spyOn(Date, 'now').mockReturnValue(1_800_000_000_000);
  const answers = Array.from({ length: 300 }, () => ask('GET', '/log', visitor).status);
  expect(answers.filter((status) => status === 200)).toHaveLength(60);
  expect(answers.filter((status) => status === 429)).toHaveLength(240);
  expect(ask('GET', '/api/health', visitor).status).toBe(200);
  clock.mockRestore();
});
