const mockSession = jest.fn();
jest.mock('./session', () => ({ currentSession: () => mockSession() }));
const mockMay = jest.fn();
jest.mock('@/services/limits', () => ({ mayRequest: (...asked: unknown[]) => mockMay(...asked) }));

import { z } from 'zod';
import { LENT, PLACE_HEADER, placeKey } from '@/schemas/place-key';
import { fail, succeed, type Failure } from '@/services/result';
import { answerChange } from './answer';

const schema = z.strictObject({ grams: z.number().max(10) });
const request = (body: string, headers: Record<string, string> = {}) =>
  new Request('http://127.0.0.1/api/x', { method: 'POST', body, headers });
let kitchen = 0;

beforeEach(() => {
  /* a kitchen of its own for every test, so that no allowance is shared */
  kitchen++;
  mockSession.mockResolvedValue(succeed({ kitchenId: `kitchen-${kitchen}`, role: 'cook', batchId: null }));
  mockMay.mockReset().mockResolvedValue(true);
});

async function answer(body: string, work = jest.fn().mockResolvedValue(succeed(null)), headers = {}) {
  const response = await answerChange(request(body, headers), schema, work);
  return { status: response.status, body: (await response.json()) as { error?: string; ok?: boolean }, work };
}

test('what is right is handed on with its kitchen, once', async () => {
  const { status, body, work } = await answer('{"grams": 3}');
  expect(status).toBe(200);
  expect(body).toEqual({ ok: true });
  expect(work).toHaveBeenCalledTimes(1);
  expect(work).toHaveBeenCalledWith(
    `kitchen-${kitchen}`,
    { grams: 3 },
    expect.objectContaining({ role: 'cook', batchId: null }),
  );
});

test.each([
  ['no JSON', '{', 400, /not JSON/],
  ['a limit passed', '{"grams": 30}', 422, /^grams: must be 10 at most$/],
  ['a field unknown', '{"grams": 3, "litres": 1}', 422, /litres: is not a field/],
  ['nothing at all', '', 400, /not JSON/],
  ['too much', JSON.stringify({ grams: 1, filler: 'x'.repeat(70_000) }), 413, /larger than 64 kB/],
])('%s is refused in words, and nothing is done', async (_, text, expected, words) => {
  const { status, body, work } = await answer(text);
  expect(status).toBe(expected);
  expect(body.error).toMatch(words);
  expect(work).not.toHaveBeenCalled();
});

test('a length that is only claimed is refused before reading', async () => {
  const { status } = await answer('{}', undefined, { 'content-length': '99999999' });
  expect(status).toBe(413);
});

test('without a kitchen nothing is done', async () => {
  mockSession.mockResolvedValue(fail({ code: 'not-found' }));
  const { status, work } = await answer('{"grams": 3}');
  expect(status).toBe(401);
  expect(work).not.toHaveBeenCalled();
});

test.each<[Failure['code'], number]>([
  ['database-away', 503],
  ['not-found', 404],
  ['unknown-fryer', 422],
  ['other-kitchen', 409],
])('the failure %s is answered with %i and a sentence', async (code, expected) => {
  const { status, body } = await answer('{"grams": 3}', jest.fn().mockResolvedValue(fail({ code } as Failure)));
  expect(status).toBe(expected);
  expect(body.error).toMatch(/\.$/);
});

test('a flood from one kitchen is slowed down', async () => {
  mockMay.mockResolvedValue(false);
  const { status, work } = await answer('{"grams": 3}');
  expect(status).toBe(429);
  expect(work).not.toHaveBeenCalled();
  expect(mockMay).toHaveBeenCalledWith('change', `kitchen-${kitchen}`);
});

test('what only an owner may do is refused to a cook', async () => {
  const work = jest.fn().mockResolvedValue(succeed(null));
  const ask = () => answerChange(request('{"grams": 3}'), schema, work, { role: 'owner' });
  expect((await ask()).status).toBe(403);
  mockSession.mockResolvedValue(succeed({ kitchenId: 'k', role: 'owner', batchId: null }));
  expect((await ask()).status).toBe(200);
  expect(work).toHaveBeenCalledTimes(1);
});

test('text that no database keeps is named, and a database that is away is told from a browser without a kitchen', async () => {
  const { status, body } = await answer('{"grams": 3, "note": "a\\u0000b"}');
  expect(status).toBe(422);
  expect(body.error).toMatch(/^note: contains a character/);
  mockSession.mockResolvedValue(fail({ code: 'database-away' }));
  expect((await answer('{"grams": 3}')).status).toBe(503);
});

test('a page of another kitchen than the session changes nothing; one of this kitchen, or that does not say, does', async () => {
  const own = { [PLACE_HEADER]: placeKey(`kitchen-${kitchen}`) };
  expect((await answer('{"grams": 3}', undefined, own)).status).toBe(200);
  const { status, body, work } = await answer('{"grams": 3}', undefined, { [PLACE_HEADER]: placeKey('another') });
  expect([status, body]).toMatchObject([409, { code: 'other-session' }]);
  expect(work).not.toHaveBeenCalled();
  expect((await answer('{"grams": 3}', undefined, { [PLACE_HEADER]: LENT })).status).toBe(409);
  mockSession.mockResolvedValue(succeed({ kitchenId: 'k', role: 'follower', batchId: 'b' }));
  expect((await answer('{"grams": 3}', undefined, { [PLACE_HEADER]: LENT })).status).toBe(200);
});
