/** @jest-environment jsdom */
import { FIRST_PLAN } from '@/schemas/first-plan';
import { planHistory } from './use-plan-history';

const start = { past: [], present: FIRST_PLAN, future: [], resting: null };
const heavier = { ...FIRST_PLAN, mass_g: 600 };
const heaviest = { ...FIRST_PLAN, mass_g: 700 };

test('a lever that moves through many values makes one step back', () => {
  let state = planHistory(start, { kind: 'move', document: heavier });
  state = planHistory(state, { kind: 'move', document: heaviest });
  expect(state.past).toHaveLength(0);
  state = planHistory(state, { kind: 'release', document: heaviest });
  expect(state.past).toEqual([FIRST_PLAN]);
  state = planHistory(state, { kind: 'undo' });
  expect(state.present).toBe(FIRST_PLAN);
  state = planHistory(state, { kind: 'redo' });
  expect(state.present).toBe(heaviest);
});

test('a lever brought back to where it was is no step, and is at rest', () => {
  const moved = planHistory(start, { kind: 'move', document: heavier });
  const back = planHistory(moved, { kind: 'release', document: { ...FIRST_PLAN } });
  expect(back).toEqual({ ...start, present: FIRST_PLAN });
  expect(back.present).toBe(FIRST_PLAN);
});

test('a new step ends what could be redone, and undo at the start does nothing', () => {
  const released = planHistory(start, { kind: 'release', document: heavier });
  const undone = planHistory(released, { kind: 'undo' });
  const other = planHistory(undone, { kind: 'release', document: heaviest });
  expect(other.future).toHaveLength(0);
  expect(planHistory(start, { kind: 'undo' })).toBe(start);
});

test('what was kept before a reload is taken up, but never over what was done since', () => {
  const taken = planHistory(start, { kind: 'take-up', document: heavier });
  expect(taken.present).toBe(heavier);
  expect(planHistory(taken, { kind: 'undo' }).present).toBe(FIRST_PLAN);
  const released = planHistory(start, { kind: 'release', document: heaviest });
  const late = planHistory(released, { kind: 'take-up', document: heavier });
  expect(late.present).toBe(heaviest);
  expect(late.past).toEqual([heavier, FIRST_PLAN]);
});
