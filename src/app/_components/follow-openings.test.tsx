/** @jest-environment jsdom */
const openings = jest.fn();
const mockStudy = { openings };
jest.mock('@/ui/study/study-context', () => ({ useStudy: () => mockStudy }));

import { act, render } from '@testing-library/react';
import { FIRST_PLAN } from '@/schemas/first-plan';
import type { PlanFile } from '@/schemas/plan-file';
import type { ChosenOpening } from '@/editing/openings-for';
import { FollowOpenings } from './follow-openings';
import { openingsQuestion } from './use-following';

const CHOSEN: ChosenOpening[] = [
  { minute: 5, action: 'shake' },
  { minute: 9.5, action: 'shake' },
];
const callOff = jest.fn();
let answer: (chosen: ChosenOpening[]) => void;

beforeEach(() => {
  jest.useFakeTimers();
  callOff.mockReset();
  openings.mockReset().mockImplementation((_: PlanFile, onAnswer: typeof answer) => {
    answer = onAnswer;
    return callOff;
  });
});
afterEach(() => jest.useRealTimers());

const rest = () => act(() => void jest.advanceTimersByTime(300));
const minutes = (file: PlanFile) => file.cook.events.map(({ minute }) => minute);

function start(document: PlanFile) {
  const [follow, onAnswered] = [jest.fn(), jest.fn()];
  const view = (now: PlanFile, settled = true) => (
    <FollowOpenings document={now} question={openingsQuestion(now)} {...{ settled, follow, onAnswered }} />
  );
  const { rerender } = render(view(document));
  return { follow, onAnswered, show: (now: PlanFile, settled?: boolean) => rerender(view(now, settled)) };
}

test('openings are chosen once the plan has come to rest, and not again because they have come', () => {
  const { follow, onAnswered, show } = start(FIRST_PLAN);
  show({ ...FIRST_PLAN, mass_g: 600 }, false);
  rest();
  expect(openings).not.toHaveBeenCalled();
  show({ ...FIRST_PLAN, mass_g: 700 });
  rest();
  expect(openings).toHaveBeenCalledTimes(1);
  answer(CHOSEN);
  const [from, to] = follow.mock.calls[0] as [PlanFile, PlanFile];
  expect([from.mass_g, to.mass_g]).toEqual([700, 700]);
  expect(minutes(to)).toEqual([5, 9.5]);
  expect(onAnswered).toHaveBeenCalledWith(openingsQuestion(to));
  show(to);
  rest();
  expect(openings).toHaveBeenCalledTimes(1);
});

test('a plan renamed while they are being chosen still gets them, and keeps its name', () => {
  const { follow, show } = start(FIRST_PLAN);
  rest();
  const renamed = { ...FIRST_PLAN, name: 'Friday' };
  show(renamed);
  answer(CHOSEN);
  const [from, to] = follow.mock.calls[0] as [PlanFile, PlanFile];
  expect(from).toBe(renamed);
  expect(to.name).toBe('Friday');
});

test('what the cook has set stays, and a changed plan calls the old question off', () => {
  const { show } = start({ ...FIRST_PLAN, cook: { ...FIRST_PLAN.cook, openings: 'set' } });
  rest();
  expect(openings).not.toHaveBeenCalled();
  show(FIRST_PLAN);
  rest();
  show({ ...FIRST_PLAN, mass_g: 800 });
  expect(callOff).toHaveBeenCalledTimes(1);
});
