import fc from 'fast-check';
import type { Resolution } from '../batch/resolution';
import { simulateCook } from '../batch/simulate-cook';
import { findFood } from '../food/catalogue';
import { fryerFromLabel } from '../fryer/fryer-from-label';
import { quantileOfSorted } from '../numeric/quantile';
import type { Plan } from '../plan/plan';
import { kelvinFromCelsius } from '../units/temperature';
import { type Forecast, forecastPlan } from './forecast';

/** As shown. */
const QUICK: Resolution = { pieces: 16, cells: 17, step: 10, interval: 20 };
const RUNS = { numRuns: 8, seed: 20261125, endOnFailure: true };
const minutes = (value: number) => value * 60;
const shakesEvery = (every: number, until: number) =>
  Array.from({ length: Math.floor(until / every) }, (_, i) => ({
    time: minutes((i + 1) * every),
    action: 'shake' as const,
  }));

const BASE: Plan = {
  name: 'base',
  food: findFood('potato-floury')!,
  reducingSugar: findFood('potato-floury')!.reducingSugar,
  cut: { shape: 'stick', thickness: 0.01, width: 0.01, length: 0.07 },
  scatter: 0.07,
  mass: 0.4,
  startTemperature: kelvinFromCelsius(20),
  preparation: [
    { step: 'dry', method: 'towel', duration: null },
    { step: 'oil', mass: 0.008, method: 'toss' },
  ],
  fryer: fryerFromLabel(1500, 0.05, 0.09),
  preheat: { duration: 240, temperature: kelvinFromCelsius(195) },
  browningScale: 1,
  toTable: 120,
  stages: [{ duration: minutes(40), temperature: kelvinFromCelsius(195) }],
  events: shakesEvery(5, 35),
  target: { colour: 'golden', crispness: 'crisp' },
};

const foods = fc.constantFrom('potato-floury', 'celeriac', 'carrot', 'kohlrabi', 'swede').map((id) => findFood(id)!);
const stickPlans = fc
  .record({
    food: foods,
    thickness: fc.double({ min: 0.008, max: 0.012, noNaN: true }),
    mass: fc.double({ min: 0.25, max: 0.5, noNaN: true }),
    dial: fc.integer({ min: 180, max: 205 }),
  })
  .map(({ food, thickness, mass, dial }): Plan => ({
    ...BASE,
    food,
    mass,
    cut: { shape: 'stick', thickness, width: thickness, length: 0.07 },
    stages: [{ duration: minutes(45), temperature: kelvinFromCelsius(dial) }],
  }));
const chip = (dial: number, mass = 0.12): Plan => ({
  ...BASE,
  mass,
  cut: { shape: 'slice', thickness: 0.002, diameter: 0.05 },
  scatter: 0.03,
  stages: [{ duration: minutes(30), temperature: kelvinFromCelsius(dial) }],
});

const quick = (plan: Plan) => forecastPlan(plan, 1, QUICK);
const pullMinuteOf = ({ pull, inTime }: Forecast) => (inTime ? pull.time / 60 : Infinity);
const pullMinute = (plan: Plan) => pullMinuteOf(quick(plan));
const width = ({ window }: Forecast) => (window.held ? (window.to - window.from) / 60 : 0);
function browningAt({ record }: Forecast, minute: number, share: number): number {
  const sample = Math.round(minutes(minute) / record.interval);
  const faces = record.browning.slice(2 * sample * record.pieces, 2 * (sample + 1) * record.pieces).sort();
  return quantileOfSorted(faces, share);
}

/** Foods below this never hold 80 % crisp together at a high dial, so that their window tells nothing. */
const STARCHY = 0.1;

/** Checks a claim about pairs of forecasts on random stick plans. */
function onSticks(claim: (plan: Plan) => void) {
  fc.assert(fc.property(stickPlans, claim), RUNS);
}

test('thicker sticks are done later, in a light load', () =>
  onSticks((heavier) => {
    const plan = { ...heavier, mass: heavier.mass / 2 };
    if (plan.cut.shape !== 'stick') throw new Error('sticks only');
    const { thickness, length } = plan.cut;
    const thicker = { ...plan, cut: { ...plan.cut, thickness: thickness * 1.3, width: thickness * 1.3, length } };
    expect(pullMinute(thicker)).toBeGreaterThan(pullMinute(plan));
  }));

