/** @jest-environment jsdom */
import { act, fireEvent, render, screen } from '@testing-library/react';
import { FIRST_PLAN } from '../../schemas/first-plan';
import { StudyProvider, useOutcomes } from './study-context';

const outcomes = jest.fn((_documents: unknown, _onOutcome: unknown) => () => undefined);
jest.mock('../../workers/study/client', () => ({
  createStudy: () => ({ outcomes: (...question: [unknown, unknown]) => outcomes(...question), end: () => undefined }),
}));

function Prices({ mass }: { mass: number }) {
  useOutcomes([{ ...FIRST_PLAN, mass_g: mass }]);
  return <input />;
}
const bench = (mass: number) => (
  <StudyProvider>
    <Prices mass={mass} />
  </StudyProvider>
);
/** Long enough for whatever follows from what was done, and for what follows from that. */
const rest = () => [1, 2].forEach(() => act(() => jest.advanceTimersByTime(1000)));

beforeEach(() => {
  jest.useFakeTimers();
  /* jsdom knows no pointers */
  window.PointerEvent = MouseEvent as unknown as typeof PointerEvent;
});
afterEach(() => jest.useRealTimers());

test('prices wait until the finger is off the lever, wherever the focus goes meanwhile', () => {
  const { rerender } = render(bench(300));
  rest();
  expect(outcomes).toHaveBeenCalledTimes(1);
  fireEvent.pointerDown(document.body);
  act(() => screen.getByRole('textbox').focus());
  act(() => screen.getByRole('textbox').blur());
  rerender(bench(400));
  rest();
  expect(outcomes).toHaveBeenCalledTimes(1);
  fireEvent.pointerUp(document.body);
  rest();
  expect(outcomes).toHaveBeenCalledTimes(2);
  expect(outcomes.mock.calls[1]![0]).toEqual([{ ...FIRST_PLAN, mass_g: 400 }]);
});

test('another button of the mouse, or a window that was left, holds nothing up', () => {
  const { rerender } = render(bench(300));
  rest();
  const before = outcomes.mock.calls.length;
  fireEvent.pointerDown(document.body, { button: 2 });
  rerender(bench(500));
  rest();
  fireEvent.pointerDown(document.body);
  rerender(bench(600));
  fireEvent.blur(window);
  rest();
  expect(outcomes).toHaveBeenCalledTimes(before + 2);
});
