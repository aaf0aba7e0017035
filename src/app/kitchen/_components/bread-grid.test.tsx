/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { BreadGrid } from './bread-grid';

function Grid({ told }: { told: (shades: readonly (number | null)[]) => void }) {
  const [shades, setShades] = useState<(number | null)[]>(new Array(9).fill(null));
  return (
    <BreadGrid
      shades={shades}
      onChange={(next) => {
        setShades(next);
        told(next);
      }}
    />
  );
}

test('the marked slice gets the shade that is tapped and the next is marked; any can be marked and taken back', async () => {
  const told = jest.fn();
  render(<Grid told={told} />);
  await userEvent.click(screen.getByRole('button', { name: 'amber' }));
  await userEvent.click(screen.getByRole('button', { name: 'gold' }));
  expect(told).toHaveBeenLastCalledWith([1.4, 0.85, ...new Array<null>(7).fill(null)]);
  expect(screen.getByRole('button', { name: 'back left: amber' })).toHaveAttribute('aria-pressed', 'false');
  expect(screen.getByRole('button', { name: 'back right: not read' })).toHaveAttribute('aria-pressed', 'true');
  await userEvent.click(screen.getByRole('button', { name: 'front right: not read' }));
  await userEvent.click(screen.getByRole('button', { name: 'pale' }));
  await userEvent.click(screen.getByRole('button', { name: 'not read' }));
  expect(told).toHaveBeenLastCalledWith([null, 0.85, ...new Array<null>(6).fill(null), 0.4]);
});

test('a file that is no picture says so and changes nothing', async () => {
  Object.assign(globalThis, { createImageBitmap: () => Promise.reject(new Error('no picture')) });
  const told = jest.fn();
  render(<Grid told={told} />);
  await userEvent.upload(
    screen.getByLabelText('Read them from a photo'),
    new File(['x'], 'x.png', { type: 'image/png' }),
  );
  expect(await screen.findByText(/no picture that can be read/)).toBeVisible();
  expect(told).not.toHaveBeenCalled();
});
