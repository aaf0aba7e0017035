import type { PullInterval } from '../core/forecast/pull-interval';
import type { Forecast } from '../core/forecast/forecast';
import { AS_EXPECTED } from '../core/forecast/unknowns';
import { FIRST_PLAN } from '../schemas/first-plan';
import type { ForecastListener } from '../workers/forecast/client';
import { asItCame, createLiveForecast, questionOf } from './live-forecast';

function storeWithForecaster() {
  const request = jest.fn();
  const end = jest.fn();
  let listener: ForecastListener | undefined;
  const start = jest.fn((own: ForecastListener) => {
    listener = own;
    return { request, end };
  });
  return { store: createLiveForecast(true, start), start, request, end, listener: () => listener! };
}
const forecast = { firstCheck: 900 } as Forecast;

test('no worker is started before the first question, and the same question is asked once', () => {
  const { store, start, request } = storeWithForecaster();
  expect(start).not.toHaveBeenCalled();
  store.request(FIRST_PLAN);
  store.request({ ...FIRST_PLAN });
  const heavier = { ...FIRST_PLAN, mass_g: 600 };
  store.request(heavier);
  expect(start).toHaveBeenCalledTimes(1);
  expect(request.mock.calls).toEqual([
    [FIRST_PLAN, true, AS_EXPECTED],
    [heavier, true, AS_EXPECTED],
  ]);
  store.request(heavier, { ...AS_EXPECTED, power: 0.9 });
  expect(request).toHaveBeenCalledTimes(3);
});

test('listeners hear of each answer; two failures keep what was known', () => {
  const { store, listener } = storeWithForecaster();
  const heard = jest.fn();
  const leave = store.subscribe(heard);
  store.request(FIRST_PLAN);
  listener().onForecast({ kind: 'coarse', forecast });
  expect(store.read()).toMatchObject({ forecast, isFull: false, interval: null });
  listener().onForecast({ kind: 'full', forecast });
  const interval = { p50: 900 } as unknown as PullInterval;
  listener().onInterval(interval);
  listener().onFailure();
  listener().onFailure();
  expect(store.read()).toEqual({ forecast, isFull: true, interval, failed: true, question: questionOf(FIRST_PLAN) });
  store.end();
  expect(heard).toHaveBeenCalledTimes(4);
  leave();
  listener().onForecast({ kind: 'full', forecast });
  expect(heard).toHaveBeenCalledTimes(4);
  expect(store.read().failed).toBe(false);
});

test('after its end a question starts anew', () => {
  const { store, start, request, end } = storeWithForecaster();
  store.request(FIRST_PLAN);
  store.end();
  expect(end).toHaveBeenCalledTimes(1);
  store.request(FIRST_PLAN);
  expect(start).toHaveBeenCalledTimes(2);
  expect(request).toHaveBeenCalledTimes(2);
});

describe('workers that fail', () => {
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());

  test('are ended and others asked at once; a late word of the first changes nothing', () => {
    const { store, start, request, end, listener } = storeWithForecaster();
    store.request(FIRST_PLAN);
    const first = listener();
    first.onFailure();
    expect([start, end, request].map(({ mock }) => mock.calls.length)).toEqual([2, 1, 2]);
    first.onFailure();
    expect(start).toHaveBeenCalledTimes(2);
    expect(store.read().failed).toBe(false);
    listener().onForecast({ kind: 'full', forecast });
    expect(store.read()).toMatchObject({ forecast, failed: false });
  });

  test('twice: it is said, and asked again after a rest until an answer comes', () => {
    const { store, request, listener } = storeWithForecaster();
    store.request(FIRST_PLAN);
    listener().onFailure();
    listener().onFailure();
    expect(store.read().failed).toBe(true);
    expect(request).toHaveBeenCalledTimes(2);
    jest.advanceTimersByTime(10_000);
    expect(request).toHaveBeenCalledTimes(3);
    listener().onFailure();
    jest.advanceTimersByTime(10_000);
    expect(request).toHaveBeenCalledTimes(4);
    listener().onForecast({ kind: 'full', forecast });
    expect(store.read()).toMatchObject({ forecast, failed: false });
    jest.advanceTimersByTime(60_000);
    expect(request).toHaveBeenCalledTimes(4);
  });

  test('another question is asked at once, and left behind nothing is asked any more', () => {
    const { store, request, listener } = storeWithForecaster();
    store.request(FIRST_PLAN);
    listener().onFailure();
    listener().onFailure();
    const heavier = { ...FIRST_PLAN, mass_g: 900 };
    store.request(heavier);
    expect(store.read().failed).toBe(false);
    expect(request).toHaveBeenLastCalledWith(heavier, true, AS_EXPECTED);
    jest.advanceTimersByTime(60_000);
    expect(request).toHaveBeenCalledTimes(3);
    listener().onFailure();
    listener().onFailure();
    store.end();
    jest.advanceTimersByTime(60_000);
    expect(request).toHaveBeenCalledTimes(4);
  });
});

