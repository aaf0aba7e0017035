/** @jest-environment jsdom */
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { type EveningRun, eveningRun } from '@/core/evening/evening-run';
import { OWN_DISHES, ownDishFor } from '@/editing/own-dishes';
import type { EveningFile } from '@/schemas/evening-file';
import { FIRST_PLAN } from '@/schemas/first-plan';
import type { EveningView } from '@/workers/evening/protocol';
import { evening, FRYER, SERVE, SHOWN, table, VIEW } from '../../../../../tests/support/shown-evening';
import { AddDish } from './add-dish';
import { DeedSheet } from './deed-sheet';
import { Dishes, WhoAndWhatWith } from './evening-setup';
import { behind, leastWords } from './evening-status';
import { deedsOf } from './deeds-of';
import { NextDeeds } from './next-deeds';
import { Orders } from './orders';
import { ServingLines, WaysOutList } from './serving-choice';
import { StepDetail } from './step-detail';
import { ToLayOut } from './to-lay-out';

beforeAll(() => {
  globalThis.ResizeObserver = class {
    observe() {}
    unobserve() {}
    disconnect() {}
  };
});

const before = (seconds: number) => SERVE - seconds * 1000;
const none = eveningRun([]);

const nextDeeds = (run: EveningRun, seconds: number, tell: Parameters<typeof NextDeeds>[0]['tell']) => (
  <NextDeeds
    cookable={null}
    fryerNames={['Large drawer']}
    evening={evening}
    shown={SHOWN}
    run={run}
    now={before(seconds)}
    tell={tell}
  />
);

test('a cook’s deeds: those of others are not, what is done is not, an opening that has passed is not', () => {
  const words = (run: Parameters<typeof deedsOf>[2], at: number, cook = 0) =>
    deedsOf(SHOWN, evening, run, cook, at).map(({ words: own, marks }) => [own, marks]);
  expect(words(none, 2500)).toEqual([
    ['Peel and cut: potato', 'whole'],
    ['Load: potato', 'begins'],
    ['Shake: potato', 'within'],
    ['Out: potato', 'ends'],
    ['All to the table', 'whole'],
  ]);
  expect(words(none, 2500, 1)).toEqual([['Chop herbs, stir the dip', 'whole']]);
  const loaded = eveningRun([
    { kind: 'done', happenedAt: before(2100), detail: { step: 'potato:board' } },
    { kind: 'begun', happenedAt: before(1500), detail: { step: 'potato:load-1' } },
  ]);
  expect(words(loaded, 880).map(([own]) => own)).toEqual(['Shake: potato', 'Out: potato', 'All to the table']);
  expect(words(loaded, 700).map(([own]) => own)).toEqual(['Out: potato', 'All to the table']);
});

test('the next deed counts down, is due, runs over; begun and done are told, with who it was', async () => {
  const tell = jest.fn();
  const at = (seconds: number) => nextDeeds(none, seconds, tell);
  const { rerender } = render(at(2490));
  expect(screen.getByRole('heading', { name: 'Peel and cut: potato' })).toBeVisible();
  expect(screen.getByRole('timer')).toHaveTextContent('1:30');
  rerender(at(2380));
  expect(screen.getByRole('timer')).toHaveTextContent('now');
  rerender(at(2200));
  expect(screen.getByRole('timer')).toHaveTextContent('+3:20');
  await userEvent.click(screen.getByRole('button', { name: 'Begun' }));
  expect(tell).toHaveBeenLastCalledWith({ kind: 'begun', detail: { step: 'potato:board', cook: 0 } });
  await userEvent.click(screen.getByRole('radio', { name: 'Cook B' }));
  await userEvent.click(screen.getByRole('button', { name: 'Done' }));
  expect(tell).toHaveBeenLastCalledWith({ kind: 'done', detail: { step: 'dip:own-1', cook: 1 } });
});

