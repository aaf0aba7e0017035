/** @jest-environment jsdom */
jest.mock('next/navigation', () => ({ useRouter: () => ({ push: jest.fn(), refresh: jest.fn() }) }));
jest.mock('@/ui/use-forecast', () => ({
  useForecast: (document: PlanFile, _: boolean, unknowns: Unknowns) => ({
    ...mockLive,
    question: mockQuestionOf(document, unknowns),
  }),
  useWholeForecast: () => mockLive,
}));
jest.mock('@/ui/use-correction', () => ({ useCorrection: () => mockCorrection }));
jest.mock('@/ui/study/study-context', () => ({
  StudyProvider: ({ children }: { children: React.ReactNode }) => children,
  useStudy: () => null,
}));
const mockDevices = { answer: false, states: null, faults: null, ask: jest.fn() };
jest.mock('@/ui/devices/use-devices', () => ({ useDevices: () => mockDevices }));
/* as the browser's own store: it outlives a page */
const mockKept = new Map<string, unknown>();
const mockAside: { event: unknown; why: string }[] = [];
jest.mock('@/ui/outbox/event-queue', () => ({
  openQueue: async () => ({
    lasts: true,
    waiting: async () => [...mockKept.values()].filter((event) => !mockAside.some((one) => one.event === event)),
    setAside: async () => [...mockAside],
    placeOf: async () => null,
    sendAgain: async () => void mockAside.splice(0),
    refuse: async (id: string, why: string) => void mockAside.push({ event: mockKept.get(id), why }),
    keep: async (_: string, event: { id: string }) => void mockKept.set(event.id, event),
    forget: async (ids: string[]) =>
      ids.forEach((id) => {
        const at = mockAside.findIndex((one) => (one.event as { id: string }).id === id);
        if (at >= 0) mockAside.splice(at, 1);
        mockKept.delete(id);
      }),
  }),
}));

