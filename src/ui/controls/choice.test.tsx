/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useRef } from 'react';
import { Choice } from './choice';

/* a drawing that never catches up: the most that a busy machine could do */
jest.mock('react', () => ({
  ...jest.requireActual('react'),
  useDeferredValue: (value: unknown) => useRef(value).current,
}));

const OPTIONS = [
  { value: 'pale', word: 'Pale' },
  { value: 'golden', word: 'Golden' },
];

test('a choice changes the newest plan, however far its drawing lags behind', async () => {
  const settled = jest.fn();
  const choice = (minutes: number) => (
    <Choice label="Wished colour" value="pale" options={OPTIONS} onChange={(colour) => settled({ minutes, colour })} />
  );
  const { rerender } = render(choice(30));
  rerender(choice(35));
  await userEvent.click(screen.getByRole('radio', { name: 'Golden' }));
  expect(settled).toHaveBeenCalledWith({ minutes: 35, colour: 'golden' });
});

test('what the drawing still has chosen can be chosen again, once the plan no longer has it', async () => {
  const onChange = jest.fn();
  const choice = (value: string) => (
    <Choice label="Wished colour" value={value} options={OPTIONS} onChange={onChange} />
  );
  const { rerender } = render(choice('pale'));
  rerender(choice('golden'));
  expect(screen.getByRole('radio', { name: 'Pale' })).toBeChecked();
  await userEvent.click(screen.getByRole('radio', { name: 'Golden' }));
  expect(onChange).not.toHaveBeenCalled();
  await userEvent.click(screen.getByRole('radio', { name: 'Pale' }));
  expect(onChange).toHaveBeenCalledWith('pale');
});
