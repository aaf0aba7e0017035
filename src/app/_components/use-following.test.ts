/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import { FIRST_PLAN } from '@/schemas/first-plan';
import type { PlanFile } from '@/schemas/plan-file';
import { openingsQuestion, useFollowing } from './use-following';

const heavier: PlanFile = { ...FIRST_PLAN, mass_g: 700 };
const shakenLate: PlanFile = {
  ...heavier,
  cook: { ...heavier.cook, events: [{ minute: 9, action: 'shake' }] },
};

function start() {
  return renderHook(({ document, reading }) => useFollowing(document, reading), {
    initialProps: { document: FIRST_PLAN, reading: false },
  });
}

test('a changed plan is waited for until its openings have followed; one whose openings the cook set never is', async () => {
  const { result, rerender } = start();
  expect(result.current.pending).toBe(false);
  await expect(result.current.whenFollowed()).resolves.toBeUndefined();
  rerender({ document: heavier, reading: false });
  expect(result.current.pending).toBe(true);
  const gone = jest.fn();
  const wait = result.current.whenFollowed().then(gone);
  await act(async () => undefined);
  expect(gone).not.toHaveBeenCalled();
  rerender({ document: shakenLate, reading: false });
  act(() => result.current.setAnswered(openingsQuestion(heavier)));
  await wait;
  expect(gone).toHaveBeenCalled();
  expect(result.current.pending).toBe(false);

  const set: PlanFile = { ...FIRST_PLAN, mass_g: 300, cook: { ...FIRST_PLAN.cook, openings: 'set' } };
  rerender({ document: set, reading: false });
  expect(result.current.pending).toBe(false);
});

test('while what the device kept is being read, nothing is the last word; a wait has an end', async () => {
  jest.useFakeTimers();
  const { result, rerender } = start();
  rerender({ document: FIRST_PLAN, reading: true });
  expect(result.current.pending).toBe(true);
  const gone = jest.fn();
  const wait = result.current.whenFollowed().then(gone);
  jest.advanceTimersByTime(10_000);
  await wait;
  expect(gone).toHaveBeenCalled();
  jest.useRealTimers();
});