import { act, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { BatchEvent } from '@/core/run/batch-event';
import { STANDARD_RESOLUTION } from '@/core/batch/resolution';
import { forecastPlan } from '@/core/forecast/forecast';
import { SHAKEN_PLAN } from '../../../../../tests/support/shaken-plan';
import { planFromFile } from '@/schemas/plan-from-file';
import type { Unknowns } from '@/core/forecast/unknowns';
import type { PlanFile } from '@/schemas/plan-file';
import { type LiveForecast, questionOf as mockQuestionOf } from '@/ui/live-forecast';
import type { Correction } from '@/workers/coach/protocol';
import { batchEvent, LOADED_AT, pastBatch } from '../../../../../tests/support/batch';
import { furnishDom } from '../../../../../tests/support/dom';
import { CookRun } from './cook-run';

let mockCorrection: Correction | null = null;
const mockLive: LiveForecast = {
  forecast: forecastPlan(planFromFile(SHAKEN_PLAN), 1, STANDARD_RESOLUTION),
  isFull: true,
  interval: null,
  failed: false,
  question: '',
};
const fetchMock = jest.fn();
const user = userEvent.setup({ advanceTimers: jest.advanceTimersByTime });

beforeAll(furnishDom);

beforeEach(() => {
  jest.useFakeTimers();
  jest.setSystemTime(LOADED_AT);
  localStorage.clear();
  mockKept.clear();
  mockAside.length = 0;
  fetchMock.mockReset().mockResolvedValue({ ok: true, json: async () => ({ ok: true }) });
  globalThis.fetch = fetchMock;
  let serial = 0;
  crypto.randomUUID = () => `00000000-0000-4000-8000-${String(serial++).padStart(12, '0')}`;
});

afterEach(() => jest.useRealTimers());

async function open(events = pastBatch().events) {
  const batch = pastBatch({ events, outcome: null });
  const view = render(<CookRun batch={batch} openedAt={Date.now()} />);
  await settle(300);
  return { batch, view };
}
/** Lets timers and what waits for the server go on. */
const settle = (ms = 50) => act(async () => jest.advanceTimersByTimeAsync(ms).then(() => undefined));
const sentEvents = () =>
  fetchMock.mock.calls.flatMap(
    ([, request]) => (JSON.parse((request as { body: string }).body) as { events: BatchEvent[] }).events,
  );
const sent = () => sentEvents().map(({ kind }) => kind);

test('preparation: every step with its time, timers from the clock, done when said', async () => {
  await open([]);
  expect(screen.getAllByRole('timer').map((timer) => timer.getAttribute('aria-label'))).toEqual([
    'Soak in water of 15 °C: 30:00',
    'Pat dry with a towel: 3:00',
    'Turn in oil in a bowl until all shine: 1:00',
    'Preheat the empty fryer to 195 °C: 4:00',
  ]);
  await user.click(screen.getAllByRole('button', { name: 'Start' })[0]!);
  jest.setSystemTime(LOADED_AT + 20 * 60_000);
  await settle(300);
  expect(screen.getByRole('timer', { name: /Soak.*: (10:00|9:59)/ })).toBeInTheDocument();
  await user.click(screen.getAllByRole('button', { name: 'Done' })[0]!);
  /* ten minutes short of the plan: asked whether that is to count */
  expect(screen.getByRole('textbox', { name: /It took/ })).toHaveValue('20');
  await user.click(screen.getByRole('button', { name: 'Count that' }));
  expect(screen.getByRole('timer', { name: /Soak.*: done/ })).toHaveTextContent(', took 20 min');
  expect(sent()).toEqual(['prep-begun', 'prep-took', 'prep-done']);
  await user.keyboard('k');
  await settle();
  expect(screen.getByRole('timer', { name: /Pat dry.*: done/ })).toHaveTextContent(', left out');
});

test('the run: what to do next, its countdown, the dial; answers by key are sent once', async () => {
  await open([batchEvent('loaded', 0)]);
  expect(screen.getByText('Shake')).toBeInTheDocument();
  expect(screen.getByRole('timer')).toHaveTextContent(/in7:00|in6:59/);
  expect(screen.getAllByText('195 °C').length).toBeGreaterThan(0);
  jest.setSystemTime(LOADED_AT + 7 * 60_000 + 5000);
  await settle(300);
  expect(screen.getByRole('timer')).toHaveTextContent(/now 0:0\d ago/);
  await user.keyboard('s');
  await settle();
  expect(screen.getByRole('timer')).toHaveTextContent(/in4:5\d/);
  expect(sent()).toEqual(['shaken']);
  await user.keyboard('{Control>}d{/Control}');
  await settle();
  expect(sent()).toEqual(['shaken']);
});

test('what cannot be sent is kept, said, and sent when the server is back', async () => {
  await open([batchEvent('loaded', 0)]);
  fetchMock.mockRejectedValue(new Error('away'));
  await user.keyboard('s');
  await user.keyboard('o');
  await settle();
  await settle();
  expect(screen.getByText(/2 kept on this device/)).toBeInTheDocument();
  fetchMock.mockReset().mockResolvedValue({ ok: true, json: async () => ({ ok: true }) });
  await settle(3100);
  expect(sent()).toEqual(['shaken', 'drawer-open']);
  expect(screen.queryByText(/kept on this device/)).not.toBeInTheDocument();
});

test('what an earlier page kept belongs to the run', async () => {
  const first = await open([batchEvent('loaded', 0)]);
  fetchMock.mockRejectedValue(new Error('away'));
  await user.keyboard('d');
  await settle();
  first.view.unmount();
  await open([batchEvent('loaded', 0)]);
  expect(screen.getByRole('heading', { name: 'How did it come out?' })).toBeInTheDocument();
});

test('an answer that the server refuses is set aside with its reason, and can be sent again or left out', async () => {
  await open([batchEvent('loaded', 0)]);
  const no = { ok: false, status: 422, json: async () => ({ error: 'There is no such kind.' }) };
  const yes = { ok: true, json: async () => ({ ok: true }) };
  fetchMock.mockResolvedValue(no);
  await user.keyboard('s');
  await settle();
  expect(screen.getByText(/Shaken was refused by the server: There is no such kind/)).toBeInTheDocument();
  fetchMock.mockResolvedValue(yes);
  await user.keyboard('o');
  await settle();
  expect(sent()).toEqual(['shaken', 'drawer-open']);
  await user.click(screen.getByRole('button', { name: 'Send again' }));
  await settle();
  expect(screen.queryByText(/was refused by the server/)).not.toBeInTheDocument();
  expect(sent()).toEqual(['shaken', 'drawer-open', 'shaken']);
  fetchMock.mockResolvedValue(no);
  await user.keyboard('s');
  await settle();
  await user.click(screen.getByRole('button', { name: 'Leave it out' }));
  await settle();
  expect(screen.queryByText(/was refused by the server/)).not.toBeInTheDocument();
});

test('an answer told while this browser is in another kitchen is kept, not set aside', async () => {
  await open([batchEvent('loaded', 0)]);
  fetchMock.mockResolvedValue({ ok: false, status: 404, json: async () => ({ error: 'There is no such batch.' }) });
  await user.keyboard('s');
  await settle();
  expect(screen.queryByText(/was refused by the server/)).not.toBeInTheDocument();
  expect(screen.getByText(/1 kept on this device/)).toBeInTheDocument();
});

test('the last tap can be taken back, and says what it was', async () => {
  await open([batchEvent('loaded', 0)]);
  await user.click(screen.getByRole('button', { name: 'Take back: loaded' }));
  expect(screen.getByRole('button', { name: 'The basket is in: start' })).toBeInTheDocument();
});

test('past the moment to pull it says so until it is done, later by every minute added', async () => {
  const done = mockLive.forecast!.pull.time;
  await open([batchEvent('loaded', 0)]);
  jest.setSystemTime(LOADED_AT + (done + 30) * 1000);
  await settle(300);
  expect(screen.getByText('Pull')).toBeInTheDocument();
  expect(screen.getByRole('timer')).toHaveTextContent(/now/);
  await user.keyboard('m');
  await settle();
  expect(screen.getByRole('timer')).toHaveTextContent(/in/);
  await user.keyboard('d');
  await settle();
  expect(screen.getByRole('heading', { name: 'How did it come out?' })).toBeInTheDocument();
  /* what was called, not what the cook added to it */
  expect(sentEvents().find(({ kind }) => kind === 'done')!.detail).toEqual({ called: Math.round(done) });
});

test('what the cook sees, bends and weighs is recorded with what was shown', async () => {
  await open([batchEvent('loaded', 0)]);
  jest.setSystemTime(LOADED_AT + 14 * 60_000);
  await settle(300);
  await user.keyboard('1');
  await user.click(screen.getByRole('button', { name: 'Crisper' }));
  await user.type(screen.getByLabelText(/Weigh the pieces/), '320');
  await user.click(screen.getByRole('button', { name: 'Weighed' }));
  await settle();
  expect(sent()).toEqual(['looked', 'bent', 'weighed']);
  const [looked, bent, weighed] = sentEvents();
  expect(looked!.detail).toMatchObject({ look: 'paler', shown: expect.any(Number) });
  expect(bent!.detail).toMatchObject({ bite: 'crisper' });
  expect(weighed!.detail).toEqual({ grams: 320 });
});

test('a weight that cannot be is not taken', async () => {
  await open([batchEvent('loaded', 0)]);
  await user.type(screen.getByLabelText(/Weigh the pieces/), '3200');
  expect(screen.getByRole('button', { name: 'Weighed' })).toBeDisabled();
});

test('what was learnt is said, and a turn of the dial that is advised can be taken', async () => {
  mockCorrection = {
    interval: { p10: 1080, p50: 1140, p90: 1200 },
    unknowns: { heatTransfer: 0, offset: 0, power: 0, browning: 1 },
    taken: 2,
    advice: { kind: 'dial', by: -15, gain: 0.2, reason: 'colour-ahead' },
  };
  const looked = (minute: number) => batchEvent('looked', minute, { look: 'darker', shown: 0.4 });
  await open([batchEvent('loaded', 0), looked(6), looked(8)]);
  const said = screen.getByText(
    /After 2 answers and readings: pull after about \d+ min, most likely between 18 and 20 min/,
  );
  /* the moment is the run's own, which the field has under its bracket */
  const [, minute] = /about (\d+) min/.exec(said.textContent)!;
  expect(screen.getAllByText(minute!).length).toBeGreaterThan(0);
  await user.click(screen.getByRole('button', { name: 'Turned to 180 °C' }));
  await settle();
  expect(sent()).toEqual(['dial-turned']);
  mockCorrection = null;
});
