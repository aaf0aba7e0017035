/** @jest-environment jsdom */
import { act, fireEvent, render, screen } from '@testing-library/react';
import { RadioGroup } from 'radix-ui';
import { useState } from 'react';
import { furnishDom } from '../../../tests/support/dom';
import { RadioRoot } from './radio-root';

beforeAll(furnishDom);
beforeEach(() => void jest.useFakeTimers());
afterEach(() => void jest.useRealTimers());

const WORDS = ['thin', 'middling', 'thick'];

function show() {
  const onChoose = jest.fn();
  function Group() {
    const [value, setValue] = useState('middling');
    return (
      <RadioRoot
        aria-label="Thickness"
        value={value}
        onValueChange={(next) => {
          onChoose(next);
          setValue(next);
        }}
      >
        {WORDS.map((word) => (
          <RadioGroup.Item key={word} value={word} aria-label={word} />
        ))}
      </RadioRoot>
    );
  }
  render(<Group />);
  act(() => screen.getByRole('radio', { name: 'middling' }).focus());
  return onChoose;
}

/** Presses a key that is let go before the page comes to anything else, or only after it. */
function press(key: string, held: boolean) {
  const on = document.activeElement!;
  fireEvent.keyDown(on, { key });
  if (!held) fireEvent.keyUp(on, { key });
  act(() => void jest.runAllTimers());
  if (held) fireEvent.keyUp(on, { key });
}

test.each([true, false])('an arrow key moves the choice once, held until the page comes to it: %p', (held) => {
  const onChoose = show();
  press('ArrowRight', held);
  expect(onChoose.mock.calls).toEqual([['thick']]);
  expect(screen.getByRole('radio', { name: 'thick' })).toBeChecked();
  press('ArrowLeft', held);
  expect(screen.getByRole('radio', { name: 'middling' })).toBeChecked();
});

test('a focus that comes otherwise chooses nothing', () => {
  const onChoose = show();
  fireEvent.keyDown(document.activeElement!, { key: 'ArrowRight', ctrlKey: true });
  fireEvent.keyUp(document.activeElement!, { key: 'ArrowRight' });
  act(() => screen.getByRole('radio', { name: 'thin' }).focus());
  fireEvent.keyDown(document.activeElement!, { key: 'Tab' });
  act(() => screen.getByRole('radio', { name: 'thick' }).focus());
  expect(onChoose).not.toHaveBeenCalled();
});

test('an arrow key pressed before the page’s effects have run chooses', () => {
  /* effects that listen on the document are late on a busy device: here they have not come at all */
  jest.spyOn(document, 'addEventListener').mockImplementation(() => undefined);
  const onChoose = show();
  jest.mocked(document.addEventListener).mockRestore();
  press('ArrowRight', true);
  expect(onChoose.mock.calls).toEqual([['thick']]);
});
