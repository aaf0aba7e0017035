/** @jest-environment jsdom */
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { eveningRun } from '@/core/evening/evening-run';
import { fryerResource } from '@/editing/evening-problem';
import { evening, FRYER, SERVE, SHOWN } from '../../../../../tests/support/shown-evening';
import { type CookableEvening, LoadInCook, LoadsThatAreOut } from './load-in-cook';
import { loadsOfDish } from './loads-of-dish';

const push = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push }) }));
const mockForecast = { current: null as unknown };
const mockAsked = jest.fn();
jest.mock('@/ui/live-forecast', () => ({
  createLiveForecast: () => ({
    answerAbout: async (document: unknown) => {
      mockAsked(document);
      return { forecast: mockForecast.current };
    },
    end: () => undefined,
  }),
}));

const EVENING = '3f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c99';
const { plan } = evening.dishes[0] as Extract<(typeof evening.dishes)[number], { kind: 'plan' }>;
const shown = {
  ...SHOWN,
  steps: SHOWN.steps.map((step) =>
    step.kind === 'load'
      ? { ...step, uses: [...step.uses, { resource: fryerResource(FRYER.id), from: 0, length: step.length }] }
      : step,
  ),
};
const context: CookableEvening = {
  eveningId: EVENING,
  evening,
  shown,
  run: eveningRun([]),
  plans: { potato: [plan] },
  pictures: {},
  fryerNames: ['Large drawer'],
};
const fetchMock = jest.fn();

beforeEach(() => {
  push.mockReset();
  mockAsked.mockReset();
  mockForecast.current = { pull: { time: 1140 }, inTime: true, window: { held: false }, firstCheck: 1000 };
  fetchMock.mockReset().mockResolvedValue({ ok: true, status: 200, json: async () => ({}) });
  globalThis.fetch = fetchMock;
});

const sent = () => fetchMock.mock.calls.map(([path, { body }]) => [path, JSON.parse(body as string)]);

test('the loads of a dish stand in their fryers, with the moment at which the order has them', () => {
  const loads = loadsOfDish('potato:load-1', evening, shown, context.plans, {});
  expect(loads).toMatchObject([
    { step: 'potato:load-1', fryer: fryerResource(FRYER.id), begin: SERVE - 1_500_000, length: 1200, openings: [] },
  ]);
  expect(loadsOfDish('dip:own-1', evening, shown, context.plans, {})).toEqual([]);
});

test('a load begins in Cook as one batch, however often; the batch says which load of which evening it is', async () => {
  render(<LoadInCook {...context} step="potato:load-1" words="Cook it here" />);
  await userEvent.click(screen.getByRole('button', { name: 'Cook it here' }));
  await waitFor(() => expect(push).toHaveBeenCalled());
  const [[path, body]] = sent() as [[string, { batchId: string }]];
  expect(path).toBe('/api/batches');
  expect(body).toMatchObject({
    fryerName: 'Large drawer',
    beside: true,
    evening: { eveningId: EVENING, step: 'potato:load-1', fryers: fryerResource(FRYER.id) },
  });
  expect(push).toHaveBeenCalledWith(`/cook/${body.batchId}`);
  await userEvent.click(screen.getByRole('button', { name: /Opening|Cook it here/ }));
  expect(new Set(sent().map(([, own]) => (own as { batchId: string }).batchId)).size).toBe(1);
});

test('nothing is forecast before it is asked for; without a forecast nothing begins, and it can be asked again', async () => {
  mockForecast.current = null;
  render(<LoadInCook {...context} step="potato:load-1" words="Cook it here" />);
  expect(mockAsked).not.toHaveBeenCalled();
  await userEvent.click(screen.getByRole('button', { name: 'Cook it here' }));
  expect(mockAsked).toHaveBeenCalledWith(expect.objectContaining({ loads: expect.objectContaining({ current: 1 }) }));
  await waitFor(() => expect(screen.getByRole('button', { name: 'Cook it here' })).toBeEnabled());
  expect(fetchMock).not.toHaveBeenCalled();
});

test('a load that is in Cook already is a link there', () => {
  const run = eveningRun([
    { kind: 'begun', happenedAt: SERVE - 1_500_000, detail: { step: 'potato:load-1', batch: EVENING } },
  ]);
  render(<LoadInCook {...context} run={run} step="potato:load-1" words="Cook it here" />);
  expect(screen.getByRole('link', { name: 'Open in Cook' })).toHaveAttribute('href', `/cook/${EVENING}`);
});

test('a load that came out of Cook leads back to it, to say how it was', () => {
  const run = eveningRun([
    { kind: 'begun', happenedAt: SERVE - 1_500_000, detail: { step: 'potato:load-1', batch: EVENING } },
    { kind: 'done', happenedAt: SERVE - 300_000, detail: { step: 'potato:load-1' } },
  ]);
  render(<LoadsThatAreOut {...context} run={run} />);
  expect(screen.getByRole('link', { name: 'Say how it was' })).toHaveAttribute('href', `/cook/${EVENING}`);
});

test('a load that was only marked goes into the log as it was marked, loaded a minute after filling began', async () => {
  const run = eveningRun([
    { kind: 'begun', happenedAt: SERVE - 1_500_000, detail: { step: 'potato:load-1' } },
    { kind: 'done', happenedAt: SERVE - 300_000, detail: { step: 'potato:load-1' } },
  ]);
  const { rerender } = render(<LoadsThatAreOut {...context} />);
  expect(screen.queryByRole('heading', { name: 'How were they?' })).toBeNull();
  rerender(<LoadsThatAreOut {...context} run={run} />);
  await userEvent.click(screen.getByRole('button', { name: 'Say how it was' }));
  await waitFor(() => expect(push).toHaveBeenCalled());
  expect(sent()[1]![1]).toMatchObject({
    events: [
      { kind: 'loaded', happenedAt: SERVE - 1_440_000 },
      { kind: 'done', happenedAt: SERVE - 300_000 },
    ],
  });
});

test('what the server refuses is said, and can be tried again', async () => {
  fetchMock.mockResolvedValue({ ok: false, status: 429, json: async () => ({ error: 'Too many at once.' }) });
  render(<LoadInCook {...context} step="potato:load-1" words="Cook it here" />);
  await userEvent.click(screen.getByRole('button', { name: 'Cook it here' }));
  await waitFor(() => expect(screen.getByRole('button', { name: 'Cook it here' })).toBeEnabled());
  expect(push).not.toHaveBeenCalled();
});
