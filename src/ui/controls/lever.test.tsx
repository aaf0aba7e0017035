/** @jest-environment jsdom */
import { fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
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

test('dragged away and back it is let go too, once', () => {
  /* jsdom knows no pointers */
  window.PointerEvent = MouseEvent as unknown as typeof PointerEvent;
  Object.assign(HTMLElement.prototype, {
    setPointerCapture: jest.fn(),
    releasePointerCapture: jest.fn(),
    hasPointerCapture: () => true,
    getBoundingClientRect: () => ({ left: 0, width: 210 }),
  });
  function Held() {
    const [value, setValue] = useState(10);
    const limits = [4, 25] as const;
    return <Lever label="Thickness" {...{ value, limits, step: 1, unit: 'mm', onRelease }} onMove={setValue} />;
  }
  const onRelease = jest.fn();
  render(<Held />);
  const slider = screen.getByRole('slider');
  fireEvent.pointerDown(slider, { clientX: 60 });
  for (const clientX of [100, 60]) fireEvent.pointerMove(slider, { clientX });
  fireEvent.pointerUp(slider, { clientX: 60 });
  expect(onRelease).not.toHaveBeenCalled();
  fireEvent.lostPointerCapture(slider);
  fireEvent.lostPointerCapture(slider);
  expect(onRelease.mock.calls).toEqual([[10]]);
});
