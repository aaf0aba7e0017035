/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import { UnitsProvider } from '@/ui/units-context';
import { ForecastSheet } from './forecast-sheet';
import userEvent from '@testing-library/user-event';
import { ServingLine } from './serving-line';

const stretches = { before: 1200, atFryer: 960, after: 120 };
const show = (clock: string, given: typeof stretches | null = stretches, units: 'metric' | 'us' = 'metric') => {
  jest.useFakeTimers({ now: new Date(`2026-11-26T${clock}:00`) });
  render(
    <UnitsProvider units={units}>
      <ServingLine stretches={given} serveAt="19:00" onServeAt={jest.fn()} bar />
    </UnitsProvider>,
  );
  jest.useRealTimers();
};

test('start and way are said, clock times on plates and stretches in minutes', () => {
  show('17:00');
  expect(screen.getByText(/^Start by/)).toHaveTextContent('Start by 18:22');
  expect(screen.getByText('before the fryer: 20 min')).toBeInTheDocument();
  expect(screen.getByText('fryer: 16 min')).toBeInTheDocument();
  expect(screen.getByText('to the table: 2 min')).toBeInTheDocument();
  expect(screen.queryByRole('status')).toBeNull();
});

test('too late is said with the time at which it would be ready, by the kitchen’s clock', () => {
  show('18:40', stretches, 'us');
  expect(screen.getByRole('status')).toHaveTextContent('Too late for 7:00 pm: begun now, it is ready at 7:18 pm.');
});

test('without a moment to pull there is no start time and no way', () => {
  show('18:40', null);
  expect(screen.getByText(/^Start by/)).toHaveTextContent('Start by …');
  expect(screen.queryByText(/before the fryer/)).toBeNull();
});

test('on a phone the forecast is drawn only while its sheet is open, which takes the focus and closes by Escape', async () => {
  const onClose = jest.fn();
  const sheet = (opened: boolean, narrow = true) => (
    <ForecastSheet narrow={narrow} opened={opened} back="Cut" onClose={onClose}>
      <p>forecast</p>
    </ForecastSheet>
  );
  const { rerender } = render(sheet(false));
  expect(screen.queryByText('forecast')).toBeNull();
  rerender(sheet(true));
  expect(screen.getByText('forecast')).toBeInTheDocument();
  expect(screen.getByRole('button', { name: 'Back to Cut' })).toHaveFocus();
  await userEvent.keyboard('{Escape}');
  expect(onClose).toHaveBeenCalledTimes(1);
  rerender(sheet(false, false));
  expect(screen.getByText('forecast')).toBeInTheDocument();
  await userEvent.keyboard('{Escape}');
  expect(onClose).toHaveBeenCalledTimes(1);
});