test('an interval never stands beside the forecast of another plan', () => {
  const { store, listener } = storeWithForecaster();
  store.request(FIRST_PLAN);
  listener().onForecast({ kind: 'full', forecast });
  listener().onInterval({ p10: 800, p50: 900, p90: 1000 });
  store.request({ ...FIRST_PLAN, mass_g: 900 });
  expect(store.read().interval).not.toBeNull();
  listener().onForecast({ kind: 'full', forecast: { firstCheck: 1500 } as Forecast });
  expect(store.read()).toMatchObject({ forecast: { firstCheck: 1500 }, interval: null });
});

test('who asks about a plan waits for the answer about that plan, interval and all', async () => {
  const { store, request, listener } = storeWithForecaster();
  const heavier = { ...FIRST_PLAN, mass_g: 900 };
  store.request(FIRST_PLAN);
  listener().onForecast({ kind: 'full', forecast });
  listener().onInterval({ p10: 800, p50: 900, p90: 1000 });
  const settled = jest.fn();
  void store.answerAbout(heavier).then(settled);
  await Promise.resolve();
  expect(request).toHaveBeenLastCalledWith(heavier, true, AS_EXPECTED);
  expect(settled).not.toHaveBeenCalled();
  listener().onForecast({ kind: 'full', forecast: { firstCheck: 1500 } as Forecast });
  await Promise.resolve();
  expect(settled).not.toHaveBeenCalled();
  listener().onInterval({ p10: 1400, p50: 1500, p90: 1600 });
  await Promise.resolve();
  expect(settled).toHaveBeenCalledWith(expect.objectContaining({ forecast: { firstCheck: 1500 } }));
  await expect(store.answerAbout(heavier)).resolves.toMatchObject({ interval: { p50: 1500 } });
});

test('who waits is told that there will be no answer', async () => {
  const { store, listener } = storeWithForecaster();
  const waiting = store.answerAbout(FIRST_PLAN);
  listener().onFailure();
  listener().onFailure();
  await expect(waiting).resolves.toMatchObject({ failed: true });
  store.end();
});

test('what the page came with stands until the full picture is there; a coarse one of the same does not take its place', () => {
  const interval = { p50: 900 } as unknown as PullInterval;
  let listener: ForecastListener | undefined;
  const start = (own: ForecastListener) => {
    listener = own;
    return { request: jest.fn(), end: jest.fn() };
  };
  const store = createLiveForecast(true, start, asItCame(FIRST_PLAN, { forecast, interval }));
  expect(store.read()).toMatchObject({ forecast, interval, isFull: false });
  store.request(FIRST_PLAN);
  listener!.onForecast({ kind: 'coarse', forecast: { firstCheck: 880 } as Forecast });
  expect(store.read().forecast).toBe(forecast);
  listener!.onForecast({ kind: 'full', forecast: { firstCheck: 905 } as Forecast });
  expect(store.read()).toMatchObject({ forecast: { firstCheck: 905 }, interval, isFull: true });
  store.request({ ...FIRST_PLAN, mass_g: 700 });
  listener!.onForecast({ kind: 'coarse', forecast: { firstCheck: 990 } as Forecast });
  expect(store.read()).toMatchObject({ forecast: { firstCheck: 990 }, interval: null, isFull: false });
});
