/** @jest-environment jsdom */
const mockPush = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push: mockPush, refresh: jest.fn() }) }));
jest.mock('@/ui/use-forecast', () => ({
  useForecast: () => mockLive,
  useWholeForecast: () => mockLive,
  useNewest: (store: { read: () => unknown }) => store.read(),
}));
jest.mock('@/ui/study/study-context', () => ({
  useStudy: () => mockStudy,
  useOutcomes: (documents: PlanFile[]) => documents.map((document) => mockOutcome(document)),
}));
const mockSend = jest.fn();
jest.mock('@/ui/send', () => ({ send: (...args: unknown[]) => mockSend(...args) }));
const mockSaveFile = jest.fn();
jest.mock('@/ui/save-file', () => ({
  ...jest.requireActual('@/ui/save-file'),
  saveFile: (...args: unknown[]) => mockSaveFile(...args),
}));
const mockNotify = jest.fn();
jest.mock('@/ui/notify', () => ({
  notify: (words: string) => mockNotify(words),
  notifyError: (words: string) => mockNotify(words),
}));

import { act, render, renderHook, screen } from '@testing-library/react';
import { planOutcome } from '../../../tests/support/outcome';
import { furnishDom } from '../../../tests/support/dom';
import userEvent from '@testing-library/user-event';
import { STANDARD_RESOLUTION } from '@/core/batch/resolution';
import { type Forecast, forecastPlan } from '@/core/forecast/forecast';
import { FIRST_PLAN } from '@/schemas/first-plan';
import type { PlanFile } from '@/schemas/plan-file';
import { planFromFile } from '@/schemas/plan-from-file';
import { unpackPlan } from '@/schemas/plan-link';
import { type LiveForecastStore, questionOf } from '@/ui/live-forecast';
import { ComparePanel } from './compare-panel';
import { fieldMarks } from './field-marks';
import { ForecastStrip } from './forecast-strip';
import { HelpSheet } from './help-sheet';
import { PlanMenu } from './plan-menu';
import { PlanName } from './plan-name';
import { SensitivityList } from './sensitivity-list';
import { useBenchKeys } from './use-bench-keys';

const plan = planFromFile(FIRST_PLAN);
const forecast = forecastPlan(plan, 1, STANDARD_RESOLUTION);
const mockLive = { forecast, isFull: true, interval: null, failed: false };
const liveWith = (newest: Forecast) =>
  ({ read: () => ({ ...mockLive, forecast: newest }) }) as Partial<LiveForecastStore> as LiveForecastStore;
const mockStudy = {
  sensitivity: (_document: PlanFile, onAnswer: (found: unknown[]) => void) => {
    onAnswer([
      { factor: 'film', by: 0.05, pullShift: 60, peakShift: 0, weight: 1 },
      { factor: 'thermostat', by: -10, pullShift: 180, peakShift: -0.1, weight: 4 },
      { factor: 'load', by: 0.2, pullShift: null, peakShift: -0.2, weight: 22 },
      { factor: 'sugar', by: -0.4, pullShift: 10, peakShift: 0, weight: 0.2 },
    ]);
    return jest.fn();
  },
};
const mockOutcome = (document: PlanFile) => planOutcome({ pullTime: 1200 + document.mass_g / 10 });

beforeAll(furnishDom);
beforeEach(() => {
  mockSend.mockReset().mockResolvedValue({ kind: 'done' });
  mockSaveFile.mockReset();
  mockNotify.mockReset();
  mockPush.mockReset();
});

test('a plan is renamed by writing over its name; Escape and blanks change nothing', async () => {
  const onRename = jest.fn();
  render(<PlanName name="Sticks" onRename={onRename} />);
  const field = screen.getByLabelText('Name of the plan');
  await userEvent.clear(field);
  await userEvent.type(field, 'Friday{Enter}');
  expect(onRename).toHaveBeenCalledWith('Friday');
  await userEvent.clear(field);
  await userEvent.type(field, '   {Enter}');
  await userEvent.type(field, 'x{Escape}');
  expect(onRename).toHaveBeenCalledTimes(1);
  expect(field).toHaveValue('Sticks');
});

const mockStore = jest.fn();
beforeEach(() => mockStore.mockReset().mockResolvedValue(true));

async function choose(item: string) {
  const user = userEvent.setup();
  render(
    <PlanMenu
      planId="p1"
      store={mockStore}
      readPlan={() => ({ document: FIRST_PLAN, plan })}
      live={liveWith({ ...forecast, pull: { time: 1170, share: 1 }, inTime: true })}
      serveAt="19:00"
    />,
  );
  await user.click(screen.getByRole('button', { name: 'This plan' }));
  await user.click(await screen.findByRole('menuitem', { name: item }));
  return user;
}

test('a plan that was never touched is stored before a version of it is kept', async () => {
  await choose('Keep as a version');
  expect(mockStore).toHaveBeenCalledTimes(1);
  expect(mockSend.mock.calls.map(([method, path]) => `${method} ${path}`)).toEqual(['POST /api/plans/p1/versions']);
  expect(mockNotify).toHaveBeenCalledWith('Kept as a version');
});

test('when it cannot be stored nothing is opened, and that is said', async () => {
  mockStore.mockResolvedValue(false);
  await choose('Prep card, to print');
  expect(mockPush).not.toHaveBeenCalled();
  expect(mockNotify).toHaveBeenCalledWith('The plan could not be stored yet; it is still here. Try again in a moment.');
});

test('the prep card opens for the plan that was stored', async () => {
  await choose('Prep card, to print');
  expect(mockPush).toHaveBeenCalledWith('/plans/p1/card');
});

