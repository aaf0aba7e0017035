import { traceAt, traceOf } from '../../core/coach/trace';
import { browningOfColour } from '../../core/food/colour-ramp';
import { dialTemperature } from '../../core/plan/plan';
import { outerRamp } from '../../core/plan/outer-ramp';
import { planFromFile } from '../../schemas/plan-from-file';
import { FIRST_PLAN } from '../../schemas/first-plan';
import { createSimulatedKitchen } from './simulated-kitchen';
import { createStandIns } from './stand-ins';

const START = 1_790_000_000_000;

/** Stand-ins on a clock that the test moves. */
function bench(seed = 3) {
  let at = START;
  const standIns = createStandIns(seed, () => at);
  return { standIns, pass: (seconds: number) => void (at += seconds * 1000), now: () => at };
}

test('an empty fryer heats to its dial, give or take its own thermostat, and cools when switched off', () => {
  const { standIns, pass } = bench();
  expect(standIns.report('fryer')).toMatchObject({ dial_c: null, heating: false, drawer: 'in' });
  standIns.turnDial(200);
  pass(30);
  expect(standIns.report('fryer')).toMatchObject({ dial_c: 200, heating: true });
  pass(400);
  const { air_c: hot } = standIns.report('fryer')!;
  expect(Math.abs(hot - 200)).toBeLessThan(20);
  standIns.turnDial(null);
  pass(900);
  expect(standIns.report('fryer')!.air_c).toBeLessThan(hot - 60);
});

test('a loaded batch loses weight, warms at its heart and takes on colour; the drawer is out for a shake', () => {
  const { standIns, pass } = bench();
  standIns.turnDial(190);
  pass(240);
  standIns.atBasket({ action: 'load', plan: FIRST_PLAN });
  const raw = standIns.report('colour')!.lab;
  expect(standIns.report('scale')!.grams).toBeGreaterThan(0.9 * FIRST_PLAN.mass_g);
  pass(300);
  standIns.atBasket({ action: 'shake' });
  expect(standIns.report('fryer')!.drawer).toBe('out');
  pass(60);
  expect(standIns.report('fryer')!.drawer).toBe('in');
  pass(900);
  expect(standIns.report('scale')!.grams).toBeLessThan(0.75 * FIRST_PLAN.mass_g);
  expect(standIns.report('probe')!.centre_c).toBeGreaterThan(85);
  const browned = standIns.report('colour')!.lab;
  expect(browned[0]).toBeLessThan(raw[0] - 2);
  standIns.atBasket({ action: 'empty' });
  expect(standIns.report('scale')!.grams).toBeLessThan(5);
});

test('at 60 times the speed a minute of the clock is an hour of cooking, the same cook as at its own pace', () => {
  const slow = bench();
  const fast = bench();
  fast.standIns.set({ clock: { real: START, shown: START, speed: 60 } });
  for (const { standIns } of [slow, fast]) {
    standIns.turnDial(190);
    standIns.atBasket({ action: 'load', plan: FIRST_PLAN });
  }
  for (let minute = 0; minute < 12; minute++) {
    slow.pass(60);
    fast.pass(1);
    slow.standIns.report('scale');
    fast.standIns.report('scale');
  }
  const grams = (one: ReturnType<typeof bench>) => one.standIns.report('scale')!.grams;
  expect(Math.abs(grams(slow) - grams(fast))).toBeLessThanOrEqual(4);
  expect(grams(fast)).toBeLessThan(0.95 * FIRST_PLAN.mass_g);
});

test('a preheat that the plan has counts as made; without one the fryer is as warm as it stands', () => {
  const airAfterLoading = (preheat: typeof FIRST_PLAN.fryer.preheat) => {
    const { standIns } = bench();
    standIns.turnDial(195);
    standIns.atBasket({ action: 'load', plan: { ...FIRST_PLAN, fryer: { ...FIRST_PLAN.fryer, preheat } } });
    return standIns.report('fryer')!.air_c;
  };
  expect(airAfterLoading({ minutes: 4, temperature_c: 195 })).toBeGreaterThan(150);
  expect(airAfterLoading(null)).toBeLessThan(40);
});

test('pieces are as far as the moment they went in says, however late the order comes', () => {
  const early = bench();
  const late = bench();
  early.standIns.turnDial(195);
  late.standIns.turnDial(195);
  early.standIns.atBasket({ action: 'load', plan: FIRST_PLAN });
  early.pass(300);
  late.pass(300);
  late.standIns.atBasket({ action: 'load', plan: FIRST_PLAN, at: START });
  const grams = ({ standIns }: typeof late) => standIns.report('scale')!.grams;
  expect(grams(late)).toBeLessThan(0.97 * FIRST_PLAN.mass_g);
  expect(Math.abs(grams(late) - grams(early))).toBeLessThanOrEqual(6);
});

test('of a fryer that is as its label says, the colour reader sees what the model forecasts, half of the faces in the shade', () => {
  const plan = { ...planFromFile(FIRST_PLAN), events: [] };
  const trace = traceOf(plan, 1);
  for (const seed of [1, 2, 3, 4]) {
    const kitchen = createSimulatedKitchen(seed, { offset: 0, transfer: 0, power: 0, browning: 0 });
    kitchen.turnDial(dialTemperature(plan.stages, 0));
    kitchen.load(plan);
    kitchen.pass(1080);
    const browning = browningOfColour(outerRamp(plan), kitchen.colour!);
    expect(Math.abs(browning / traceAt(trace, trace.browning, 1080) - 1)).toBeLessThan(0.2);
    expect(Math.abs(kitchen.mass / traceAt(trace, trace.weight, 1080) - 1)).toBeLessThan(0.03);
  }
});

test('fryers of different seeds run at different temperatures', () => {
  const warm = [1, 2, 3, 4, 5].map((seed) => {
    const { standIns, pass } = bench(seed);
    standIns.turnDial(180);
    pass(900);
    return standIns.report('fryer')!.air_c;
  });
  expect(Math.max(...warm) - Math.min(...warm)).toBeGreaterThan(8);
  warm.forEach((air) => expect(Math.abs(air - 180)).toBeLessThan(18));
});

test('each can be made to fail, and mended', () => {
  const { standIns, pass } = bench();
  standIns.turnDial(200);
  standIns.set({ faults: { scale: 'silent', fryer: 'stuck', probe: 'noisy' } });
  expect(standIns.faults).toEqual({ scale: 'silent', fryer: 'stuck', probe: 'noisy' });
  expect(standIns.report('scale')).toBeNull();
  const first = standIns.report('fryer')!.air_c;
  pass(120);
  expect(standIns.report('fryer')!.air_c).toBe(first);
  const jumps = Array.from({ length: 12 }, () => standIns.report('probe')!.centre_c);
  expect(Math.max(...jumps) - Math.min(...jumps)).toBeGreaterThan(8);
  standIns.set({ faults: { scale: null, fryer: null } });
  expect(standIns.report('scale')).not.toBeNull();
  expect(standIns.report('fryer')!.air_c).toBeGreaterThan(first + 20);
  expect(standIns.faults).toEqual({ probe: 'noisy' });
});