test('loading says into which fryer; free hands are said; the last deed can be taken back', async () => {
  const tell = jest.fn();
  const run = eveningRun([{ kind: 'done', happenedAt: before(2100), detail: { step: 'potato:board' } }]);
  render(nextDeeds(run, 1510, tell));
  expect(screen.getAllByText('hands free for 9 min')).toHaveLength(2);
  await userEvent.click(screen.getByRole('button', { name: 'Begun' }));
  expect(tell).toHaveBeenLastCalledWith({
    kind: 'begun',
    detail: { step: 'potato:load-1', cook: 0, fryers: `fryer:${FRYER.id}` },
  });
  await userEvent.click(screen.getByRole('button', { name: 'Take back: “Peel and cut: potato” is done' }));
  expect(tell).toHaveBeenLastCalledWith({ kind: 'taken-back', detail: { step: 'potato:board' } });
});

test('the order, how sure it is, and the runner-up with its price; an order that was taken can be let go', async () => {
  const [onTake, onFree] = [jest.fn(), jest.fn()];
  const orders = (view: EveningView, own = evening) => (
    <Orders view={view} evening={own} fryerNames={['Large drawer']} onTake={onTake} onFree={onFree} />
  );
  const { rerender } = render(orders(VIEW));
  expect(screen.getByRole('heading', { name: 'The best of 148 ways and orders' })).toBeVisible();
  expect(screen.getByText(/None of the others is better by anything you could taste: proved/)).toBeVisible();
  const next = screen.getByRole('region', { name: 'Runner-up' });
  expect(next).toHaveTextContent('Large drawer: potato › potato, all back');
  expect(next).toHaveTextContent('potato 12 % softer');
  await userEvent.click(screen.getByRole('button', { name: 'Take this order' }));
  const order = [{ fryer_id: FRYER.id, steps: ['potato:load-1', 'potato:back'] }];
  expect(onTake).toHaveBeenCalledWith(order);
  rerender(orders({ ...VIEW, proved: false, bound: 4 }, { ...evening, order }));
  expect(screen.getByRole('heading', { name: 'The order you took' })).toBeVisible();
  expect(screen.getByText(/none could cost less than 4 points at the table, this one 12/)).toBeVisible();
  await userEvent.click(screen.getByRole('button', { name: 'Let Drubek choose the order again' }));
  expect(onFree).toHaveBeenCalled();
});

test('behind: each line says its hour and what it costs against the plan; touching one takes it', async () => {
  const soft = { ...SHOWN, serveAt: SERVE, table: [table(0.63)] };
  const later = { ...SHOWN, serveAt: SERVE + 360_000 };
  const view = {
    ...VIEW,
    lines: [
      { by: 0, shown: soft },
      { by: 360, shown: later },
    ],
  };
  const onTake = jest.fn();
  render(<ServingLines view={view} evening={evening} planned={SHOWN} onTake={onTake} />);
  const lines = within(screen.getByRole('group', { name: 'When to serve' })).getAllByRole('button');
  expect(lines[0]).toHaveTextContent('19:00with potato 20 % softer');
  expect(lines[1]).toHaveTextContent('19:06all as planned');
  await userEvent.click(lines[1]!);
  expect(onTake).toHaveBeenCalledWith(360);
  expect(behind(view)).toBe(360);
  expect(leastWords(soft, null, evening, 'metric')).toBe('all as planned');
});

test('an evening that cannot be: each wish to give up is a button that gives it up', async () => {
  const view: EveningView = {
    ...VIEW,
    best: null,
    waysOut: [{ give: 'time', by: 720 }, { give: 'hands' }, { give: 'pins' }, { give: 'dish', dish: 'dip' }],
  };
  let now = { ...evening, pins: [{ step: 'dip:own-1', at: new Date(SERVE).toISOString() }] };
  const change = jest.fn((next: (one: EveningFile) => EveningFile) => void (now = next(now) as typeof now));
  render(<WaysOutList view={view} evening={now} change={change} />);
  await userEvent.click(screen.getByRole('button', { name: 'Serve 12 min later' }));
  expect(Date.parse(now.serve_at)).toBe(SERVE + 720_000);
  await userEvent.click(screen.getByRole('button', { name: 'Another pair of hands' }));
  expect(now.cooks).toEqual(['Ada', 'B', 'C']);
  await userEvent.click(screen.getByRole('button', { name: 'Let go what is kept in its place' }));
  expect(now.pins).toEqual([]);
  await userEvent.click(screen.getByRole('button', { name: 'Without herb dip' }));
  expect(now.dishes.map(({ id }) => id)).toEqual(['potato']);
});

