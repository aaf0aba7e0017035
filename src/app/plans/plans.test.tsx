/** @jest-environment jsdom */
const mockRouter = { push: jest.fn(), refresh: jest.fn() };
jest.mock('next/navigation', () => ({ useRouter: () => mockRouter }));
const mockSend = jest.fn();
jest.mock('@/ui/send', () => ({ send: (...args: unknown[]) => mockSend(...args) }));
const mockNotify = jest.fn();
jest.mock('@/ui/notify', () => ({
  notify: (words: string) => mockNotify(words),
  notifyError: (words: string) => mockNotify(words),
}));

import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { FIRST_PLAN } from '@/schemas/first-plan';
import { PlanRows } from './_components/plan-rows';
import { VersionRows } from './_components/version-rows';

const AT = Date.UTC(2026, 10, 20, 18, 0);
beforeEach(() => {
  mockSend.mockReset().mockResolvedValue({ kind: 'done' });
  mockNotify.mockReset();
  mockRouter.push.mockReset();
  mockRouter.refresh.mockReset();
});

const rows = [
  { id: 'a', document: FIRST_PLAN, changedAt: AT, archived: false },
  { id: 'b', document: { ...FIRST_PLAN, name: 'Old one' }, changedAt: AT, archived: true },
];

test('each plan says what it is and is copied, put away and taken out', async () => {
  render(<PlanRows plans={rows} />);
  const [first, second] = screen.getAllByRole('listitem');
  expect(first).toHaveTextContent('Floury potato, 10 mm sticks · 500 g · soaked 30 min');
  expect(within(second!).getByText('put away')).toBeInTheDocument();
  await userEvent.click(within(first!).getByRole('button', { name: /Duplicate/ }));
  await userEvent.click(within(first!).getByRole('button', { name: /Put away/ }));
  await userEvent.click(within(second!).getByRole('button', { name: /Take out/ }));
  expect(mockSend.mock.calls).toEqual([
    ['POST', '/api/plans/a/copies', {}],
    ['POST', '/api/plans/a/archive', { archived: true }],
    ['POST', '/api/plans/b/archive', { archived: false }],
  ]);
  expect(mockRouter.refresh).toHaveBeenCalledTimes(3);
});

test('what fails is said and changes nothing', async () => {
  mockSend.mockResolvedValue({ kind: 'refused', error: 'There is no such thing in this kitchen.' });
  render(<PlanRows plans={rows} />);
  await userEvent.click(screen.getByRole('button', { name: /Duplicate Potato/ }));
  expect(mockNotify).toHaveBeenCalledWith('There is no such thing in this kitchen.');
  expect(mockRouter.refresh).not.toHaveBeenCalled();
});

const versions = [
  { version: 2, document: { ...FIRST_PLAN, mass_g: 400 }, at: AT },
  { version: 1, document: { ...FIRST_PLAN, mass_g: 400 }, at: AT - 1000 },
];

test('a plan’s past: what each step changed, newest first', () => {
  render(<VersionRows planId="a" fryerId="f" current={{ document: FIRST_PLAN, at: AT }} versions={versions} />);
  const [now, second, first] = screen.getAllByRole('listitem').filter((item) => item.parentElement?.tagName === 'OL');
  expect(now).toHaveTextContent('Load: 400 g → 500 g');
  expect(second).toHaveTextContent('The same as before.');
  expect(first).toHaveTextContent('The first that is kept.');
});

test('going back keeps what there was, stores the old one and opens it', async () => {
  render(<VersionRows planId="a" fryerId="f" current={{ document: FIRST_PLAN, at: AT }} versions={versions} />);
  await userEvent.click(screen.getAllByRole('button', { name: 'Go back to this' })[0]!);
  expect(mockSend.mock.calls.map(([method, path]) => `${method} ${path}`)).toEqual([
    'POST /api/plans/a/versions',
    'PUT /api/plans/a',
  ]);
  expect(mockSend.mock.calls[1]![2].document.mass_g).toBe(400);
  expect(mockRouter.push).toHaveBeenCalledWith('/?plan=a');
});
