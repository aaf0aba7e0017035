/** @jest-environment node */
import { AS_EXPECTED } from '../../core/forecast/unknowns';
import { FIRST_PLAN } from '../../schemas/first-plan';
import { createForecaster } from './client';

const mockRests: number[] = [];
const mockTimesAsked = jest.fn();

jest.mock('comlink', () => ({
  proxy: (report: unknown) => report,
  wrap: () => ({
    forecast: async (
      _document: unknown,
      _unknowns: unknown,
      _generation: number,
      rest: number,
      report: (answer: { kind: 'coarse'; forecast: object }) => void,
    ) => {
      mockRests.push(rest);
      report({ kind: 'coarse', forecast: {} });
      return false;
    },
    pullTimes: async (_document: unknown, generation: number) => {
      mockTimesAsked(generation);
      return null;
    },
  }),
}));

class StillWorker {
  addEventListener = () => undefined;
  terminate = () => undefined;
}

beforeEach(() => {
  jest.useFakeTimers();
  mockRests.length = 0;
  mockTimesAsked.mockReset();
  Object.assign(globalThis, { Worker: StillWorker });
});
afterEach(() => jest.useRealTimers());

const forecaster = () => createForecaster({ onForecast: jest.fn(), onInterval: jest.fn(), onFailure: jest.fn() });
const generationsAsked = () => new Set(mockTimesAsked.mock.calls.map(([generation]) => generation as number));

test('a single step is answered in full at once, its interval begun beside it', async () => {
  forecaster().request(FIRST_PLAN, true, AS_EXPECTED);
  await jest.advanceTimersByTimeAsync(1);
  expect(mockRests[0]).toBeLessThan(20);
  expect(generationsAsked()).toEqual(new Set([1]));
});

test('while a lever moves no interval is begun but for the first step and once it rests', async () => {
  const { request } = forecaster();
  for (let step = 0; step < 10; step++) {
    request({ ...FIRST_PLAN, mass_g: 300 + step }, true, AS_EXPECTED);
    await jest.advanceTimersByTimeAsync(20);
  }
  expect(generationsAsked()).toEqual(new Set([1]));
  expect(mockRests.slice(1).every((rest) => rest > 20)).toBe(true);
  await jest.advanceTimersByTimeAsync(100);
  expect(generationsAsked()).toEqual(new Set([1, 10]));
});
