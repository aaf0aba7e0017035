/** @jest-environment jsdom */
const mockRouter = { push: jest.fn(), refresh: jest.fn(), replace: jest.fn() };
jest.mock('next/navigation', () => ({ useRouter: () => mockRouter }));
jest.mock('@/ui/send', () => ({ send: (...args: unknown[]) => mockSend(...args) as unknown }));
jest.mock('@/ui/study/study-context', () => ({
  useStudy: () => mockStudy,
  StudyProvider: ({ children }: { children: unknown }) => children,
}));
jest.mock('@/ui/use-forecast', () => ({ useWholeForecast: (document: unknown) => mockForecast(document) }));

import { render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { STANDARD_RESOLUTION } from '@/core/batch/resolution';
import { forecastPlan } from '@/core/forecast/forecast';
import { FIRST_PLAN } from '@/schemas/first-plan';
import type { Outcome } from '@/schemas/batch';
import type { PlanFile } from '@/schemas/plan-file';
import { planFromFile } from '@/schemas/plan-from-file';
import { UnitsProvider } from '@/ui/units-context';
import { batchEvent, pastBatch } from '../../../../../tests/support/batch';
import { furnishDom } from '../../../../../tests/support/dom';
import { createStudyStandIn } from '../../../../../tests/support/study-stand-in';
import { LogRows } from '../../_components/log-rows';
import { BatchView } from './batch-view';

beforeAll(furnishDom);
beforeEach(() => mockSend.mockReset().mockResolvedValue({ kind: 'done' }));

const mockSend = jest.fn();
const mockStudy = createStudyStandIn();
const forecast = forecastPlan(planFromFile(FIRST_PLAN), 1, STANDARD_RESOLUTION);
const mockForecast = jest.fn<unknown, [unknown]>(() => ({ forecast, isFull: true, interval: null, failed: false }));

test('one load of several says which, on its page and in the list', () => {
  const document = { ...FIRST_PLAN, loads: { ...FIRST_PLAN.loads, count: 3, current: 2 } };
  const load = pastBatch({ document });
  const { unmount } = render(<BatchView batch={load} />);
  expect(screen.getByText(/load 2 of 3, in/)).toBeInTheDocument();
  unmount();
  render(<LogRows batches={[load]} />);
  expect(screen.getByText(/load 2 of 3, /)).toBeInTheDocument();
});

test('shows forecast against outcome, and says which way it differed', () => {
  render(<BatchView batch={pastBatch()} />);
  const done = screen.getByRole('row', { name: /^Pull/ });
  /* in whole minutes, as bench and list say it */
  expect(done).toHaveTextContent('after 20 min (80 %: 16–23 min)after 20 min');
  expect(screen.getByText('“Pale heap.”')).toBeInTheDocument();
  expect(screen.getByText('Went wrong: wet inside.')).toBeInTheDocument();
});

test.each([
  [3, 'It came out darker than forecast.'],
  [0.02, 'It came out paler than forecast.'],
])('a colour of %p: %s', (browning, words) => {
  const sample = Math.round(1200 / forecast.record.interval);
  const faces = forecast.record.browning
    .slice(2 * sample * forecast.record.pieces)
    .slice(0, 2 * forecast.record.pieces);
  expect([...faces].sort((a, b) => a - b)[forecast.record.pieces]).toBeGreaterThan(0.25);
  render(<BatchView batch={pastBatch({ outcome: { ...pastBatch().outcome!, browning } })} />);
  expect(screen.getByText(new RegExp(words))).toBeInTheDocument();
});

test('is forecast again with the openings as they happened, not as they were planned', () => {
  mockForecast.mockClear();
  render(<BatchView batch={pastBatch()} />);
  const asked = mockForecast.mock.calls[0]![0] as PlanFile;
  expect(asked.cook.events).toEqual([{ minute: 7, action: 'shake' }]);
});

test('one that was pulled after its stages is drawn to its pull', () => {
  mockForecast.mockClear();
  const late = pastBatch({ events: [batchEvent('loaded', 0), batchEvent('done', 41.5)] });
  const planned = late.document.cook.stages.reduce((sum, { minutes }) => sum + minutes, 0);
  expect(planned).toBeLessThan(41);
  render(<BatchView batch={late} />);
  const asked = mockForecast.mock.calls[0]![0] as PlanFile;
  expect(asked.cook.stages.reduce((sum, { minutes }) => sum + minutes, 0)).toBeCloseTo(41.5, 6);
});

test('what was said can be changed, and left as it was', async () => {
  render(<BatchView batch={pastBatch()} />);
  await userEvent.click(screen.getByRole('button', { name: 'Change what was said' }));
  expect(screen.getByLabelText('Note')).toHaveValue('Pale heap.');
  expect(screen.getByRole('checkbox', { name: 'Wet inside' })).toBeChecked();
  await userEvent.click(screen.getByRole('button', { name: 'Leave it as it was' }));
  expect(screen.getByText('“Pale heap.”')).toBeInTheDocument();
});

test('one that is pulled but not judged asks for its outcome; one under way leads to Cook', () => {
  const pulled = render(<BatchView batch={pastBatch({ outcome: null, fingerprint: [] })} />);
  expect(screen.getByRole('form', { name: 'Outcome' })).toBeInTheDocument();
  pulled.unmount();
  render(<BatchView batch={pastBatch({ outcome: null, fingerprint: [], events: [batchEvent('loaded', 0)] })} />);
  expect(screen.getByRole('link', { name: /go to Cook/ })).toHaveAttribute('href', expect.stringMatching(/^\/cook\//));
});

test('what may have spoilt it is tried on its plan; a question moves it, and its mend becomes a plan', async () => {
  const soggy: Outcome = {
    ...pastBatch().outcome!,
    crispness: 'tender',
    browning: 0.3,
    evenness: 'even',
    faults: [],
  };
  render(<BatchView batch={pastBatch({ outcome: soggy })} fryerId="a" />);
  const causes = await screen.findByRole('tablist', { name: 'Likely causes' });
  const first = within(causes).getAllByRole('tab')[0]!;
  const before = Number(/(\d+) %/.exec(first.textContent ?? '')![1]);
  expect(before).toBeGreaterThan(10);
  expect(screen.getByText(/You said: soggy, pale/)).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: 'Yes' }));
  const shares = within(causes)
    .getAllByRole('tab')
    .map((tab) => Number(/(\d+) %/.exec(tab.textContent ?? '')![1]));
  expect(Math.max(...shares)).toBeGreaterThan(before);
  await userEvent.click(screen.getByRole('button', { name: 'Take back the last answer' }));
  expect(within(causes).getAllByRole('tab')[0]).toHaveTextContent(`${before} %`);
  await userEvent.click(screen.getByRole('button', { name: 'Plan it again, corrected' }));
  expect(mockSend).toHaveBeenCalledWith(
    'PUT',
    expect.stringMatching(/^\/api\/plans\//),
    expect.objectContaining({ fryerId: 'a' }),
  );
});

test('with what is known by now it is planned again, and what is known is said', async () => {
  const learnt = {
    offset_c: -12,
    heat_transfer: 1,
    power: 1,
    browning: 1.1,
    shade: 1,
    firmness: 1,
    softening: 1,
    sugar: 1,
    spread: [0.1, 0, 4, 0, 0, 0.05, 0, 0, 0, 0.3],
    batches: 4,
  };
  render(<BatchView batch={pastBatch()} fryerId="a" again={{ ...pastBatch().document, learnt }} />);
  expect(
    await screen.findByText(/the fryer runs 12 °C cooler than it was taken for; the food browns 10 % faster/),
  ).toBeInTheDocument();
  const plan = await screen.findByRole('button', { name: /with what is known by now/ });
  await waitFor(() => expect(plan).toBeEnabled());
});

test('a rehearsal says that it was one, and that nothing is learnt from it', async () => {
  const real = pastBatch();
  const [first, ...rest] = real.events;
  const detail = { speed: 60, real: first!.happenedAt };
  const rehearsed = { ...first!, id: '5f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c11', kind: 'rehearsed', detail } as const;
  render(<BatchView batch={{ ...real, events: [rehearsed, first!, ...rest] }} fryerId="a" />);
  expect(screen.getByText(/, a rehearsal$/)).toBeInTheDocument();
  expect(await screen.findByText(/^Nothing is learnt from a rehearsal\. So next time:/)).toBeInTheDocument();
  expect(screen.queryByRole('button', { name: 'Do not learn from it' })).toBeNull();
});

test('a batch is left out, judged anew or deleted by a tap', async () => {
  render(<BatchView batch={pastBatch()} />);
  await userEvent.click(screen.getByRole('button', { name: 'Do not learn from it' }));
  expect(mockSend).toHaveBeenLastCalledWith('PUT', expect.stringMatching(/\/place$/), { leftOut: true });
  await userEvent.click(screen.getByRole('radio', { name: 'Not again' }));
  expect(mockSend).toHaveBeenLastCalledWith(
    'PUT',
    expect.stringMatching(/\/outcome$/),
    expect.objectContaining({ next: 'not-again', note: 'Pale heap.' }),
  );
  await userEvent.click(screen.getByRole('button', { name: 'Delete' }));
  expect(mockSend).toHaveBeenLastCalledWith('PUT', expect.stringMatching(/\/place$/), { removed: true });
  expect(mockRouter.push).toHaveBeenLastCalledWith(expect.stringMatching(/^\/log\?removed=/));
});

test('speaks in the kitchen’s units', () => {
  render(
    <UnitsProvider units="us">
      <BatchView batch={pastBatch()} />
    </UnitsProvider>,
  );
  expect(screen.getByText(/3\/8 in sticks · 17\.6 oz \(500 g\) · soaked 30 min at 59 °F/)).toBeInTheDocument();
});
