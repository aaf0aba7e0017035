/** @jest-environment jsdom */
const mockNotifyError = jest.fn();
jest.mock('@/ui/notify', () => ({ notifyError: (words: string) => mockNotifyError(words) }));

import { act, renderHook } from '@testing-library/react';
import { deriveRun } from '@/core/run/run-state';
import { findFood } from '@/core/food/catalogue';
import { colourAtBrowning } from '@/core/food/colour-ramp';
import { FIRST_PLAN } from '@/schemas/first-plan';
import type { Devices } from '@/ui/devices/use-devices';
import { batchEvent, LOADED_AT } from '../../../../../tests/support/batch';
import { useDeviceHelp } from './use-device-help';

const { ramp } = findFood('celeriac')!;
const ask = jest.fn();
const record = jest.fn();
const recordAt = jest.fn();
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
  /** s after loading when the devices were read */
  time?: number;
  dial?: number | null;
  helps?: boolean;
  devices?: States | null;
}

function help(first: Given = {}) {
  const view = renderHook(
    ({ events = [batchEvent('loaded', 0)], time = 300, dial = 195, helps = true, devices = states() }: Given) =>
      useDeviceHelp(
        { answer: devices !== null, states: devices, readAt: LOADED_AT + time * 1000, faults: {}, ask },
        helps,
        deriveRun(events),
        dial,
        FIRST_PLAN,
        ramp,
        record,
        recordAt,
      ),
    { initialProps: first },
  );
  return {
    ...view,
    tell: (...args: Parameters<typeof view.result.current>) => act(() => view.result.current(...args)),
  };
}
const learntKinds = () => recordAt.mock.calls.map(([, kind]) => kind);

beforeEach(() => {
  ask.mockReset().mockResolvedValue({ kind: 'done' });
  record.mockReset();
  recordAt.mockReset();
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
  const readAt = LOADED_AT + 300_000;
  expect(recordAt.mock.calls).toEqual([
    [readAt, 'air-read', { celsius: 187, device: true }],
    [readAt, 'weighed', { grams: 400, device: true }],
  ]);
  rerender({ events: learnt(5), time: 420, devices: states() });
  expect(recordAt).toHaveBeenCalledTimes(2);
  rerender({ events: learnt(5), time: 545, devices: states() });
  expect(learntKinds()).toEqual(['air-read', 'weighed', 'air-read', 'weighed']);
});

test('a page that is loaded anew, or a second tab, does not tell again what the run knows', () => {
  const looked = batchEvent('looked', 7.05, { browning: 0.4, device: true });
  help({ events: [...learnt(6), batchEvent('shaken', 7), looked], time: 440 });
  expect(recordAt).not.toHaveBeenCalled();
});

test('an empty scale is no weight', () => {
  const empty = { kind: 'read', trust: 'fine', report: { device: 'drubek.scale', version: 1, grams: 1 } } as const;
  help({ devices: states({ scale: empty }) });
  expect(learntKinds()).toEqual(['air-read']);
});

test('a device that is silent, stuck or noisy teaches nothing; nor does the air with the drawer out', () => {
  const { fryer, scale } = states();
  help({
    devices: states({
      fryer: { ...fryer, report: { ...(fryer as { report: object }).report, drawer: 'out' } } as States['fryer'],
      scale: { ...scale, trust: 'noisy' } as States['scale'],
    }),
  });
  expect(recordAt).not.toHaveBeenCalled();
});

test('the air is left alone while it comes back after an opening', () => {
  const events = [batchEvent('loaded', 0), batchEvent('shaken', 7)];
  const { rerender } = help({ events, time: 500 });
  expect(learntKinds()).not.toContain('air-read');
  rerender({ events, time: 515, devices: states() });
  expect(learntKinds()).toContain('air-read');
});

test('a reading from before an opening knows nothing of it', () => {
  help({ events: [batchEvent('loaded', 0), batchEvent('shaken', 7)], time: 418 });
  expect(learntKinds()).toEqual(['air-read', 'weighed']);
});

test('the colour is read once after an opening', () => {
  const events = [batchEvent('loaded', 0), batchEvent('shaken', 7)];
  const { rerender } = help({ events, time: 425 });
  const looks = () => recordAt.mock.calls.filter(([, kind]) => kind === 'looked');
  expect(looks()).toHaveLength(1);
  expect((looks()[0]![2] as { browning: number }).browning).toBeCloseTo(0.8, 1);
  const known = [...events, batchEvent('looked', 7.1, { browning: 0.8, device: true })];
  rerender({ events: known, time: 440, devices: states() });
  expect(looks()).toHaveLength(1);
  rerender({ events: [...known, batchEvent('shaken', 12)], time: 725, devices: states() });
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

test('pieces lie in a stand-in from the moment they were put in, prepared as they really were', async () => {
  const step = FIRST_PLAN.prep.length;
  const { tell } = help({ events: [batchEvent('prep-skipped', 0, { step })], dial: null });
  const before = Date.now();
  tell('loaded');
  await act(async () => undefined);
  const [, [{ command }]] = ask.mock.calls;
  expect(command.at).toBeGreaterThanOrEqual(before);
  expect(command.at).toBeLessThanOrEqual(Date.now());
  expect(command.plan.fryer.preheat ?? null).toBeNull();
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
  expect(record.mock.calls.map(([kind]) => kind)).toEqual(['loaded', 'shaken', 'looked']);
});

test('a device that does not help only records', () => {
  const { tell } = help({ helps: false });
  tell('shaken');
  expect(ask).not.toHaveBeenCalled();
  expect(record.mock.calls).toEqual([['shaken']]);
});
