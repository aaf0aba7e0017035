/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import { forecastPlan } from '../../core/forecast/forecast';
import { FIRST_PLAN } from '../../schemas/first-plan';
import { planFromFile } from '../../schemas/plan-from-file';
import { BasketDrawing, browningOf } from './basket-drawing';

test('a drawn piece follows a piece of its own food, never one that is added later', () => {
  const record = {
    pieces: 4,
    part: Uint8Array.of(0, 0, 1, 1),
    browning: Float32Array.of(0.2, 0.3, 0.8, 0.9, 9, 9, 9, 9),
  };
  const seen = [0, 0.4, 0.6, 0.99].map((follows) => browningOf(record, 0, follows));
  expect(seen.map((value) => Number(value.toFixed(1)))).toEqual([0.2, 0.2, 0.8, 0.8]);
});

test('the drawer holds the pieces of the load, browner later, and names palest and darkest only when asked', () => {
  const plan = planFromFile({ ...FIRST_PLAN, mass_g: 200 });
  const { record } = forecastPlan(plan, 1);
  const show = (sample: number, ringed: boolean) =>
    render(<BasketDrawing plan={plan} record={record} sample={sample} label="The basket" ringed={ringed} />);
  const { container, unmount } = show(0, false);
  expect(screen.getByRole('img', { name: 'The basket' })).toBeInTheDocument();
  expect(screen.queryByText('darkest')).toBeNull();
  const raw = container.innerHTML;
  const pieces = container.querySelectorAll('g[transform]').length;
  expect(pieces).toBeGreaterThan(15);
  unmount();
  const late = show(record.samples - 1, true);
  expect(late.container.innerHTML).not.toBe(raw);
  expect(screen.getByText('darkest')).toBeInTheDocument();
  expect(screen.getByText('palest')).toBeInTheDocument();
});
