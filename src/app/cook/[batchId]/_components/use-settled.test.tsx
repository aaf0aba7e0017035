/** @jest-environment jsdom */
import { renderHook } from '@testing-library/react';
import type { Forecast } from '@/core/forecast/forecast';
import { AS_EXPECTED } from '@/core/forecast/unknowns';
import { type LiveForecast, NOTHING_YET } from '@/ui/live-forecast';
import type { Correction } from '@/workers/coach/protocol';
import { useSettled } from './use-settled';

const live = (time: number, isFull: boolean, question = 'before'): LiveForecast => ({
  ...NOTHING_YET,
  forecast: { pull: { reached: true, time }, inTime: true } as unknown as Forecast,
  isFull,
  question,
});

const learnt = (p50: number, taken: number): Correction => ({
  interval: { p10: p50 - 60, p50, p90: p50 + 60 },
  unknowns: AS_EXPECTED,
  taken,
  advice: null,
});

interface Seen {
  live: LiveForecast;
  correction?: Correction;
  asked?: string;
}

function follow() {
  const { result, rerender } = renderHook(
    ({ live: now, correction = undefined, asked = 'before' }: Seen) => useSettled(now, 1265, correction ?? null, asked),
    { initialProps: { live: NOTHING_YET } as Seen },
  );
  const shown = () => ({ ...result.current, forecast: result.current.forecast?.pull.time ?? null });
  return {
    shown,
    after: (seen: Seen) => {
      rerender(seen);
      return shown();
    },
  };
}

test('the stored moment until a whole picture is there; from then on a coarse one moves nothing', () => {
  const { shown, after } = follow();
  expect(shown()).toEqual({ forecast: null, pull: 1265, correction: null });
  expect(after({ live: live(1200, false) })).toMatchObject({ forecast: 1200, pull: 1265 });
  expect(after({ live: live(1270, true) })).toMatchObject({ forecast: 1270, pull: 1270 });
  expect(after({ live: live(1230, false) })).toMatchObject({ forecast: 1270, pull: 1270 });
  expect(after({ live: live(1300, true) })).toMatchObject({ forecast: 1300, pull: 1300 });
});

test('what was learnt waits for the picture made with it: the moment never stands beside the range of another', () => {
  const { after } = follow();
  const [first, second] = [learnt(1400, 1), learnt(1500, 2)];
  const before = { forecast: 1270, pull: 1270, correction: null };
  const once = { forecast: 1400, pull: 1400, correction: first };
  expect(after({ live: live(1270, true), correction: first, asked: 'first' })).toEqual(before);
  expect(after({ live: live(1380, false, 'first'), correction: first, asked: 'first' })).toEqual(before);
  const whole = live(1400, true, 'first');
  expect(after({ live: whole, correction: first, asked: 'first' })).toEqual(once);
  expect(after({ live: whole, correction: second, asked: 'second' })).toEqual(once);
  expect(after({ live: live(1500, true, 'second'), correction: second, asked: 'second' })).toEqual({
    forecast: 1500,
    pull: 1500,
    correction: second,
  });
});