test('chips at 180 °C are done sooner than at 150 °C, and the minutes from right to burnt shrink', () => {
  const gentle = quick(chip(150));
  const hot = quick(chip(180));
  expect(hot.pull.time).toBeLessThan(gentle.pull.time);
  const spare = ({ pull, record }: Forecast) => {
    for (let s = 0; s < record.samples; s++) {
      if (browningAt({ record } as Forecast, (s * record.interval) / 60, 0.5) > 3)
        return s * record.interval - pull.time;
    }
    return Infinity;
  };
  expect(spare(gentle)).toBeGreaterThan(2 * spare(hot));
});

test('badly drained against towelled: later by up to some minutes', () =>
  onSticks((plan) => {
    const wet = { ...plan, preparation: [{ step: 'rinse', changes: 1 }, ...plan.preparation.slice(1)] } as Plan;
    const later = pullMinute(wet) - pullMinute(plan);
    expect(later).toBeGreaterThan(0.3);
    expect(later).toBeLessThan(5);
  }));

test('out of the fridge is later than from the room', () =>
  onSticks((plan) => {
    const later = pullMinute({ ...plan, startTemperature: kelvinFromCelsius(4) }) - pullMinute(plan);
    expect(later).toBeGreaterThan(0.1);
    expect(later).toBeLessThan(3);
  }));

test('a cold start is one to five minutes later than a preheated one', () =>
  onSticks((plan) => {
    const later = pullMinute({ ...plan, preheat: null }) - pullMinute(plan);
    expect(later).toBeGreaterThan(0.5);
    expect(later).toBeLessThan(5);
  }));

test('a double load is much later, with the air below the dial', () =>
  onSticks((plan) => {
    const full = { ...plan, mass: Math.max(0.4, plan.mass) };
    const single = quick(full);
    const double = quick({ ...full, mass: full.mass * 2 });
    expect(pullMinuteOf(double) / pullMinuteOf(single)).toBeGreaterThan(1.12);
    const airUntil = ({ record }: Forecast, minute: number) =>
      record.airTemperature.slice(0, (minute * 60) / record.interval).reduce((sum, t) => sum + t, 0);
    expect(airUntil(double, 12)).toBeLessThan(airUntil(single, 12));
  }));

test('a heap that is never shaken browns far less evenly than one shaken every five minutes', () => {
  const heap = { ...BASE, mass: 0.6 };
  const spread = (forecast: Forecast) => {
    const at = forecast.pull.time / 60;
    return browningAt(forecast, at, 0.9) / browningAt(forecast, at, 0.1);
  };
  expect(spread(quick({ ...heap, events: [] }))).toBeGreaterThan(2 * spread(quick(heap)));
});

test('ten degrees more: sooner, and a narrower window', () =>
  onSticks((plan) => {
    const hotter = { ...plan, stages: plan.stages.map((s) => ({ ...s, temperature: s.temperature + 10 })) };
    expect(pullMinute(hotter)).toBeLessThan(pullMinute(plan));
    if (plan.food.starch < STARCHY) return;
    expect(width(quick(plan))).toBeGreaterThan(0);
    expect(width(quick(hotter))).toBeLessThan(width(quick(plan)));
  }));

test('a longer or hotter soak: paler at the same minute', () =>
  onSticks((plan) => {
    const soaked = (celsius: number, duration: number) =>
      quick({
        ...plan,
        preparation: [
          { step: 'soak', waterTemperature: kelvinFromCelsius(celsius), duration: minutes(duration) },
          ...plan.preparation,
        ],
      });
    const at = pullMinute(plan);
    const none = browningAt(quick(plan), at, 0.5);
    const short = browningAt(soaked(15, 10), at, 0.5);
    const long = browningAt(soaked(15, 60), at, 0.5);
    expect(short).toBeLessThan(none);
    expect(long).toBeLessThan(short);
    /* hot water also warms the piece, so sugar left is compared, not the minute */
    expect(soaked(70, 20).record.prepared.sugarLeft).toBeLessThan(soaked(15, 20).record.prepared.sugarLeft);
  }));

