/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { UnitsProvider } from '../units-context';
import { TimeField } from './time-field';

function Table({ units = 'metric' as 'metric' | 'us', said = (_: string) => {} }) {
  const [time, setTime] = useState('19:00');
  return (
    <UnitsProvider units={units}>
      <TimeField
        label="On the table at"
        value={time}
        onChange={(next) => {
          said(next);
          setTime(next);
        }}
      />
    </UnitsProvider>
  );
}

test('a time is typed as it comes, and said by the kitchen’s clock', async () => {
  const said = jest.fn();
  render(<Table units="us" said={said} />);
  const field = screen.getByRole('textbox', { name: 'On the table at' });
  expect(field).toHaveValue('7:00 pm');
  await userEvent.clear(field);
  await userEvent.type(field, '2015{Enter}');
  expect(said).toHaveBeenLastCalledWith('20:15');
  expect(field).toHaveValue('8:15 pm');
});

test('what is no time is said, and the time before stands', async () => {
  const said = jest.fn();
  render(<Table said={said} />);
  const field = screen.getByRole('textbox', { name: 'On the table at' });
  await userEvent.clear(field);
  await userEvent.type(field, 'soon{Enter}');
  expect(screen.getByRole('alert')).toHaveTextContent('Write a time like 19:00 or 7 pm.');
  expect(said).not.toHaveBeenCalled();
});

test('arrow keys move it by a quarter of an hour, over midnight too', async () => {
  render(<Table />);
  const field = screen.getByRole('textbox', { name: 'On the table at' });
  field.focus();
  for (let n = 0; n < 21; n++) await userEvent.keyboard('{ArrowUp}');
  expect(field).toHaveValue('00:15');
});
