/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import type { DeviceReadings } from '../../schemas/device-message';
import { useDevices } from './use-devices';

const fetchMock = jest.fn();
let air = 187;
let grams = 400;
const readings = (): DeviceReadings => ({
  readings: {
    fryer: {
      kind: 'read',
      report: { device: 'drubek.fryer', version: 1, air_c: air, dial_c: 190, heating: true, drawer: 'in' },
    },
    scale: { kind: 'read', report: { device: 'drubek.scale', version: 1, grams } },
    probe: { kind: 'silent', why: 'does not answer' },
    colour: { kind: 'silent', why: 'does not answer' },
  },
  faults: {},
});
const answering = async () => ({ ok: true, json: async () => readings() });
const settle = (ms: number) => act(async () => jest.advanceTimersByTimeAsync(ms).then(() => undefined));

beforeEach(() => {
  jest.useFakeTimers();
  [air, grams] = [187, 400];
  fetchMock.mockReset().mockImplementation(answering);
  globalThis.fetch = fetchMock;
});
afterEach(() => jest.useRealTimers());

/* a clock sixty times as fast, so that two minutes pass in two seconds */
const start = (moving: boolean, often = true) => renderHook(() => useDevices(() => Date.now() * 60, moving, often));

test('each device is read or silent, and read again while it matters', async () => {
  const { result } = start(true);
  await settle(0);
  expect(result.current.answer).toBe(true);
  expect(result.current.states!.scale).toMatchObject({ kind: 'read', trust: 'fine', report: { grams: 400 } });
  expect(result.current.states!.probe).toEqual({ kind: 'silent', why: 'does not answer' });
  grams = 390;
  await settle(1000);
  expect(result.current.states!.scale).toMatchObject({ report: { grams: 390 } });
});

test('a reading belongs to the moment between the question and its answer, by the shown clock', async () => {
  fetchMock.mockImplementation(async () => {
    await new Promise((resolve) => setTimeout(resolve, 500));
    return answering();
  });
  const asked = Date.now();
  const { result } = start(true);
  await settle(500);
  expect(result.current.readAt).toBe((asked + 250) * 60);
});

test('a number that stands still is stuck while the pieces cook, and fine in an idle kitchen', async () => {
  const cooking = start(true);
  const idle = start(false);
  for (let i = 0; i < 9; i++) {
    air += 0.5;
    await settle(1000);
  }
  expect(cooking.result.current.states!.scale).toMatchObject({ trust: 'stuck' });
  expect(cooking.result.current.states!.fryer).toMatchObject({ trust: 'fine' });
  expect(idle.result.current.states!.scale).toMatchObject({ trust: 'fine' });
});

test('with the server away nothing old is taken for new; it comes back by itself', async () => {
  const { result } = start(true);
  await settle(0);
  fetchMock.mockRejectedValue(new Error('away'));
  await settle(1000);
  expect(result.current.states!.fryer).toEqual({ kind: 'silent', why: 'cannot be asked while the server is away' });
  fetchMock.mockImplementation(answering);
  await settle(1000);
  expect(result.current.states!.fryer.kind).toBe('read');
});

test('where nobody goes by them they are asked seldom', async () => {
  start(false, false);
  await settle(9000);
  expect(fetchMock).toHaveBeenCalledTimes(1);
});