test('no oil is paler and slower; a flood gains nothing over a film', () =>
  onSticks((plan) => {
    const oiled = (film: number) => {
      const surface = 0.008 / quick(plan).oil.film;
      return quick({
        ...plan,
        preparation: [
          { step: 'dry', method: 'towel', duration: null },
          { step: 'oil', mass: film * surface, method: 'toss' },
        ],
      });
    };
    const [none, film, flood] = [oiled(0), oiled(0.06), oiled(0.15)];
    const at = film.pull.time / 60;
    expect(browningAt(none, at, 0.5)).toBeLessThan(browningAt(film, at, 0.5));
    expect(none.pull.time).toBeGreaterThanOrEqual(film.pull.time);
    expect(Math.abs(flood.pull.time - film.pull.time)).toBeLessThan(35);
  }));

test('a scatter of 20 % against 3 %: the window narrows or disappears', () =>
  onSticks((plan) => {
    const even = width(quick({ ...plan, scatter: 0.03 }));
    expect(even).toBeGreaterThan(0);
    expect(width(quick({ ...plan, scatter: 0.2 }))).toBeLessThan(even);
  }));

test('nothing is ever NaN, shares sum to one, water only leaves', () => {
  const anyPlan = fc
    .record({
      food: fc
        .constantFrom('potato-floury', 'celeriac', 'carrot', 'beetroot', 'tofu-firm', 'tofu-smoked')
        .map((id) => findFood(id)!),
      cut: fc.oneof(
        fc
          .double({ min: 0.004, max: 0.02, noNaN: true })
          .map((t) => ({ shape: 'stick' as const, thickness: t, width: t, length: 0.06 })),
        fc
          .double({ min: 0.001, max: 0.005, noNaN: true })
          .map((t) => ({ shape: 'slice' as const, thickness: t, diameter: 0.05 })),
        fc.double({ min: 0.01, max: 0.03, noNaN: true }).map((t) => ({ shape: 'cube' as const, thickness: t })),
      ),
      mass: fc.double({ min: 0.05, max: 1.5, noNaN: true }),
      dial: fc.integer({ min: 100, max: 230 }),
      scatter: fc.double({ min: 0, max: 0.3, noNaN: true }),
      power: fc.integer({ min: 600, max: 2500 }),
    })
    .map(({ dial, power, ...part }): Plan => ({
      ...BASE,
      ...part,
      fryer: fryerFromLabel(power, 0.05, 0.09),
      stages: [{ duration: minutes(25), temperature: kelvinFromCelsius(dial) }],
    }));
  fc.assert(
    fc.property(anyPlan, (plan) => {
      const { record, track } = quick(plan);
      for (const values of [record.browning, record.crispness, record.moisture, record.airTemperature]) {
        expect(values.every(Number.isFinite)).toBe(true);
      }
      for (let s = 0; s < track.samples; s++) {
        expect(track.shares.slice(4 * s, 4 * s + 4).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
      }
      expect(record.moisture.every((m) => m >= 0 && m <= record.moisture[0]! * 1.001)).toBe(true);
      expect(Math.max(...record.airTemperature)).toBeLessThan(kelvinFromCelsius(240));
      /* thin slices may run dry within a step; it is counted, and heat and water are kept */
      expect(record.repairs).toBeLessThanOrEqual(2 * record.pieces);
    }),
    { numRuns: 25, seed: 20261125, endOnFailure: true },
  );
});

test('same plan and seed give the same bits; another seed does not', () => {
  expect(simulateCook(BASE, 7, QUICK)).toEqual(simulateCook(BASE, 7, QUICK));
  expect(simulateCook(BASE, 8, QUICK).browning).not.toEqual(simulateCook(BASE, 7, QUICK).browning);
});

test.each([
  ['sticks, shaken', BASE],
  ['sticks, never shaken', { ...BASE, events: [] }],
  ['chips', chip(160)],
  ['a full basket', { ...BASE, mass: 0.9 }],
])('%s: step and grid halved change the moment to pull by less than 2 %%', (_, plan) => {
  const at = (cells: number, step: number) =>
    forecastPlan(plan, 1, { pieces: 16, cells, step, interval: 20 }).pull.time;
  const standard = at(21, 4);
  expect(Math.abs(at(41, 4) / standard - 1)).toBeLessThan(0.02);
  expect(Math.abs(at(21, 2) / standard - 1)).toBeLessThan(0.02);
});
