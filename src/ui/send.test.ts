import { PATIENCE, send } from './send';

const fetchMock = jest.fn();
beforeEach(() => {
  fetchMock.mockReset();
  globalThis.fetch = fetchMock;
});
afterEach(() => jest.restoreAllMocks());

test('a server that never answers counts as away, a large body being given longer', async () => {
  const until: number[] = [];
  jest.spyOn(AbortSignal, 'timeout').mockImplementation((milliseconds) => {
    until.push(milliseconds);
    return AbortSignal.abort();
  });
  fetchMock.mockImplementation(async (_: string, { signal }: RequestInit) => {
    signal!.throwIfAborted();
  });
  expect(await send('PUT', '/api/plans/1', { name: 'sticks' })).toMatchObject({ kind: 'away' });
  await send('POST', '/api/photos', 'x'.repeat(400_000));
  expect(until[0]).toBeCloseTo(PATIENCE, -2);
  expect(until[1]).toBeGreaterThanOrEqual(PATIENCE + 20_000);
});

test('how long it waits is a number that a browser takes, whatever the length of the body', async () => {
  fetchMock.mockResolvedValue({ ok: true, json: async () => ({ revision: 2 }) });
  for (let length = 0; length < 40; length++) {
    expect(await send('POST', '/x', 'y'.repeat(length))).toEqual({ kind: 'done', answer: { revision: 2 } });
  }
});
