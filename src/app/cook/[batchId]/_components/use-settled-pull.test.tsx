/** @jest-environment jsdom */
import { renderHook } from '@testing-library/react';
import type { Forecast } from '@/core/forecast/forecast';
import { type LiveForecast, NOTHING_YET } from '@/ui/live-forecast';
import { useSettledPull } from './use-settled-pull';

const live = (time: number, isFull: boolean): LiveForecast => ({
  ...NOTHING_YET,
  forecast: { pull: { reached: true, time }, inTime: true } as unknown as Forecast,
  isFull,
});

test('the stored moment until a whole picture is there; a coarse one moves nothing, before or after', () => {
  const { result, rerender } = renderHook((now: LiveForecast) => useSettledPull(now, 1265), {
    initialProps: NOTHING_YET,
  });
  const after = (now: LiveForecast) => {
    rerender(now);
    return result.current;
  };
  expect(result.current).toBe(1265);
  expect(after(live(1200, false))).toBe(1265);
  expect(after(live(1270, true))).toBe(1270);
  expect(after(live(1230, false))).toBe(1270);
  expect(after(live(1300, true))).toBe(1300);
});