test('a dish in one’s own words: what is missing is said and nothing lost, then it is added as it was meant', async () => {
  const onAdd = jest.fn();
  render(<AddDish evening={evening} fryer={FRYER} plans={[]} onAdd={onAdd} />);
  await userEvent.click(screen.getByRole('radio', { name: 'In your own words' }));
  await userEvent.click(screen.getByRole('button', { name: 'Add it' }));
  expect(screen.getByRole('alert')).toHaveTextContent('Give the dish a name.');
  await userEvent.type(screen.getByLabelText('Name'), 'Lentils');
  await userEvent.type(screen.getByLabelText('Steps, a line each'), 'simmer lentils 2 min, 20 min waiting\n5 min');
  await userEvent.click(screen.getByRole('button', { name: 'Add it' }));
  expect(screen.getByRole('alert')).toHaveTextContent('Line 2 says how long, but not what is done.');
  expect(screen.getByLabelText('Name')).toHaveValue('Lentils');
  await userEvent.type(screen.getByLabelText('Steps, a line each'), ' season');
  await userEvent.click(screen.getByRole('button', { name: 'Add it' }));
  expect(onAdd.mock.lastCall![0]).toMatchObject({
    kind: 'own',
    id: 'lentils',
    at_table: 'hot',
    steps: [
      { word: 'simmer lentils', waits_min: 20, place: 'ring' },
      { word: 'season', hands_min: 5 },
    ],
  });
});

test('a food in a usual way, and a kept plan, come for the guests of the evening', async () => {
  const onAdd = jest.fn();
  const plan = { ...FIRST_PLAN, name: 'Mine', portions: 2 };
  render(
    <AddDish evening={{ ...evening, people: 6 }} fryer={FRYER} plans={[{ id: 'x', document: plan }]} onAdd={onAdd} />,
  );
  await userEvent.selectOptions(screen.getByLabelText('Food'), 'carrot');
  await userEvent.click(screen.getByRole('button', { name: 'Add it' }));
  expect(onAdd.mock.lastCall![0]).toMatchObject({ id: 'carrot', plan: { food: 'carrot', portions: 6 } });
  await userEvent.click(screen.getByRole('radio', { name: 'One of your plans' }));
  await userEvent.click(screen.getByRole('button', { name: 'Add it' }));
  expect(onAdd.mock.lastCall![0]).toMatchObject({ id: 'mine', plan: { name: 'Mine', mass_g: 1500, portions: 6 } });
});

test('dishes are listed with what they are, and taken out; an evening holds eight', async () => {
  let now: EveningFile = evening;
  render(<Dishes evening={evening} fryer={FRYER} plans={[]} change={(next) => void (now = next(now))} />);
  expect(screen.getByRole('list', { name: 'Dishes' })).toHaveTextContent('chop herbs, stir the dip, chill the dip');
  await userEvent.click(screen.getByRole('button', { name: 'Remove Potato' }));
  expect(now.dishes.map(({ id }) => id)).toEqual(['dip']);
  const eight = { ...evening, dishes: Array.from({ length: 8 }, (_, i) => ownDishFor(OWN_DISHES[0]!, `d${i}`, 4, 4)) };
  render(<AddDish evening={eight} fryer={FRYER} plans={[]} onAdd={jest.fn()} />);
  expect(screen.getByText('Eight dishes are as many as one evening holds.')).toBeVisible();
});

