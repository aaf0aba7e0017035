/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import { REAL_TIME } from '@/core/run/shown-clock';
import { useTellDue } from './use-tell-due';

const EVENING = { id: '3f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c99', step: 'chips:load-1' };
const LOADED = 1_780_000_000_000;
const at = (seconds: number) => LOADED + seconds * 1000;
const fetchMock = jest.fn();

beforeEach(() => {
  jest.useFakeTimers();
  fetchMock.mockReset().mockResolvedValue({ ok: true, status: 200, json: async () => ({}) });
  globalThis.fetch = fetchMock;
});

afterEach(() => jest.useRealTimers());

const rest = (ms: number) => act(() => jest.advanceTimersByTimeAsync(ms));
const due = (evening: typeof EVENING | null = EVENING, clock = REAL_TIME) =>
  renderHook(({ pull }) => useTellDue(evening, { clock, loadedAt: LOADED }, at(pull)), {
    initialProps: { pull: 1140 },
  });
const told = () => fetchMock.mock.calls.map(([, { body }]) => JSON.parse(body as string).events[0].detail);

test('the evening is told when Cook opens, and again once the pull has moved by enough for other hands', async () => {
  const { rerender } = due();
  await rest(3000);
  rerender({ pull: 1155 });
  await rest(3000);
  expect(told()).toEqual([{ step: 'chips:load-1', at: at(1140) }]);
  rerender({ pull: 1290 });
  await rest(3000);
  expect(told().at(-1)).toEqual({ step: 'chips:load-1', at: at(1290) });
  rerender({ pull: 1300 });
  await rest(3000);
  expect(told()).toHaveLength(2);
});

test('a pull that is back where it was planned is told too, also on a later visit', async () => {
  const first = due();
  first.rerender({ pull: 1290 });
  await rest(3000);
  first.unmount();
  due();
  await rest(3000);
  expect(told().at(-1)).toEqual({ step: 'chips:load-1', at: at(1140) });
});

test('what cannot be sent is sent again', async () => {
  fetchMock.mockRejectedValueOnce(new TypeError('away'));
  const { rerender } = due();
  rerender({ pull: 1290 });
  await rest(2000);
  await rest(11_000);
  expect(told()).toEqual([
    { step: 'chips:load-1', at: at(1290) },
    { step: 'chips:load-1', at: at(1290) },
  ]);
});

test('what moved back, or moved on while it could not be sent, is not told later on', async () => {
  const { rerender, unmount } = due();
  await rest(3000);
  rerender({ pull: 1290 });
  rerender({ pull: 1142 });
  fetchMock.mockRejectedValueOnce(new TypeError('away'));
  rerender({ pull: 1400 });
  await rest(2000);
  rerender({ pull: 1500 });
  await rest(20_000);
  unmount();
  await rest(20_000);
  expect(told().map((detail) => detail.at)).toEqual([1140, 1400, 1500].map(at));
});

test('moved back before the page is left, nothing is told', async () => {
  const { rerender, unmount } = due();
  await rest(3000);
  rerender({ pull: 1290 });
  rerender({ pull: 1142 });
  unmount();
  await rest(20_000);
  expect(told()).toHaveLength(1);
});

test('neither a batch on its own nor a rehearsal tells anything', async () => {
  due(null).rerender({ pull: 1500 });
  due(EVENING, { ...REAL_TIME, speed: 60 }).rerender({ pull: 1500 });
  await rest(5000);
  expect(fetchMock).not.toHaveBeenCalled();
});

test('who leaves the page at once has told it all the same', async () => {
  const { rerender, unmount } = due();
  rerender({ pull: 1290 });
  unmount();
  await rest(0);
  expect(told()).toEqual([{ step: 'chips:load-1', at: at(1290) }]);
  expect(fetchMock.mock.calls[0]![1]).toMatchObject({ keepalive: true });
});
