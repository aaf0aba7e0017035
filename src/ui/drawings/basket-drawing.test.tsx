/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import { forecastPlan } from '../../core/forecast/forecast';
import { FIRST_PLAN } from '../../schemas/first-plan';
import { planFromFile } from '../../schemas/plan-from-file';
import { BasketDrawing } from './basket-drawing';

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
  /* raw, all look alike */
  const early = show(0, true);
  expect(screen.queryByText('darkest')).toBeNull();
  early.unmount();
  const late = show(record.samples - 1, true);
  expect(late.container.innerHTML).not.toBe(raw);
  expect(screen.getByText('darkest')).toBeInTheDocument();
  expect(screen.getByText('palest')).toBeInTheDocument();
});
