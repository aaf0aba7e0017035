/** @jest-environment jsdom */
jest.mock('next/navigation', () => ({ useRouter: () => ({ push: jest.fn(), refresh: jest.fn() }) }));
jest.mock('@/ui/use-correction', () => ({ useCorrection: () => mockCorrection }));
jest.mock('@/ui/use-forecast', () => ({ useWholeForecast: (document: unknown) => mockForecast(document) }));

import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { STANDARD_RESOLUTION } from '@/core/batch/resolution';
import { forecastPlan } from '@/core/forecast/forecast';
import { FIRST_PLAN } from '@/schemas/first-plan';
import type { PlanFile } from '@/schemas/plan-file';
import { planFromFile } from '@/schemas/plan-from-file';
import { UnitsProvider } from '@/ui/units-context';
import type { Correction } from '@/workers/coach/protocol';
import { batchEvent, pastBatch } from '../../../tests/support/batch';
import { furnishDom } from '../../../tests/support/dom';
import { BatchView } from './[batchId]/_components/batch-view';
import { LogRows } from './_components/log-rows';

const forecast = forecastPlan(planFromFile(FIRST_PLAN), 1, STANDARD_RESOLUTION);
const mockForecast = jest.fn<unknown, [unknown]>(() => ({ forecast, isFull: true, interval: null, failed: false }));

beforeAll(furnishDom);

let mockCorrection: Correction | null = null;

describe('the list', () => {
  test('the likely cause of the difference is told with its evidence, and the batch can be planned again', async () => {
    mockCorrection = {
      interval: { p10: 1000, p50: 1100, p90: 1200 },
      unknowns: { heatTransfer: 0.1, offset: -1.2, power: 0, browning: -0.3 },
      taken: 1,
      advice: null,
    };
    render(<BatchView batch={pastBatch()} fryerId="a" />);
    expect(screen.getByText(/ran about 11 °C below its dial/)).toHaveTextContent(/by the colour when pulled/);
    expect(screen.getByRole('button', { name: 'Plan it again, corrected' })).toBeEnabled();
    mockCorrection = null;
  });

  test('a batch stands by its colours, with what came of it and when it was pulled', async () => {
    render(<LogRows batches={[pastBatch()]} />);
    const row = screen.getByRole('link');
    expect(row).toHaveAttribute('href', '/log/3f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c11');
    expect(row).toHaveTextContent('Floury potato, 10 mm sticks');
    expect(row).toHaveTextContent('Crisp, some differ, wet inside');
    expect(row).toHaveTextContent('to pull after 20 min, pulled after 20 min');
    expect(row).toHaveTextContent('on time');
    const drawer = await within(row).findByRole('img', { name: 'Colours when pulled' });
    const pieces = drawer.querySelectorAll('g[transform]');
    expect(pieces.length).toBeGreaterThan(20);
    expect(pieces.length).toBeLessThanOrEqual(40);
    expect(new Set(Array.from(pieces, (piece) => piece.innerHTML)).size).toBeGreaterThan(5);
  });

  test('a pull that was late by minutes says so', () => {
    render(<LogRows batches={[pastBatch({ events: [batchEvent('loaded', 0), batchEvent('done', 26)] })]} />);
    expect(screen.getByRole('link')).toHaveTextContent('7 min late');
  });

  test.each([
    ['In preparation', []],
    ['In the fryer', [batchEvent('loaded', 0)]],
    ['Outcome not said yet', [batchEvent('loaded', 0), batchEvent('done', 20)]],
  ])('one without an outcome says %s', (words, events) => {
    render(<LogRows batches={[pastBatch({ events, outcome: null, fingerprint: [] })]} />);
    expect(screen.getByRole('link')).toHaveTextContent(words);
    expect(screen.getByRole('link')).toHaveTextContent('no colours yet');
  });
});

describe('a batch', () => {
  test('shows forecast against outcome, and says which way it differed', () => {
    render(<BatchView batch={pastBatch()} />);
    const done = screen.getByRole('row', { name: /^Pull/ });
    expect(done).toHaveTextContent('after 19½ min (80 %: 16–23 min)');
    expect(done).toHaveTextContent('after 20 min');
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
    const asked = mockForecast.mock.calls.at(-1)![0] as PlanFile;
    expect(asked.cook.events).toEqual([{ minute: 7, action: 'shake' }]);
  });

  test('one that was pulled after its stages is drawn to its pull', () => {
    mockForecast.mockClear();
    const late = pastBatch({ events: [batchEvent('loaded', 0), batchEvent('done', 41.5)] });
    const planned = late.document.cook.stages.reduce((sum, { minutes }) => sum + minutes, 0);
    expect(planned).toBeLessThan(41);
    render(<BatchView batch={late} />);
    const asked = mockForecast.mock.calls.at(-1)![0] as PlanFile;
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
    expect(screen.getByRole('link', { name: /go to Cook/ })).toHaveAttribute(
      'href',
      expect.stringMatching(/^\/cook\//),
    );
  });

  test('speaks in the kitchen’s units', () => {
    render(
      <UnitsProvider units="us">
        <BatchView batch={pastBatch()} />
      </UnitsProvider>,
    );
    expect(screen.getByText(/3\/8 in sticks · 17\.6 oz \(500 g\) · soaked 30 min at 59 °F/)).toBeInTheDocument();
  });
});
