/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import { evening, VIEW } from '../../../../../tests/support/shown-evening';
import { useArranged } from './use-arranged';

type Asked = { report: (done: number, of: number) => void; answer: (view: unknown) => void; fail: () => void };
const mockAsked: Asked[] = [];
jest.mock('@/workers/evening/client', () => ({
  createEveningPlanner: () => ({
    arrange: (_question: unknown, report: Asked['report']) =>
      new Promise((answer, fail) => mockAsked.push({ report, answer, fail: () => fail(new Error('gone')) })),
    end: () => undefined,
  }),
}));

beforeEach(() => {
  jest.useFakeTimers();
  mockAsked.length = 0;
});
afterEach(() => jest.useRealTimers());

const clock = (real: number) => real;
const plans = {};
const paces = {};
const told: never[] = [];
const arranged = () =>
  renderHook(({ tick }) => useArranged(evening, plans, paces, told, tick, clock), { initialProps: { tick: 0 } });
const rest = () => act(() => jest.advanceTimersByTimeAsync(200));

test('says how far it is once that takes long, then shows the answer; word of how far it was that comes after the answer is not shown', async () => {
  const { result } = arranged();
  await rest();
  act(() => mockAsked[0]!.report(1, 2));
  expect(result.current.working).toBeNull();
  await act(() => jest.advanceTimersByTimeAsync(600));
  expect(result.current).toMatchObject({ view: null, working: { done: 1, of: 2 }, isCurrent: false });
  await act(async () => mockAsked[0]!.answer(VIEW));
  expect(result.current).toMatchObject({ view: VIEW, working: null, isCurrent: true });
  act(() => mockAsked[0]!.report(2, 2));
  expect(result.current.working).toBeNull();
});

test('an answer that was overtaken is not shown; a worker that fails says so, is asked again after a while, and the next answer mends it', async () => {
  const { result, rerender } = arranged();
  await rest();
  rerender({ tick: 1 });
  await rest();
  await act(async () => mockAsked[0]!.answer({ ...VIEW, orders: 1 }));
  expect(result.current.view).toBeNull();
  await act(async () => mockAsked[1]!.fail());
  expect(result.current).toMatchObject({ view: null, failed: true, working: null });
  rerender({ tick: 2 });
  await rest();
  await act(async () => mockAsked[2]!.answer(VIEW));
  expect(result.current).toMatchObject({ view: VIEW, failed: false });
  rerender({ tick: 3 });
  await rest();
  await act(async () => mockAsked[3]!.fail());
  expect(mockAsked).toHaveLength(4);
  await act(() => jest.advanceTimersByTimeAsync(10_000));
  await act(async () => mockAsked[4]!.answer({ ...VIEW, orders: 7 }));
  expect(result.current).toMatchObject({ view: { orders: 7 }, failed: false });
});
