/** @jest-environment jsdom */
import { act, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { furnishDom } from '../../tests/support/dom';
import { Choice } from './controls/choice';
import { keepEarlyInput, replayEarlyInput } from './early-input';

beforeAll(furnishDom);

const Sizes = ({ onPick }: { onPick: (size: string) => void }) => {
  const [size, setSize] = useState('20');
  return (
    <Choice
      label="Size"
      value={size}
      options={['16', '18', '20'].map((value) => ({ value, word: `${value} mm` }))}
      onChange={(next) => {
        setSize(next);
        onPick(next);
      }}
    />
  );
};

test('a tab on which the finger goes down before the page is alive and comes up after is opened', async () => {
  const onOpen = jest.fn();
  keepEarlyInput();
  const { container, rerender } = render(<button>What is next</button>);
  const early = screen.getByRole('button');
  early.dispatchEvent(new MouseEvent('mousedown', { bubbles: true, button: 0 }));
  await act(replayEarlyInput);
  rerender(<button onMouseDown={onOpen}>What is next</button>);
  expect(container).toContainElement(early);
  act(() => early.click());
  expect(onOpen).toHaveBeenCalledTimes(1);
  /* once */
  act(() => early.click());
  expect(onOpen).toHaveBeenCalledTimes(1);
});

test('a tap made before the page is alive counts once it is, and no form is sent by the browser itself', async () => {
  document.body.innerHTML = '<form><button>Keep it</button></form><a href="#away">Log</a>';
  const sent = jest.fn((event: Event) => event.preventDefault());
  document.querySelector('form')!.addEventListener('submit', sent);
  keepEarlyInput();
  await userEvent.click(screen.getByRole('link'));
  await userEvent.click(screen.getByRole('button'));
  expect(sent).not.toHaveBeenCalled();
  expect(window.drubekEarly).toHaveLength(1);
  await replayEarlyInput();
  expect(sent).toHaveBeenCalledTimes(1);
  /* alive: nothing is kept any more, and nothing is made twice */
  await userEvent.click(screen.getByRole('button'));
  expect(sent).toHaveBeenCalledTimes(2);
});

test('arrow keys pressed early move a group of radio buttons one by one', async () => {
  const onPick = jest.fn();
  keepEarlyInput();
  render(<Sizes onPick={onPick} />);
  const from = screen.getByRole('radio', { name: '20 mm' });
  window.drubekEarly!.push({ target: from, key: 'ArrowLeft' }, { target: from, key: 'ArrowLeft' });
  act(() => from.focus());
  await act(replayEarlyInput);
  expect(onPick.mock.calls).toEqual([['18'], ['16']]);
  expect(screen.getByRole('radio', { name: '16 mm' })).toBeChecked();
});
