/** @jest-environment jsdom */
let mockPath = '/plans';
jest.mock('next/navigation', () => ({ usePathname: () => mockPath }));

import { act, render, screen } from '@testing-library/react';
import { clearRun, noteRun } from '@/ui/run-board';
import { TabTitle } from '@/ui/tab-title';
import { RunPlate } from './run-plate';

const BATCH = '0b9d5e0e-6f0f-4f3a-9a53-0f6a4f4d8b11';
const NOW = Date.parse('2026-11-20T18:00:00Z');

beforeEach(() => {
  jest.useFakeTimers({ now: NOW });
  localStorage.clear();
  mockPath = '/plans';
});
afterEach(() => jest.useRealTimers());

const note = (dueIn: number, speed = 1) =>
  noteRun({ batchId: BATCH, name: 'Kohlrabi chips', verb: 'Shake', dueAt: NOW + dueIn * 1000, speed });

test('a run under way shows what is next and in how long, here and in the title, and counts down', () => {
  note(130);
  render(
    <>
      <TabTitle page="Plans" />
      <RunPlate />
    </>,
  );
  expect(screen.getByRole('link')).toHaveTextContent('Kohlrabi chips' + 'shake in 2:10');
  expect(screen.getByRole('link')).toHaveAttribute('href', `/cook/${BATCH}`);
  expect(document.title).toBe('Shake in 2:10 · Drubek');
  act(() => void jest.advanceTimersByTime(130_000));
  expect(screen.getByRole('link')).toHaveTextContent('shake now');
  act(() => clearRun(BATCH));
  expect(screen.queryByRole('link')).toBeNull();
  expect(document.title).toBe('Plans · Drubek');
});

test('a rehearsal counts by its own clock; the run’s own page needs no plate; one that was left goes', () => {
  note(10, 60);
  const { rerender, unmount } = render(<RunPlate />);
  expect(screen.getByRole('link')).toHaveTextContent('shake in 10:00');
  mockPath = `/cook/${BATCH}`;
  rerender(<RunPlate />);
  expect(screen.queryByRole('link')).toBeNull();
  mockPath = '/log';
  unmount();
  note(-4 * 3600);
  render(<RunPlate />);
  expect(screen.queryByRole('link')).toBeNull();
});

test('another batch’s end, or what nobody can read, changes nothing', () => {
  note(130);
  clearRun('1b9d5e0e-6f0f-4f3a-9a53-0f6a4f4d8b11');
  const { unmount } = render(<RunPlate />);
  expect(screen.getByRole('link')).toBeInTheDocument();
  unmount();
  localStorage.setItem('drubek-under-way', '{"batchId": 3}');
  render(<RunPlate />);
  expect(screen.queryByRole('link')).toBeNull();
});
