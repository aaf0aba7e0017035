/** @jest-environment jsdom */
const mockPush = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push: mockPush }) }));
const mockSend = jest.fn();
jest.mock('@/ui/send', () => ({ send: (...args: unknown[]) => mockSend(...args) }));
const mockNotify = jest.fn();
jest.mock('@/ui/notify', () => ({ notifyError: (words: string) => mockNotify(words) }));

import { act, render, renderHook, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { forecastPlan } from '@/core/forecast/forecast';
import { FIRST_PLAN } from '@/schemas/first-plan';
import { planFromFile } from '@/schemas/plan-from-file';
import type { LiveForecastStore } from '@/ui/live-forecast';
import { FryerBusy } from './fryer-busy';
import { useBeginBatch } from './use-begin-batch';

const forecast = forecastPlan(planFromFile(FIRST_PLAN));
const liveWith = (answer: object) =>
  ({ answerAbout: async () => answer }) as Partial<LiveForecastStore> as LiveForecastStore;
const begun = (answer: object = { forecast, interval: null, failed: false }) =>
  renderHook(() => useBeginBatch(liveWith(answer), 'Large drawer')).result;
const BUSY = {
  code: 'fryer-busy',
  batchId: '3f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c11',
  name: 'Kohlrabi chips',
  loadedAt: new Date(2026, 10, 26, 18, 40).getTime(),
} as const;

beforeEach(() => [mockPush, mockSend, mockNotify].forEach((mock) => mock.mockReset()));

test('a batch begins with the forecast of the very plan, once, however often it is tapped', async () => {
  mockSend.mockResolvedValue({ kind: 'done' });
  const result = begun();
  /* a plan may still be followed by its openings when it is begun */
  const settled = Promise.resolve(FIRST_PLAN);
  await act(() => Promise.all([result.current.begin(settled), result.current.begin(settled)]));
  expect(mockSend).toHaveBeenCalledTimes(1);
  const [, , body] = mockSend.mock.lastCall!;
  expect(body).toMatchObject({ fryerName: 'Large drawer', beside: false });
  expect(body.forecast.done_min).toBeCloseTo(forecast.pull.time / 60, 1);
  expect(mockPush).toHaveBeenCalledWith(`/cook/${body.batchId}`);
});

test('a taken fryer is asked about, and what is meant all the same goes through', async () => {
  mockSend.mockResolvedValueOnce({ kind: 'refused', error: 'busy', answer: { ...BUSY, faults: [] } });
  const result = begun();
  await act(() => result.current.begin(FIRST_PLAN));
  expect(result.current.busy).toMatchObject(BUSY);
  expect(mockNotify).not.toHaveBeenCalled();
  const [begin, leaveIt] = [jest.fn(), jest.fn()];
  render(<FryerBusy busy={BUSY} begin={begin} leaveIt={leaveIt} />);
  expect(screen.getByRole('dialog')).toHaveTextContent('“Kohlrabi chips” has been in it since 18:40');
  expect(screen.getByRole('link', { name: 'Go to that run' })).toHaveAttribute('href', `/cook/${BUSY.batchId}`);
  await userEvent.click(screen.getByRole('button', { name: 'Begin it all the same' }));
  await userEvent.keyboard('{Escape}');
  expect([begin.mock.calls.length, leaveIt.mock.calls.length]).toEqual([1, 1]);
  mockSend.mockResolvedValueOnce({ kind: 'done' });
  await act(() => result.current.begin(FIRST_PLAN, true));
  expect(mockSend.mock.lastCall![2].beside).toBe(true);
  expect(mockPush).toHaveBeenCalledTimes(1);
});

test.each([
  ['no forecast', { forecast: null, interval: null, failed: true }, undefined, /it has no forecast/],
  ['a server that is away', undefined, { kind: 'away', error: 'The server cannot be reached.' }, /cannot be reached/],
  ['another refusal', undefined, { kind: 'refused', error: 'Too large.', answer: {} }, /Too large/],
])('%s is said, and it can be tried again', async (_, answer, sent, words) => {
  mockSend.mockResolvedValue(sent);
  const result = begun(answer);
  await act(() => result.current.begin(FIRST_PLAN));
  expect(mockNotify).toHaveBeenLastCalledWith(expect.stringMatching(words));
  expect([result.current.beginning, result.current.busy]).toEqual([false, null]);
  await act(() => result.current.begin(FIRST_PLAN));
  expect(mockNotify).toHaveBeenCalledTimes(2);
});
