import type { BatchEvent } from '@/core/run/batch-event';
import { emptyOutbox } from './empty-outbox';
import type { EventQueue, SetAside } from './event-queue';

const BATCH = '3f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c11';
const fetchMock = jest.fn();

function queueOf(count: number) {
  const waiting: BatchEvent[] = Array.from({ length: count }, (_, i) => ({
    id: `00000000-0000-4000-8000-${String(i).padStart(12, '0')}`,
    kind: 'shaken',
    happenedAt: 1_700_000_000_000 + i,
    detail: {},
  }));
  const aside: SetAside[] = [];
  const queue: EventQueue = {
    lasts: true,
    waiting: async () => waiting.filter(({ id }) => !aside.some(({ event }) => event.id === id)),
    setAside: async () => aside,
    batches: async () => [BATCH],
    placeOf: async () => 'here',
    sendAgain: async (ids) =>
      ids.forEach((id) => aside.splice(0, aside.length, ...aside.filter(({ event }) => event.id !== id))),
    keep: async (_, event) => void waiting.push(event),
    refuse: async (id, why) => void aside.push({ event: waiting.find((event) => event.id === id)!, why }),
    forget: async (ids) =>
      ids.forEach((id) =>
        waiting.splice(
          waiting.findIndex((event) => event.id === id),
          1,
        ),
      ),
  };
  return { queue, waiting, aside };
}
const eventsIn = (call: unknown[]) =>
  (JSON.parse((call[1] as { body: string }).body) as { events: BatchEvent[] }).events;

beforeEach(() => {
  fetchMock.mockReset().mockResolvedValue({ ok: true, json: async () => ({ ok: true, refused: [] }) });
  globalThis.fetch = fetchMock;
});

test('a thousand answers go in pieces that the server takes, in their order', async () => {
  const { queue, waiting } = queueOf(1000);
  const order = waiting.map(({ id }) => id);
  expect(await emptyOutbox(queue, BATCH)).toBe('empty');
  expect(waiting).toHaveLength(0);
  const sent = fetchMock.mock.calls.map(eventsIn);
  expect(sent.flat().map(({ id }) => id)).toEqual(order);
  for (const piece of sent) expect(piece.length).toBeLessThanOrEqual(100);
  for (const [, { body }] of fetchMock.mock.calls as [string, { body: string }][])
    expect(body.length).toBeLessThan(60_000);
});

test('one that is refused is set aside with its reason; the rest goes on', async () => {
  const { queue, waiting, aside } = queueOf(5);
  const odd = waiting[2]!.id;
  fetchMock.mockResolvedValue({
    ok: true,
    json: async () => ({ ok: true, refused: [{ id: odd, error: 'kind: unknown' }] }),
  });
  expect(await emptyOutbox(queue, BATCH)).toBe('empty');
  expect(aside).toMatchObject([{ event: { id: odd }, why: 'kind: unknown' }]);
  expect(waiting.map(({ id }) => id)).toEqual([odd]);
});

test('refused as a whole, they are sent one by one, so that only what is wrong stays behind', async () => {
  const { queue, waiting, aside } = queueOf(4);
  const odd = waiting[1]!.id;
  fetchMock.mockImplementation(async (...call: unknown[]) =>
    eventsIn(call).some(({ id }) => id === odd)
      ? { ok: false, status: 422, json: async () => ({ error: 'no such kind' }) }
      : { ok: true, json: async () => ({ ok: true }) },
  );
  expect(await emptyOutbox(queue, BATCH)).toBe('empty');
  expect(aside.map(({ why }) => why)).toEqual(['no such kind']);
  expect(waiting.map(({ id }) => id)).toEqual([odd]);
});

test('a server that is away leaves everything where it is; two at once send once', async () => {
  const { queue, waiting } = queueOf(3);
  fetchMock.mockResolvedValue({ ok: false, status: 503, json: async () => ({ error: 'away' }) });
  expect(await emptyOutbox(queue, BATCH)).toBe('away');
  expect(waiting).toHaveLength(3);
  fetchMock.mockReset().mockResolvedValue({ ok: true, json: async () => ({ ok: true }) });
  await Promise.all([emptyOutbox(queue, BATCH), emptyOutbox(queue, BATCH)]);
  expect(fetchMock).toHaveBeenCalledTimes(1);
});

test('what comes in while the outbox is being emptied goes along before it is said to be empty', async () => {
  const { queue, waiting } = queueOf(1);
  const late: BatchEvent = { ...waiting[0]!, id: '00000000-0000-4000-8000-999999999999' };
  const first = emptyOutbox(queue, BATCH);
  await queue.keep(BATCH, late, 'here');
  await Promise.all([first, emptyOutbox(queue, BATCH)]);
  expect(fetchMock.mock.calls.flatMap(eventsIn).map(({ id }) => id)).toContain(late.id);
  expect(waiting).toHaveLength(0);
});

test.each([
  [401, { error: 'This browser has no kitchen yet.' }],
  [403, { error: 'Only an owner may.' }],
  [404, { error: 'There is no such thing in this kitchen.' }],
  [409, { error: 'This page is of another kitchen.', code: 'other-session' }],
])(
  'a whole request that is answered with %i means not now: all is kept, and goes once it is the time',
  async (status, answer) => {
    const { queue, waiting, aside } = queueOf(30);
    fetchMock.mockResolvedValue({ ok: false, status, json: async () => answer });
    expect(await emptyOutbox(queue, BATCH)).toBe('away');
    expect([waiting.length, aside.length]).toEqual([30, 0]);
    fetchMock.mockResolvedValue({ ok: true, json: async () => ({ ok: true }) });
    expect(await emptyOutbox(queue, BATCH)).toBe('empty');
    expect(waiting).toHaveLength(0);
    const { headers } = fetchMock.mock.calls.at(-1)![1] as { headers: Record<string, string> };
    expect(headers['x-drubek-place']).toBe('here');
  },
);