test('the link that is copied carries the whole plan', async () => {
  const user = await choose('Copy a link to it');
  await screen.findByText(/This plan/);
  await act(async () => {});
  void user;
  const link = await navigator.clipboard.readText();
  expect(unpackPlan(link.split('#p=')[1]!)).toEqual({ document: FIRST_PLAN });
});

test.each([
  ['Save as plan file', 'potato-sticks.plan.json', 'application/json'],
  ['Save as recipe (JSON-LD)', 'potato-sticks.recipe.jsonld', 'application/ld+json'],
])('%s hands over %s', async (item, name, type) => {
  await choose(item);
  await act(async () => {});
  expect(mockSaveFile).toHaveBeenCalledWith(name, expect.stringContaining('drubek.plan'), type);
});

test('the keys of the bench act, but not while something is typed or with Ctrl', async () => {
  const keys = { choose: jest.fn(), pin: jest.fn(), cook: jest.fn(), help: jest.fn() };
  renderHook(() => useBenchKeys(keys));
  render(<input aria-label="a number" />);
  await userEvent.keyboard('1-p?c');
  expect(keys.choose.mock.calls).toEqual([['produce'], ['rest']]);
  expect([keys.pin, keys.help, keys.cook].map((key) => key.mock.calls.length)).toEqual([1, 1, 1]);
  await userEvent.type(screen.getByLabelText('a number'), '3pc');
  await userEvent.keyboard('{Control>}p{/Control}');
  expect(keys.choose).toHaveBeenCalledTimes(2);
  expect(keys.pin).toHaveBeenCalledTimes(1);
});

test('the help sheet lists the keys and closes', async () => {
  const onOpenChange = jest.fn();
  render(<HelpSheet open onOpenChange={onOpenChange} />);
  expect(screen.getByText('pin this plan, or unpin it')).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: 'Close' }));
  expect(onOpenChange).toHaveBeenCalledWith(false);
});

test('two plans beside each other: where they differ and what that does', async () => {
  const swap = jest.fn();
  render(
    <ComparePanel
      pinned={FIRST_PLAN}
      document={{ ...FIRST_PLAN, mass_g: 900 }}
      swap={swap}
      fryerId="f"
      unpin={jest.fn()}
    />,
  );
  expect(screen.getByRole('row', { name: 'Load 500 g 900 g' })).toBeInTheDocument();
  expect(screen.getByRole('status')).toHaveTextContent('The bench against the pinned plan: ½ min later.');
  await userEvent.click(screen.getByRole('button', { name: 'Swap' }));
  expect(swap).toHaveBeenCalled();
});

test('the three heaviest slips are shown, heaviest first', async () => {
  jest.useFakeTimers();
  render(<SensitivityList document={FIRST_PLAN} />);
  expect(screen.getByText(/Trying what may slip/)).toBeInTheDocument();
  expect(screen.queryByRole('list')).toBeNull();
  act(() => void jest.advanceTimersByTime(1000));
  jest.useRealTimers();
  const items = screen.getAllByRole('listitem').map((item) => item.textContent);
  expect(items).toHaveLength(3);
  expect(items[0]).toMatch(/^20 % more in the basket: not done in time/);
  expect(items[1]).toMatch(/^A fryer that runs 10 °C cool: 3 min later/);
});

test('marks on the field are the openings and the edges between stages', () => {
  const two: PlanFile = {
    ...FIRST_PLAN,
    cook: {
      stages: [
        { minutes: 8, temperature_c: 160 },
        { minutes: 20, temperature_c: 200 },
      ],
      events: [{ minute: 6, action: 'shake' }],
    },
  };
  const release = jest.fn();
  let newest: PlanFile = two;
  const marks = fieldMarks(two, 'metric', () => newest, jest.fn(), release);
  expect(marks.map(({ word, at }) => [word, at])).toEqual([
    ['Shake', 360],
    ['End of stage 1', 480],
  ]);
  marks[1]!.onRelease(600);
  expect(release.mock.calls[0][0].cook.stages.map((stage: { minutes: number }) => stage.minutes)).toEqual([10, 18]);
  /* what was set since the marks were drawn is not lost */
  newest = { ...two, mass_g: 350 };
  marks[0]!.onRelease(300);
  expect(release.mock.calls[1][0]).toMatchObject({ mass_g: 350, cook: { events: [{ minute: 5 }] } });
});

test('the strip at the foot says the forecast in short, opens the whole of it, and begins the cook', async () => {
  const [onOpen, onCook] = [jest.fn(), jest.fn()];
  const answer = { ...mockLive, interval: { p10: 900, p50: 1200, p90: 1500 }, question: questionOf(FIRST_PLAN) };
  const live = { read: () => answer } as Partial<LiveForecastStore> as LiveForecastStore;
  const strip = (document: PlanFile, pending: boolean) => (
    <ForecastStrip {...{ live, document, pending, plan, onOpen, onCook }} cooking={false} />
  );
  const { rerender } = render(strip(FIRST_PLAN, true));
  /* the range is a sign that the moment stays */
  expect(screen.queryByText('(15–25)')).not.toBeInTheDocument();
  rerender(strip({ ...FIRST_PLAN, mass_g: 600 }, false));
  expect(screen.queryByText('(15–25)')).not.toBeInTheDocument();
  rerender(strip(FIRST_PLAN, false));
  expect(screen.getByText('(15–25)')).toBeVisible();
  expect(screen.getByRole('heading')).toHaveTextContent(/^Pull after about \d+ min/);
  expect(screen.getByText(/of \d+ right$/)).toHaveTextContent(/^(not opened|shake )/);
  await userEvent.click(screen.getByRole('button', { name: 'Open the whole forecast' }));
  await userEvent.click(screen.getByRole('button', { name: 'Cook this' }));
  expect([onOpen.mock.calls.length, onCook.mock.calls.length]).toEqual([1, 1]);
});
