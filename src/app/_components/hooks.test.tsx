/** @jest-environment jsdom */
const refresh = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push: jest.fn(), refresh }) }));
const toastError = jest.fn();
jest.mock('@/ui/notify', () => ({ notifyError: (words: string) => toastError(words) }));

import { act, render, renderHook, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { findFood } from '@/core/food/catalogue';
import { writePlanFile } from '@/schemas/write-plan';
import { FIRST_PLAN } from '@/schemas/first-plan';
import type { PlanFile } from '@/schemas/plan-file';
import { useNow } from '@/ui/use-now';
import { SwatchPicker } from './swatch-picker';
import { Unavailable } from './unavailable';
import { UnitsSwitch } from './units-switch';
import { usePlanHistory } from './use-plan-history';
import { useSaving } from './use-saving';
import { furnishDom } from '../../../tests/support/dom';

const fetchMock = jest.fn();
const PLAN_ID = '3f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c11';
const heavier: PlanFile = { ...FIRST_PLAN, mass_g: 600 };

beforeAll(furnishDom);
beforeEach(() => {
  fetchMock.mockReset().mockResolvedValue({ ok: true, json: async () => ({ ok: true, revision: 1 }) });
  globalThis.fetch = fetchMock;
  refresh.mockReset();
  toastError.mockReset();
});
afterEach(() => jest.useRealTimers());
const settle = (ms: number) => act(async () => jest.advanceTimersByTimeAsync(ms).then(() => undefined));

describe('saving', () => {
  const start = () =>
    renderHook(({ document }: { document: PlanFile | null }) => useSaving(PLAN_ID, 'fryer', document, FIRST_PLAN, 0), {
      initialProps: { document: FIRST_PLAN as PlanFile | null },
    });
  beforeEach(() => jest.useFakeTimers());

  test('nothing is sent while nothing changed or a lever still moves', async () => {
    const { rerender } = start();
    await settle(1000);
    rerender({ document: null });
    await settle(1000);
    expect(fetchMock).not.toHaveBeenCalled();
  });

  test('many releases close together are one request with the last of them', async () => {
    const { rerender, result } = start();
    rerender({ document: { ...FIRST_PLAN, mass_g: 550 } });
    await settle(100);
    rerender({ document: heavier });
    await settle(500);
    expect(fetchMock).toHaveBeenCalledTimes(1);
    const [path, { body }] = fetchMock.mock.calls[0] as [string, { body: string }];
    expect(path).toBe(`/api/plans/${PLAN_ID}`);
    expect(JSON.parse(body)).toMatchObject({ fryerId: 'fryer', document: { mass_g: 600 } });
    expect(result.current.words).toBe('Saved');
  });

  test('a server that is away is asked again until it has it; a refusal is not repeated', async () => {
    fetchMock.mockRejectedValueOnce(new Error('away'));
    const { rerender, result } = start();
    rerender({ document: heavier });
    await settle(500);
    expect(result.current.words).toBe('Not saved yet; trying again');
    await settle(4100);
    expect(result.current.words).toBe('Saved');
    expect(fetchMock).toHaveBeenCalledTimes(2);

    fetchMock.mockResolvedValue({
      ok: false,
      status: 422,
      json: async () => ({ error: 'mass_g: must be 20 at least' }),
    });
    rerender({ document: { ...FIRST_PLAN, mass_g: 700 } });
    await settle(9000);
    expect(result.current.words).toBe('Not saved: mass_g: must be 20 at least');
    expect(fetchMock).toHaveBeenCalledTimes(3);
  });
});

test('a plan that was changed elsewhere is not written over until the cook has chosen', async () => {
  jest.useFakeTimers();
  const theirs = { ...FIRST_PLAN, mass_g: 250 };
  fetchMock.mockResolvedValue({
    ok: false,
    status: 409,
    json: async () => ({ error: 'x', code: 'changed-elsewhere', revision: 7, document: writePlanFile(theirs) }),
  });
  const planId = '3f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c12';
  const { rerender, result } = renderHook(
    ({ document }: { document: PlanFile }) => useSaving(planId, 'fryer', document, FIRST_PLAN, 3),
    { initialProps: { document: FIRST_PLAN } },
  );
  rerender({ document: heavier });
  await settle(500);
  await settle(10);
  expect(result.current.elsewhere).toMatchObject({ revision: 7, document: { mass_g: 250 } });
  await settle(9000);
  expect(fetchMock).toHaveBeenCalledTimes(1);
  fetchMock.mockResolvedValue({ ok: true, json: async () => ({ ok: true, revision: 8 }) });
  act(() => result.current.settle(result.current.elsewhere!));
  await settle(500);
  const bodies = fetchMock.mock.calls.map(([, { body }]) => (JSON.parse(body as string) as { base: number }).base);
  expect(bodies).toEqual([3, 7]);
  expect(result.current.words).toBe('Saved');
});

test('Ctrl+Z takes a step back, but not while a field is being typed in', async () => {
  const { result } = renderHook(() => usePlanHistory(FIRST_PLAN));
  act(() => result.current.release(heavier));
  const field = document.body.appendChild(document.createElement('input'));
  field.focus();
  await userEvent.keyboard('{Control>}z{/Control}');
  expect(result.current.document).toBe(heavier);
  field.remove();
  await userEvent.keyboard('{Control>}z{/Control}');
  expect(result.current.document).toBe(FIRST_PLAN);
  expect(result.current.canRedo).toBe(true);
});

test('time is read from the clock, not counted: a sleep loses nothing', async () => {
  jest.useFakeTimers();
  jest.setSystemTime(1_000_000);
  const { result } = renderHook(() => useNow(0));
  expect(result.current).toBe(1_000_000);
  jest.setSystemTime(9_000_000);
  await settle(250);
  expect(result.current).toBeGreaterThanOrEqual(9_000_000);
});

test('through an hour of late timers and sleeps, looks fall where the second changes, and no error adds up', async () => {
  jest.useFakeTimers();
  const loadedAt = 1_000_117;
  jest.setSystemTime(loadedAt);
  const { result } = renderHook(() => useNow(0, loadedAt));
  for (let minute = 1; minute <= 60; minute++) {
    /* a busy page or a sleep: the clock goes on while its timers wait */
    jest.setSystemTime(loadedAt + minute * 60_000 - 3000 - 37 * minute);
    await settle(600);
    const since = result.current - loadedAt;
    expect(since % 250).toBeLessThan(5);
    expect(Date.now() - result.current).toBeLessThan(250);
  }
});

test('units switch for the whole kitchen, and a failure is said', async () => {
  render(<UnitsSwitch units="metric" dark={false} />);
  await userEvent.click(screen.getByRole('button', { name: /Switch to US/ }));
  expect(JSON.parse((fetchMock.mock.calls[0] as [string, { body: string }])[1].body)).toEqual({ unitSystem: 'us' });
  expect(refresh).toHaveBeenCalledTimes(1);
  fetchMock.mockRejectedValue(new Error('away'));
  await userEvent.click(screen.getByRole('button', { name: /Switch to US/ }));
  expect(toastError).toHaveBeenCalledWith('The server cannot be reached.');
});

test('the waiting page goes on only when the database answers', async () => {
  jest.useFakeTimers();
  fetchMock.mockResolvedValue({ ok: false });
  render(<Unavailable />);
  await settle(4100);
  expect(fetchMock).toHaveBeenCalledTimes(2);
  expect(refresh).not.toHaveBeenCalled();
  fetchMock.mockResolvedValue({ ok: true, json: async () => ({ ok: true, revision: 1 }) });
  await settle(2000);
  expect(refresh).toHaveBeenCalledTimes(1);
});

test('the nearest swatch is chosen, and each has its word beside its colour', async () => {
  const onChange = jest.fn();
  render(<SwatchPicker ramp={findFood('beetroot')!.ramp} value={1.1} onChange={onChange} />);
  expect(screen.getByRole('radio', { name: 'golden' })).toBeChecked();
  await userEvent.click(screen.getByRole('radio', { name: 'burnt' }));
  expect(onChange).toHaveBeenCalledWith(4.5);
  const colours = screen.getAllByRole('radio').map((radio) => radio.querySelector('span')!.style.background);
  expect(new Set(colours).size).toBe(8);
});
