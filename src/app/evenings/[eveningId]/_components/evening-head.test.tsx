/** @jest-environment jsdom */
import { fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { EveningFile } from '@/schemas/evening-file';
import { evening, SERVE, SHOWN, table, VIEW } from '../../../../../tests/support/shown-evening';
import { EveningHead } from './evening-head';
import { EveningNotices } from './evening-notices';
import type { Rehearsing } from './use-rehearsal';

const head = (props: Partial<Parameters<typeof EveningHead>[0]> = {}) => (
  <EveningHead
    evening={evening}
    view={VIEW}
    planned={SHOWN}
    serveAt={SERVE}
    startBy={SERVE - 2400_000}
    isUnderWay={false}
    words="Saved"
    undo={null}
    change={jest.fn()}
    tell={jest.fn()}
    {...props}
  />
);

test('an evening to come says when to begin, and its hour can be set', async () => {
  const change = jest.fn<void, [(before: EveningFile) => EveningFile]>();
  render(head({ change }));
  expect(screen.getByRole('heading', { name: 'Friday' })).toBeVisible();
  expect(screen.getByText(/Start by/)).toHaveTextContent('Start by 18:20');
  const field = screen.getByRole('textbox', { name: 'On the table at' });
  expect(field).toHaveValue('19:00');
  fireEvent.change(field, { target: { value: '20:30' } });
  fireEvent.blur(field);
  const moved = new Date(change.mock.calls.at(-1)![0](evening).serve_at);
  expect([moved.getHours(), moved.getMinutes(), moved.getDate()]).toEqual([20, 30, new Date(SERVE).getDate()]);
});

test('under way it says the hour and no longer asks for it; what can be taken back can be undone', async () => {
  const undo = jest.fn();
  const { rerender } = render(head({ isUnderWay: true, startBy: null, undo }));
  expect(screen.queryByRole('textbox')).toBeNull();
  expect(screen.getByText(/^On the table at/)).toHaveTextContent('19:00');
  expect(screen.queryByText(/Start by/)).toBeNull();
  await userEvent.click(screen.getByRole('button', { name: 'Undo' }));
  expect(undo).toHaveBeenCalled();
  rerender(head({ isUnderWay: true }));
  expect(screen.queryByRole('button', { name: 'Undo' })).toBeNull();
});

test('behind, it says by how much, and taking a line tells every device the new hour', async () => {
  const tell = jest.fn();
  const late = { ...SHOWN, serveAt: SERVE + 360_000, table: [table(0.8)] };
  render(head({ isUnderWay: true, view: { ...VIEW, best: null, lines: [{ by: 360, shown: late }] }, tell }));
  expect(screen.getByRole('heading', { name: '6 min behind' })).toBeVisible();
  await userEvent.click(screen.getByRole('button', { name: /19:06/ }));
  expect(tell).toHaveBeenCalledWith({ kind: 'serve-at', detail: { at: SERVE + 360_000 } });
});

const RESTING: Rehearsing = {
  events: null,
  lengths: null,
  at: (real) => real,
  tell: jest.fn(),
  start: jest.fn(),
  stop: jest.fn(),
};
const notices = (props: Partial<Parameters<typeof EveningNotices>[0]> = {}) => (
  <EveningNotices
    evening={evening}
    view={VIEW}
    isCurrent
    working={null}
    failed={false}
    rehearsal={RESTING}
    now={SERVE - 3600_000}
    refused={null}
    isElsewhere={false}
    settle={jest.fn()}
    change={jest.fn()}
    {...props}
  />
);

test('an evening in order has nothing to be known before', () => {
  const { container } = render(notices());
  expect(container).toBeEmptyDOMElement();
});

test('how far the work is, and that it failed', () => {
  const { rerender } = render(notices({ working: { done: 1, of: 3 } }));
  expect(screen.getByRole('status')).toHaveTextContent('Forecasting dish 2 of 3 in each fryer …');
  rerender(notices({ working: { done: 3, of: 3 } }));
  expect(screen.getByRole('status')).toHaveTextContent('Trying the orders …');
  rerender(notices({ failed: true }));
  expect(screen.getByRole('alert')).toHaveTextContent(/could not be worked out in this browser/);
});

test('changed on another device: mine or theirs', async () => {
  const settle = jest.fn();
  render(notices({ isElsewhere: true, settle }));
  await userEvent.click(screen.getByRole('button', { name: 'Keep mine' }));
  await userEvent.click(screen.getByRole('button', { name: 'Take theirs' }));
  expect(settle.mock.calls).toEqual([['mine'], ['theirs']]);
});

test('marks that the server would not take, with its reason', () => {
  const { rerender } = render(notices({ refused: { count: 1, why: 'There is no such evening.' } }));
  expect(screen.getByRole('alert')).toHaveTextContent(
    'A mark was left out because the server refused it: There is no such evening.',
  );
  rerender(notices({ refused: { count: 3, why: 'There is no such evening.' } }));
  expect(screen.getByRole('alert')).toHaveTextContent('3 marks were left out because the server refused them');
});

test('pieces that have lain too long are to go on; what is cooked and stood too long is not served', () => {
  const { rerender } = render(notices({ view: { ...VIEW, overdue: [['potato:dry-2', 300]] } }));
  expect(screen.getByRole('status')).toHaveTextContent('Potato has lain 5 min too long; go on with it now.');
  rerender(notices({ view: { ...VIEW, overdue: [['potato:load-1', 300]] } }));
  expect(screen.getByRole('status')).toHaveTextContent(/do not serve what stood at room temperature/);
});

test('what cannot be kept is only said of the evening as it stands, and not beside lines to choose', () => {
  const stuck = { ...VIEW, best: null, waysOut: [{ give: 'time' as const, by: 600 }] };
  const { rerender } = render(notices({ view: stuck as never }));
  expect(screen.getByRole('button', { name: /later/ })).toBeVisible();
  rerender(notices({ view: stuck as never, isCurrent: false }));
  expect(screen.queryByRole('button')).toBeNull();
  rerender(notices({ view: { ...stuck, lines: [{ by: 600, shown: SHOWN }] } as never }));
  expect(screen.queryByRole('button')).toBeNull();
});

test('a rehearsal says what it is and what hour it shows, and can be ended', async () => {
  const stop = jest.fn();
  render(notices({ rehearsal: { ...RESTING, events: [], stop } }));
  expect(screen.getByRole('status')).toHaveTextContent(/nothing of it is kept. It is 18:00/);
  await userEvent.click(screen.getByRole('button', { name: 'End it' }));
  expect(stop).toHaveBeenCalled();
});
