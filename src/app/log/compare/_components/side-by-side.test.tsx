/** @jest-environment jsdom */
const mockRouter = { push: jest.fn(), refresh: jest.fn(), replace: jest.fn() };
jest.mock('next/navigation', () => ({ useRouter: () => mockRouter }));
jest.mock('@/ui/study/study-context', () => ({
  useStudy: () => mockStudy,
  StudyProvider: ({ children }: { children: unknown }) => children,
}));
jest.mock('@/ui/use-forecast', () => ({ useWholeForecast: (document: unknown) => mockForecast(document) }));

import { render, screen } from '@testing-library/react';
import { STANDARD_RESOLUTION } from '@/core/batch/resolution';
import { forecastPlan } from '@/core/forecast/forecast';
import { FIRST_PLAN } from '@/schemas/first-plan';
import { planFromFile } from '@/schemas/plan-from-file';
import { batchEvent, pastBatch } from '../../../../../tests/support/batch';
import { furnishDom } from '../../../../../tests/support/dom';
import { createStudyStandIn } from '../../../../../tests/support/study-stand-in';
import { SideBySide } from './side-by-side';

beforeAll(furnishDom);
const mockStudy = createStudyStandIn();
const forecast = forecastPlan(planFromFile(FIRST_PLAN), 1, STANDARD_RESOLUTION);
const mockForecast = jest.fn<unknown, [unknown]>(() => ({ forecast, isFull: true, interval: null, failed: false }));

test('what differs is told, what makes it in minutes, and what no plan explains', async () => {
  const heavier = pastBatch({
    id: '3f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c12',
    document: { ...pastBatch().document, name: 'Heavier', mass_g: 1000 },
    events: [batchEvent('loaded', 0), batchEvent('shaken', 7), batchEvent('done', 29)],
  });
  render(<SideBySide batches={[pastBatch(), heavier]} />);
  const row = screen.getByRole('row', { name: /^Load/ });
  expect(row).toHaveTextContent('500 g');
  expect(row).toHaveTextContent('1000 g');
  const why = await screen.findByText('the amount');
  expect(why.parentElement).toHaveTextContent(/min later/);
});
