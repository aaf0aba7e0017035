/** @jest-environment jsdom */
const mockRefresh = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push: jest.fn(), refresh: mockRefresh }) }));
jest.mock('@/ui/use-forecast', () => ({ useWholeForecast: () => ({ forecast: null }) }));
const mockSend = jest.fn();
jest.mock('@/ui/send', () => ({ send: (...args: unknown[]) => mockSend(...args) }));
const mockNotify = jest.fn();
jest.mock('@/ui/notify', () => ({
  notify: (words: string) => mockNotify(words),
  notifyError: (words: string) => mockNotify(words),
}));

import { act, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { clearRun, noteRun } from '@/ui/run-board';
import { batchEvent, LOADED_AT, pastBatch } from '../../../../tests/support/batch';
import { furnishDom } from '../../../../tests/support/dom';
import { PutAwayList } from './put-away-list';
import { RunsList } from './runs-list';

const user = userEvent.setup({ advanceTimers: jest.advanceTimersByTime });
/** Taps and lets what follows from the answer happen. */
async function tap(name: string) {
  await user.click(screen.getByRole('button', { name }));
  await act(async () => jest.advanceTimersByTime(10));
}
const underWay = (events: Parameters<typeof pastBatch>[0] = {}) => pastBatch({ outcome: null, ...events });

beforeAll(furnishDom);
beforeEach(() => {
  jest.useFakeTimers();
  [mockSend, mockRefresh, mockNotify].forEach((mock) => mock.mockReset());
  mockSend.mockResolvedValue({ kind: 'done' });
});
afterEach(() => jest.useRealTimers());

function show(batch = underWay({ events: [batchEvent('loaded', 0)] }), minute = 4) {
  jest.setSystemTime(LOADED_AT + minute * 60_000);
  return render(<RunsList batches={[batch]} openedAt={LOADED_AT + minute * 60_000} />);
}

test('a run says what is next as it was planned, and counts down', () => {
  show();
  const timer = screen.getByRole('timer');
  expect(timer).toHaveTextContent(/^Shake in\d+:\d\d$/);
  const before = timer.textContent;
  act(() => void jest.advanceTimersByTime(3000));
  expect(timer.textContent).not.toBe(before);
});

test('what this device has corrected goes before what was planned; late by minutes it says how many', () => {
  const batch = underWay({ events: [batchEvent('loaded', 0)] });
  noteRun({ batchId: batch.id, name: 'x', verb: 'Pull', dueAt: LOADED_AT + 5 * 60_000, speed: 1 });
  show(batch);
  expect(screen.getByRole('timer')).toHaveTextContent('Pull in1:00');
  act(() => void jest.advanceTimersByTime(13 * 60_000));
  expect(screen.getByRole('timer')).toHaveTextContent('12 min ago');
  act(() => clearRun(batch.id));
});

test('one in preparation says which step comes, one with all steps done that it can be loaded', () => {
  const batch = underWay({ events: [] });
  const { unmount } = show(batch, -30);
  expect(screen.getByRole('link')).toHaveTextContent(/in preparation.*Next: soak/);
  unmount();
  const steps = Array.from({ length: 12 }, (_, step) => batchEvent('prep-done', -20 + step / 100, { step }));
  show(underWay({ events: steps }), -5);
  expect(screen.getByRole('link')).toHaveTextContent('Ready to load');
});

test('a run is put away by an event and taken out by undoing that event; a refusal changes nothing', async () => {
  const batch = underWay({ events: [batchEvent('loaded', 0)] });
  const { unmount } = show(batch);
  mockSend.mockResolvedValueOnce({ kind: 'away', error: 'The server cannot be reached.' });
  await tap('Put away');
  expect(mockNotify).toHaveBeenLastCalledWith('It could not be put away. The server cannot be reached.');
  expect(mockRefresh).not.toHaveBeenCalled();
  await tap('Put away');
  const [method, path, body] = mockSend.mock.lastCall!;
  expect([method, path]).toEqual(['POST', `/api/batches/${batch.id}/events`]);
  expect(body.events).toMatchObject([{ kind: 'put-away', detail: {} }]);
  expect(mockRefresh).toHaveBeenCalledTimes(1);
  unmount();
  const away = batchEvent('put-away', 6);
  render(<PutAwayList batches={[{ ...batch, events: [...batch.events, away] }]} />);
  await tap('Take it out again');
  expect(mockSend.mock.lastCall![2].events).toMatchObject([{ kind: 'undone', detail: { event: away.id } }]);
  expect(mockRefresh).toHaveBeenCalledTimes(2);
});
