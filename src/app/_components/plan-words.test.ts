import { FIRST_PLAN } from '@/schemas/first-plan';
import { planFileSchema } from '@/schemas/plan-file';
import { planFromFile } from '@/schemas/plan-from-file';
import { forecastPlan } from '@/core/forecast/forecast';
import { STANDARD_RESOLUTION } from '@/core/batch/resolution';
import { intervalText, spokenForecast, windowText } from '@/ui/words/forecast-text';
import { planPhrases } from '@/ui/words/plan-text';
import { warningText } from '@/ui/words/warning-text';
import { minuteWords } from '@/ui/field/minute-words';
import { FIRST_FILE } from '../../../tests/support/first-file';
import { batchForecast } from './batch-forecast';

const forecast = forecastPlan(planFromFile(FIRST_PLAN), 1, STANDARD_RESOLUTION);

test('a plan is told a phrase a step, in both unit systems', () => {
  const document = planFileSchema.parse({
    ...FIRST_FILE,
    prep: [
      { step: 'rinse', changes: 2 },
      { step: 'parcook', method: 'boil', minutes: 4 },
      { step: 'dry', method: 'steam-dry' },
      { step: 'oil', film_g_m2: 40 },
      { step: 'dredge', layers: 2 },
    ],
  });
  expect(planPhrases(document, 'metric')).toEqual([
    'Floury potato, 10 mm sticks',
    '500 g',
    'rinsed 2 times',
    'boiled 4 min',
    'steam dried',
    'oil 40 g/m²',
    'crumbed twice',
    'preheated 4 min',
    '195 °C',
  ]);
  expect(planPhrases(document, 'us').at(-1)).toBe('383 °F');
  const fryer = { ...document.fryer, preheat: null };
  expect(planPhrases({ ...document, fryer }, 'metric').at(-2)).toBe('cold start');
  expect(planPhrases({ ...document, fryer: { ...fryer, start_c: 164 } }, 'metric').at(-2)).toBe('warm, 164 °C');
});

test('the window is told with its minutes and its best share, and never in seconds', () => {
  const held = { from: 1110, to: 1310, held: true };
  expect(windowText({ ...forecast, inTime: true, window: held, peak: { time: 1200, share: 0.92 } })).toBe(
    'Right from 18½ to 22 min, at best 92 % of the pieces together.',
  );
  expect(
    windowText({ ...forecast, inTime: true, window: { ...held, held: false }, peak: { time: 1200, share: 0.6 } }),
  ).toBe('Never all right together: at best 60 %, from 18½ to 22 min.');
  expect(windowText({ ...forecast, inTime: false })).toMatch(/^The stages end before most pieces are ready/);
});

test('the interval is told in whole minutes, open where it has no end, and not at all while unknown', () => {
  expect(intervalText({ p10: 900, p50: 1100, p90: 1330 })).toBe('(15–22)');
  expect(intervalText({ p10: 900, p50: null, p90: null })).toBe('(15 to beyond the stages)');
  expect(intervalText(null)).toBeNull();
});

test('a screen reader is told the moment to pull first', () => {
  const pull = { time: 1200, share: 0.9 };
  expect(spokenForecast({ ...forecast, inTime: true, pull })).toMatch(/^Pull after about 20 min\. /);
  expect(spokenForecast({ ...forecast, inTime: false })).toMatch(/^Not done in 30 min\. /);
});

test('a minute is read with its shares, which make a hundred', () => {
  const words = minuteWords(forecast, 36, 'metric');
  const shares = [...words.matchAll(/(?:under|right|dark|burnt) (\d+) %/g)].map((match) => Number(match[1]));
  expect(shares.length).toBeGreaterThan(0);
  expect(Math.abs(shares.reduce((sum, share) => sum + share, 0) - 100)).toBeLessThanOrEqual(2);
});

test('warnings speak in the kitchen’s units', () => {
  const limited = { code: 'power-limited', minutesAtFullPower: 11.6, airBelowDial: 20 } as const;
  expect(warningText(limited, 'metric')).toContain('12 min and the air stays up to 20 °C');
  expect(warningText(limited, 'us')).toContain('36 °F');
  expect(warningText({ code: 'window-narrow', width: 61 }, 'us')).toContain('about 1 min');
});

test('what a batch keeps of its forecast are minutes to the hundredth', () => {
  const kept = batchForecast(
    { pull: { time: 1111, share: 1 }, inTime: true, firstCheck: 900, window: { from: 1000, to: 1250, held: true } },
    null,
  );
  expect(kept).toMatchObject({ done_min: 18.52, done_p10_min: null, window: { from_min: 16.67, to_min: 20.83 } });
});
