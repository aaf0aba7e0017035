/** @jest-environment jsdom */
const mockWhenToAdd = jest.fn();
jest.mock('@/ui/study/study-context', () => ({ useStudy: () => mockStudy, useOutcomes: () => [] }));

import { act, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { waysOf } from '@/editing/ways/plan-of-way';
import { planFileSchema } from '@/schemas/plan-file';
import { FIRST_FILE } from '../../../../tests/support/first-file';
import { furnishDom } from '../../../../tests/support/dom';
import { AddedFields } from './added-fields';

const mockStudy = { whenToAdd: (...args: unknown[]) => mockWhenToAdd(...args) };
const document = planFileSchema.parse({
  ...FIRST_FILE,
  cook: {
    stages: [{ minutes: 25, temperature_c: 190 }],
    events: [{ minute: 4, action: 'add', part: { food: 'carrot', mass_g: 120, prep: [] } }],
  },
});
const opening = document.cook.events[0] as Extract<(typeof document.cook.events)[number], { action: 'add' }>;
const user = userEvent.setup({ advanceTimers: jest.advanceTimersByTime });

beforeAll(furnishDom);
beforeEach(() => {
  jest.useFakeTimers();
  mockWhenToAdd.mockReset();
});
afterEach(() => jest.useRealTimers());

function show(found?: { time: number; share: number; planned: number }) {
  const set = jest.fn();
  const callOff = jest.fn();
  mockWhenToAdd.mockImplementation((_document, _index, answer) => {
    if (found) answer(found);
    return callOff;
  });
  const view = render(
    <AddedFields opening={opening} index={0} document={document} set={set}>
      <p>grams</p>
    </AddedFields>,
  );
  expect(screen.getByText(/working it out/)).toBeInTheDocument();
  act(() => void jest.advanceTimersByTime(1000));
  return { set, callOff, ...view };
}

test('when the food goes in best is asked of this very opening, and a tap puts it there', async () => {
  const { set } = show({ time: 540, share: 0.9, planned: 0.71 });
  expect(mockWhenToAdd).toHaveBeenCalledWith(document, 0, expect.any(Function));
  expect(screen.getByText(/90 % of all right together, not 71 %/)).toBeInTheDocument();
  await user.click(screen.getByRole('button', { name: 'Put it in at 9 min' }));
  expect(set).toHaveBeenLastCalledWith({ ...opening, minute: 9 }, true);
});

test('from the start is said so; what gains nothing offers nothing', () => {
  const { unmount } = show({ time: 0, share: 0.9, planned: 0.6 });
  expect(screen.getByRole('button', { name: 'Put it in from the start' })).toBeInTheDocument();
  unmount();
  show({ time: 300, share: 0.9, planned: 0.89 });
  expect(screen.getByText('It goes in at a good moment: 89 % of all right together.')).toBeInTheDocument();
  expect(screen.queryByRole('button', { name: /^Put it in/ })).toBeNull();
});

test('another food comes in its own usual cut, and what is being worked out for the first is called off at the end', async () => {
  const { set, callOff, unmount } = show();
  await user.selectOptions(screen.getByLabelText('Food'), 'courgette');
  const [changed] = set.mock.lastCall!;
  expect(changed.part.food).toBe('courgette');
  expect(changed.part.cut).toEqual(waysOf('courgette')[0]!.cut);
  unmount();
  expect(callOff).toHaveBeenCalled();
});
