/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { scaleLinear } from 'd3';
import { forecastPlan } from '@/core/forecast/forecast';
import { SHAKEN_PLAN } from '../../../tests/support/shaken-plan';
import { planFromFile } from '@/schemas/plan-from-file';
import { UnitsProvider } from '../units-context';
import { ColourField } from './colour-field';
import { WindowBracket } from './field-axis';
import { fieldParts } from './field-parts';
import { sortedFaces } from './paint-field';
import { foodColour } from '../colour/food-colours';

beforeAll(() => {
  globalThis.ResizeObserver = class {
    observe() {}
    unobserve() {}
    disconnect() {}
  };
  HTMLCanvasElement.prototype.getContext = () => null;
});

const plan = planFromFile(SHAKEN_PLAN);
const forecast = forecastPlan(plan, 1, { pieces: 6, cells: 15, step: 6, interval: 30 });

test('the field is read by keyboard, minute by minute, in words and in the chosen units', async () => {
  render(
    <UnitsProvider units="us">
      <ColourField forecast={forecast} parts={fieldParts(plan)} stages={plan.stages} openings={plan.events} />
    </UnitsProvider>,
  );
  const field = screen.getByRole('slider');
  field.focus();
  await userEvent.keyboard('{Home}{ArrowRight}{ArrowRight}');
  expect(field).toHaveAttribute('aria-valuenow', '60');
  expect(field.getAttribute('aria-valuetext')).toMatch(/^1 min · under 100 % · air \d+ °F/);
  expect(screen.getByText('0 % right, 100 % not ready')).toBeInTheDocument();
  expect(screen.getAllByText('shake').length).toBeGreaterThan(0);
});

test('what is read stays the same moment when a finer picture follows a coarse one', async () => {
  const onRead = jest.fn();
  const field = (of: typeof forecast) => (
    <ColourField forecast={of} parts={fieldParts(plan)} stages={plan.stages} openings={plan.events} onRead={onRead} />
  );
  const finer = forecastPlan(plan, 1, { pieces: 6, cells: 15, step: 5, interval: 15 });
  const { rerender } = render(field(forecast));
  screen.getByRole('slider').focus();
  await userEvent.keyboard('{End}');
  const end = screen.getByRole('slider').getAttribute('aria-valuenow');
  rerender(field(finer));
  expect(screen.getByRole('slider')).toHaveAttribute('aria-valuenow', end);
  expect(onRead).toHaveBeenLastCalledWith(Number(end));
});

test('faces are sorted from palest to darkest at every sample', () => {
  for (const sample of [0, 20, 50]) {
    const faces = sortedFaces(forecast.record, sample);
    expect(faces).toHaveLength(12);
    expect([...faces].every((value, i) => i === 0 || value >= faces[i - 1]!)).toBe(true);
  }
});

test('browning darkens the food', () => {
  const lightness = (browning: number) =>
    foodColour(plan.food.ramp, browning)
      .match(/\d+/g)!
      .reduce((sum, n) => sum + Number(n), 0);
  expect(lightness(0)).toBeGreaterThan(lightness(1));
  expect(lightness(1)).toBeGreaterThan(lightness(3));
  expect(foodColour(plan.food.ramp, 99)).toBe(foodColour(plan.food.ramp, 6));
});

test('“now” beside the dial’s number keeps clear of an opening’s word, which comes once there is room', () => {
  const openings = [{ time: 240, action: 'shake' as const }];
  const field = (playhead: number) => (
    <ColourField
      forecast={forecast}
      parts={fieldParts(plan)}
      stages={plan.stages}
      openings={openings}
      playhead={playhead}
    />
  );
  const { rerender } = render(field(60));
  const now = Number(screen.getByText('now').getAttribute('x'));
  expect(now).toBeLessThan(28 + (564 * 240) / ((forecast.record.samples - 1) * forecast.record.interval));
  expect(screen.queryByText('shake')).not.toBeInTheDocument();
  rerender(field(900));
  expect(screen.getByText('shake')).toBeInTheDocument();
});

test.each([
  [900, 2000, 2300, 'right from 33½ to 38½ min', 'end'],
  [900, 300, 500, 'right from 5 to 8½ min', 'start'],
  [330, 1050, 1230, '17½ to 20½ min', 'start'],
  [330, 2000, 2200, 'right from 33½ to 36½ min', 'end'],
])(
  'in a field of %i px the words of its window stand whole where there is room, or are shortened',
  (width, from, to, words, anchor) => {
    const x = scaleLinear([0, 2400], [28, width - 28]);
    render(
      <svg>
        <WindowBracket window={{ ...forecast.window, from, to, held: true }} pull={from} x={x} top={0} />
      </svg>,
    );
    const text = screen.getByText(words);
    expect(text).toHaveAttribute('text-anchor', anchor);
    const at = Number(text.getAttribute('x'));
    const wide = 6 * words.length;
    const [left, right] = anchor === 'end' ? [at - wide, at] : [at, at + wide];
    expect(left).toBeGreaterThan(0);
    expect(right).toBeLessThan(width);
  },
);
