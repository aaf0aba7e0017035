/** @jest-environment jsdom */
let mockListener: ForecastListener | undefined;
jest.mock('../workers/forecast/client', () => ({
  createForecaster: (listener: ForecastListener) => {
    mockListener = listener;
    return { request: jest.fn(), end: jest.fn() };
  },
}));

import { act, renderHook } from '@testing-library/react';
import type { Forecast } from '../core/forecast/forecast';
import { FIRST_PLAN } from '../schemas/first-plan';
import type { ForecastListener } from '../workers/forecast/client';
import { useWholeForecast } from './use-forecast';

const forecast = { firstCheck: 900 } as Forecast;
const answer = (kind: 'coarse' | 'full') => act(() => mockListener!.onForecast({ kind, forecast }));

test('what is read once is neither the coarse picture nor the answer about the plan before', () => {
  const { result, rerender } = renderHook(({ document }) => useWholeForecast(document, true), {
    initialProps: { document: FIRST_PLAN },
  });
  answer('coarse');
  expect(result.current.forecast).toBeNull();
  answer('full');
  expect(result.current.forecast).toBe(forecast);
  rerender({ document: { ...FIRST_PLAN, mass_g: 900 } });
  expect(result.current).toMatchObject({ forecast: null, interval: null, failed: false });
  answer('full');
  expect(result.current.forecast).toBe(forecast);
  rerender({ document: { ...FIRST_PLAN, mass_g: 900 } });
  expect(result.current.forecast).toBe(forecast);
});

test('that there will be no answer is said', () => {
  const { result } = renderHook(() => useWholeForecast(FIRST_PLAN));
  act(() => mockListener!.onFailure());
  act(() => mockListener!.onFailure());
  expect(result.current).toMatchObject({ forecast: null, failed: true });
});