test('who, when, with what: guests, hands, fryers and rings are set; a cook’s pace is said', async () => {
  let now: EveningFile = evening;
  render(
    <WhoAndWhatWith
      evening={evening}
      fryers={[FRYER]}
      paces={{ Ada: { factor: 1.6, from: 3 } }}
      change={(next) => void (now = next(now))}
    />,
  );
  expect(
    screen.getByText(/Ada takes 1\.6 times as long at the board as reckoned, by 3 dishes cut before/),
  ).toBeVisible();
  const people = screen.getByRole('textbox', { name: 'People' });
  await userEvent.clear(people);
  await userEvent.type(people, '8{Enter}');
  expect(now).toMatchObject({ people: 8, dishes: [{ plan: { mass_g: 1000 } }, {}] });
  await userEvent.click(within(screen.getByRole('radiogroup', { name: 'Pairs of hands' })).getByText('3'));
  expect(now.cooks).toEqual(['Ada', 'B', 'C']);
  await userEvent.click(within(screen.getByRole('radiogroup', { name: 'Rings of the hob' })).getByText('none'));
  expect(now.rings).toBe(0);
  /* the only fryer stays */
  expect(screen.getByRole('checkbox', { name: /Large drawer/ })).toBeDisabled();
  await userEvent.click(screen.getByRole('button', { name: /one drawer/ }));
  expect(now.fryers).toEqual([{ fryer_id: FRYER.id, drawers: 2 }]);
});

test('a step: when, how long it may wait, its caution; moved, kept, given, told', async () => {
  const [hand, tell] = [{ move: jest.fn(), togglePin: jest.fn(), give: jest.fn() }, jest.fn()];
  const detail = (run: ReadonlyMap<string, { done: number | null }>) => (
    <StepDetail step="potato:board" shown={SHOWN} evening={evening} run={run} hands={hand} tell={tell} />
  );
  const { rerender } = render(detail(new Map()));
  expect(screen.getByRole('region')).toHaveTextContent(/Peel and cut: potato18:20 5 minthen on within 15 min/);
  expect(screen.getByText(/Make a stable flat before cutting/)).toBeVisible();
  await userEvent.click(screen.getByRole('button', { name: '1 min earlier' }));
  expect(hand.move).toHaveBeenCalledWith('potato:board', 60);
  await userEvent.click(screen.getByRole('button', { name: 'Keep it there' }));
  expect(hand.togglePin).toHaveBeenCalledWith('potato:board');
  await userEvent.click(screen.getByRole('button', { name: 'Give it to Ada' }));
  expect(hand.give).toHaveBeenCalledWith('potato:board', 0);
  rerender(detail(new Map([['potato:board', { done: 5 }]])));
  expect(screen.queryByRole('button', { name: '1 min earlier' })).toBeNull();
  await userEvent.click(screen.getByRole('button', { name: 'Not done' }));
  expect(tell).toHaveBeenCalledWith({ kind: 'taken-back', detail: { step: 'potato:board' } });
});

test('the list to lay out and the sheet for the fridge say the same evening', () => {
  render(<ToLayOut evening={evening} />);
  expect(screen.getByRole('list', { name: 'To buy and to lay out' })).toHaveTextContent(
    /500 g Floury potato.*250 g yoghurt/,
  );
  const { container } = render(<DeedSheet evening={evening} shown={SHOWN} fryerNames={['Large drawer']} />);
  const rows = [...container.querySelectorAll('tbody tr')].map((row) => row.textContent);
  expect(rows[0]).toBe('18:20Peel and cut: potato500 g floury potato, 10 mm sticksAda5');
  expect(rows).toContain('18:31Switch on: Large drawer, 195 °C');
});

test('what is to be switched on stands there a quarter of an hour before, until something goes into it', () => {
  const next = (seconds: number, run = none) => nextDeeds(run, seconds, jest.fn());
  const { rerender } = render(next(2700));
  expect(screen.queryByRole('list', { name: 'To switch on' })).toBeNull();
  rerender(next(2600));
  const list = () => screen.getByRole('list', { name: 'To switch on' });
  expect(list()).toHaveTextContent('Switch on: Large drawer, 195 °C18:31');
  rerender(next(1700));
  expect(list()).toHaveTextContent('Switch on: Large drawer, 195 °Cnow');
  const loaded = eveningRun([{ kind: 'begun', happenedAt: before(1500), detail: { step: 'potato:load-1' } }]);
  rerender(next(1490, loaded));
  expect(screen.queryByRole('list', { name: 'To switch on' })).toBeNull();
});
