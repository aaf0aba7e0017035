/** @jest-environment jsdom */
const mockNotifyError = jest.fn();
jest.mock('@/ui/notify', () => ({ notifyError: (words: string) => mockNotifyError(words) }));

import { act, renderHook } from '@testing-library/react';
import { deriveRun } from '@/core/run/run-state';
import { findFood } from '@/core/food/catalogue';
import { colourAtBrowning } from '@/core/food/colour-ramp';
import { FIRST_PLAN } from '@/schemas/first-plan';
import type { Devices } from '@/ui/devices/use-devices';
import { batchEvent } from '../../../../../tests/support/batch';
import { useDeviceHelp } from './use-device-help';

const { ramp } = findFood('celeriac')!;
const ask = jest.fn();
const record = jest.fn();
type States = NonNullable<Devices['states']>;

const states = (change: Partial<States> = {}): States => ({
  fryer: {
    kind: 'read',
    trust: 'fine',
    report: { device: 'drubek.fryer', version: 1, air_c: 187, dial_c: 195, heating: true, drawer: 'in' },
  },
  scale: { kind: 'read', trust: 'fine', report: { device: 'drubek.scale', version: 1, grams: 400 } },
  probe: { kind: 'silent', why: 'does not answer' },
  colour: {
    kind: 'read',
    trust: 'fine',
    report: { device: 'drubek.colour', version: 1, lab: [...colourAtBrowning(ramp, 0.8)] as [number, number, number] },
  },
  ...change,
});

interface Given {
  events?: Parameters<typeof deriveRun>[0];
  elapsed?: number;
  dial?: number | null;
  helps?: boolean;
  devices?: States | null;
}

function help(first: Given = {}) {
  const view = renderHook(
    ({ events = [batchEvent('loaded', 0)], elapsed = 300, dial = 195, helps = true, devices = states() }: Given) =>
      useDeviceHelp(
        { answer: devices !== null, states: devices, faults: {}, ask },
        helps,
        deriveRun(events),
        elapsed,
        dial,
        FIRST_PLAN,
        ramp,
        record,
      ),
    { initialProps: first },
  );
  return {
    ...view,
    tell: (...args: Parameters<typeof view.result.current>) => act(() => view.result.current(...args)),
  };
}
const told = () => record.mock.calls.map(([kind]) => kind);

beforeEach(() => {
  ask.mockReset().mockResolvedValue({ kind: 'done' });
  record.mockReset();
  mockNotifyError.mockReset();
});

/** What the hook recorded, as the run then holds it. */
const learnt = (minute: number) => [
  batchEvent('loaded', 0),
  batchEvent('air-read', minute, { celsius: 187, device: true }),
  batchEvent('weighed', minute, { grams: 400, device: true }),
];

test('air and weight become observations every four minutes, not with every reading', () => {
  const { rerender } = help();
  expect(record.mock.calls).toEqual([
    ['air-read', { celsius: 187, device: true }],
    ['weighed', { grams: 400, device: true }],
  ]);
  rerender({ events: learnt(5), elapsed: 420, devices: states() });
  expect(record).toHaveBeenCalledTimes(2);
  rerender({ events: learnt(5), elapsed: 545, devices: states() });
  expect(told()).toEqual(['air-read', 'weighed', 'air-read', 'weighed']);
});

test('a page that is loaded anew, or a second tab, does not tell again what the run knows', () => {
  const looked = batchEvent('looked', 7.05, { browning: 0.4, device: true });
  help({ events: [...learnt(6), batchEvent('shaken', 7), looked], elapsed: 440 });
  expect(record).not.toHaveBeenCalled();
});

test('an empty scale is no weight', () => {
  const empty = { kind: 'read', trust: 'fine', report: { device: 'drubek.scale', version: 1, grams: 1 } } as const;
  help({ devices: states({ scale: empty }) });
  expect(told()).toEqual(['air-read']);
});

test('a device that is silent, stuck or noisy teaches nothing; nor does the air with the drawer out', () => {
  const { fryer, scale } = states();
  help({
    devices: states({
      fryer: { ...fryer, report: { ...(fryer as { report: object }).report, drawer: 'out' } } as States['fryer'],
      scale: { ...scale, trust: 'noisy' } as States['scale'],
    }),
  });
  expect(record).not.toHaveBeenCalled();
});

test('the colour is read once after an opening', () => {
  const events = [batchEvent('loaded', 0), batchEvent('shaken', 7)];
  const { rerender } = help({ events, elapsed: 425 });
  const looks = () => record.mock.calls.filter(([kind]) => kind === 'looked');
  expect(looks()).toHaveLength(1);
  expect((looks()[0]![1] as { browning: number }).browning).toBeCloseTo(0.8, 1);
  const known = [...events, batchEvent('looked', 7.1, { browning: 0.8, device: true })];
  rerender({ events: known, elapsed: 440, devices: states() });
  expect(looks()).toHaveLength(1);
  rerender({ events: [...known, batchEvent('shaken', 12)], elapsed: 725, devices: states() });
  expect(looks()).toHaveLength(2);
});

test('the dial follows the stages and is switched off at the end; a fryer that does not take it is named', async () => {
  const { rerender } = help();
  rerender({ dial: 195 });
  ask.mockResolvedValue({ kind: 'away', error: '' });
  rerender({ dial: 180 });
  await act(async () => undefined);
  expect(mockNotifyError).toHaveBeenCalledWith('The fryer did not take its dial; turn it by hand.');
  rerender({ dial: null });
  expect(ask.mock.calls.map(([request]) => request)).toEqual([
    { kind: 'dial', command: { dial_c: 195 } },
    { kind: 'dial', command: { dial_c: 180 } },
    { kind: 'dial', command: { dial_c: null } },
  ]);
});

test('stand-ins are told what hands did, and the clock of a rehearsal', async () => {
  const events = [batchEvent('rehearsed', 0, { speed: 60, real: 1_790_000_000_000 })];
  const { tell } = help({ events, dial: null });
  tell('loaded');
  await act(async () => undefined);
  tell('shaken');
  tell('looked', { browning: 1 });
  expect(
    ask.mock.calls.map(([request]) => [request.kind, request.command?.action ?? request.settings?.clock?.speed]),
  ).toEqual([
    ['settings', 60],
    ['settings', 60],
    ['basket', 'load'],
    ['basket', 'shake'],
  ]);
  expect(told()).toEqual(['loaded', 'shaken', 'looked']);
});

test('a device that does not help only records', () => {
  const { tell } = help({ helps: false });
  tell('shaken');
  expect(ask).not.toHaveBeenCalled();
  expect(told()).toEqual(['shaken']);
});
