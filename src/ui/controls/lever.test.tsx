/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Lever } from './lever';

beforeAll(() => {
  globalThis.ResizeObserver = class {
    observe() {}
    unobserve() {}
    disconnect() {}
  };
});

function renderLever() {
  const onMove = jest.fn();
  const onRelease = jest.fn();
  render(
    <Lever label="Thickness" value={10} limits={[4, 25]} step={0.5} unit="mm" onMove={onMove} onRelease={onRelease} />,
  );
  return { onMove, onRelease, field: screen.getByRole('textbox') };
}

test('a typed number beyond the limits is clamped, and that is said', async () => {
  const { onRelease, field } = renderLever();
  await userEvent.clear(field);
  await userEvent.type(field, '80{Enter}');
  expect(onRelease).toHaveBeenCalledWith(25);
  expect(screen.getByRole('status')).toHaveTextContent('80 mm is beyond what works here; set to 25 mm.');
});

test('a decimal comma is understood; what is no number changes nothing', async () => {
  const { onRelease, field } = renderLever();
  await userEvent.clear(field);
  await userEvent.type(field, '8,5{Enter}');
  expect(onRelease).toHaveBeenCalledWith(8.5);
  await userEvent.clear(field);
  await userEvent.type(field, 'thick{Enter}');
  expect(onRelease).toHaveBeenCalledTimes(1);
  expect(screen.getByRole('status')).toHaveTextContent('kept at 10 mm');
});

test('arrow keys on the slider move and release by one step', async () => {
  const { onMove, onRelease } = renderLever();
  screen.getByRole('slider').focus();
  await userEvent.keyboard('{ArrowRight}');
  expect(onMove).toHaveBeenCalledWith(10.5);
  expect(onRelease).toHaveBeenCalledWith(10.5);
});
