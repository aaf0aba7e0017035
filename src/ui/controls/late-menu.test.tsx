/** @jest-environment jsdom */
import { fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { furnishDom } from '../../../tests/support/dom';
import { LateMenu } from './late-menu';

beforeAll(furnishDom);

const show = () => {
  const act = jest.fn();
  render(
    <LateMenu
      label="This plan"
      className=""
      items={[
        { word: 'Duplicate', act },
        { word: 'Print', act: jest.fn() },
      ]}
    />,
  );
  return act;
};

test('a touch opens it, an item acts, and the button has the focus again', async () => {
  const act = show();
  await userEvent.click(screen.getByRole('button', { name: 'This plan' }));
  await userEvent.click(await screen.findByRole('menuitem', { name: 'Duplicate' }));
  expect(act).toHaveBeenCalledTimes(1);
  expect(screen.queryByRole('menu')).not.toBeInTheDocument();
  expect(screen.getByRole('button', { name: 'This plan' })).toHaveFocus();
});

test('by keyboard: an arrow opens it, Escape closes it without acting, Enter opens it again', async () => {
  const act = show();
  const user = userEvent.setup();
  await user.tab();
  expect(screen.getByRole('button', { name: 'This plan' })).toHaveAttribute('aria-haspopup', 'menu');
  await user.keyboard('{ArrowDown}');
  expect(await screen.findByRole('menu')).toBeInTheDocument();
  await user.keyboard('{Escape}');
  expect(screen.queryByRole('menu')).not.toBeInTheDocument();
  expect(act).not.toHaveBeenCalled();
  expect(screen.getByRole('button', { name: 'This plan' })).toHaveFocus();
  await user.keyboard('{Enter}');
  expect(await screen.findAllByRole('menuitem')).toHaveLength(2);
});

test('a list that moves under the finger takes no other item: down on one, up on another does nothing', async () => {
  const act = show();
  await userEvent.click(screen.getByRole('button', { name: 'This plan' }));
  const [duplicate, print] = await screen.findAllByRole('menuitem');
  fireEvent.pointerDown(print!);
  fireEvent.pointerUp(duplicate!);
  expect(act).not.toHaveBeenCalled();
  expect(screen.getByRole('menu')).toBeInTheDocument();
  /* held down since the button was touched, it takes what it comes up on */
  fireEvent.pointerUp(duplicate!);
  expect(act).toHaveBeenCalledTimes(1);
});
