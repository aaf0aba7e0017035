import { createCavity, stepCavity } from '../fryer/cavity';
import { GRATE_OPENNESS, wallRadiation } from '../fryer/bed';
import type { Fryer } from '../plan/fryer';
import { AMBIENT_TEMPERATURE, vapourPressureOf } from '../properties/kitchen-air';
import { latentHeat, saturationPressure, VAPOUR_GAS_CONSTANT, WATER_SPECIFIC_HEAT } from '../properties/water';
import { PLACES } from '../fryer/places';
import { BREAD_DURATION, breadResidual, type BreadTest, shadesIn } from './bread-test';
import type { Evidence } from './evidence';
import { explain } from './gauss-newton';
import { QUANTITIES, UNIT } from './quantities';

/** A dish of water, weighed before and after: heat-up and airflow together. */
export interface WaterTest {
  readonly kind: 'water';
  /** K on the dial; the fryer begins cold */
  readonly dial: number;
  /** kg put in, and m across the water */
  readonly mass: number;
  readonly diameter: number;
  /** s in the closed fryer */
  readonly duration: number;
  /** kg left */
  readonly left: number;
  /** s after which the lamp went out for the first time; null where there is none, or nobody looked */
  readonly lampOut: number | null;
}

/** An oven thermometer left in the empty fryer. */
export interface ThermometerTest {
  readonly kind: 'thermometer';
  /** K on the dial; the fryer begins cold */
  readonly dial: number;
  /** K that it showed, s after the start */
  readonly readings: readonly { readonly time: number; readonly temperature: number }[];
}

/** A test of a fryer with what is in the kitchen. */
export type FryerTest = WaterTest | ThermometerTest | BreadTest;

/** Step of the simulation, s. Source: numerics; half of it moves the water left by less than 0.1 g. */
const STEP = 2;

/** Volumetric heat capacity of air times Le^⅔, J/(m³ K): hm = h / this. Source: Chilton–Colburn, as engine.md's h/1100. */
const EXCHANGE = 1100;

/** Standard deviation of the water left, kg: scale and what splashes. Source: assumed, 2 g. */
const SCALE_NOISE = 0.002;

/** Share of what evaporated that the model itself is off by: dish, lip, waves. Source: assumed. */
const MODEL_NOISE = 0.06;

/** Standard deviation of when the lamp went out, s. Source: assumed; it clicks a little before and after the dial. */
const LAMP_NOISE = 15;

/** Of what an oven thermometer shows, K, and how slowly it follows, s. Source: dial thermometers are within 5 K, a bimetal in moving air follows in one to two minutes. */
const THERMOMETER_NOISE = 5;
const THERMOMETER_LAG = 70;

/** Step of the differences, standard deviations. Source: numerics. */
const DIFFERENCE = 0.4;

const PASSES = 3;

/** How near to the dial the thermostat cuts out, K. Source: assumed. */
const CUT_OUT = 1;

/** kg of water left and s until the lamp goes out, in a fryer that begins cold. */
export function waterIn(fryer: Fryer, test: Omit<WaterTest, 'kind' | 'left' | 'lampOut'>) {
  const cavity = createCavity();
  const area = (Math.PI * test.diameter ** 2) / 4;
  let water = AMBIENT_TEMPERATURE;
  let { mass } = test;
  let lampOut: number | null = null;
  for (let time = STEP; time <= test.duration && mass > 0; time += STEP) {
    const h = fryer.heatTransferCoefficient;
    const radiation = wallRadiation(cavity.temperature);
    const above = (h + radiation) * area * (cavity.temperature - water);
    const below = GRATE_OPENNESS * h * area * (cavity.temperature - water);
    const pressure = saturationPressure(water) - vapourPressureOf(cavity.humidityRatio);
    const film = (cavity.temperature + water) / 2;
    let evaporated = Math.max(0, ((h / EXCHANGE) * area * pressure) / (VAPOUR_GAS_CONSTANT * film));
    const storage = mass * WATER_SPECIFIC_HEAT;
    let warmer = water + (STEP * (above + below - evaporated * latentHeat(water))) / storage;
    if (warmer > 373.15) {
      evaporated += ((warmer - 373.15) * storage) / STEP / latentHeat(373.15);
      warmer = 373.15;
    }
    mass -= evaporated * STEP;
    water = warmer;
    stepCavity(cavity, fryer, test.dial, above + below, evaporated, false, STEP);
    if (lampOut === null && cavity.temperature >= test.dial + fryer.thermostatOffset - CUT_OUT) lampOut = time;
  }
  return { left: Math.max(0, mass), lampOut: lampOut ?? test.duration };
}

/** K that an oven thermometer shows at these times in the empty fryer, which begins cold. */
export function thermometerIn(fryer: Fryer, dial: number, times: readonly number[]): number[] {
  const cavity = createCavity();
  let shown = AMBIENT_TEMPERATURE;
  const last = Math.max(...times);
  const readings = times.map(() => shown);
  for (let time = STEP; time <= last + STEP; time += STEP) {
    stepCavity(cavity, fryer, dial, 0, 0, false, STEP);
    shown += (STEP / THERMOMETER_LAG) * (cavity.temperature - shown);
    times.forEach((at, i) => {
      if (Math.abs(time - at) < STEP / 2 + 1e-9) readings[i] = shown;
    });
  }
  return readings;
}

/** What was read against what a fryer would have given, in standard deviations. */
function residualsIn(fryer: Fryer, test: FryerTest): number[] {
  if (test.kind === 'bread') return breadResidual(fryer, test);
  if (test.kind === 'thermometer') {
    const shown = thermometerIn(
      fryer,
      test.dial,
      test.readings.map(({ time }) => time),
    );
    return test.readings.map(({ temperature }, i) => (shown[i]! - temperature) / THERMOMETER_NOISE);
  }
  const { left, lampOut } = waterIn(fryer, test);
  const noise = Math.hypot(SCALE_NOISE, MODEL_NOISE * (test.mass - test.left));
  return [(left - test.left) / noise, ...(test.lampOut === null ? [] : [(lampOut - test.lampOut) / LAMP_NOISE])];
}

/** The fryer so many standard deviations from its label. */
export function fryerAt(fryer: Fryer, x: readonly number[]): Fryer {
  const by = (quantity: 'heatTransfer' | 'offset' | 'power') => UNIT[quantity] * x[QUANTITIES.indexOf(quantity)]!;
  return {
    ...fryer,
    heatTransferCoefficient: fryer.heatTransferCoefficient * Math.exp(by('heatTransfer')),
    thermostatOffset: fryer.thermostatOffset + by('offset'),
    maximumPower: fryer.maximumPower * Math.exp(by('power')),
  };
}

/** What a test says of a fryer as labelled. Cost: a few milliseconds, no cook. */
export function fryerTestEvidence(fryer: Fryer, test: FryerTest): Evidence {
  const ofTheFryer = QUANTITIES.slice(0, 3);
  return explain(
    (x) => {
      const here = residualsIn(fryerAt(fryer, x), test);
      const columns = QUANTITIES.map((quantity, i) => {
        if (!ofTheFryer.includes(quantity)) return here.map(() => 0);
        const there = residualsIn(fryerAt(fryer, x.with(i, x[i]! + DIFFERENCE)), test);
        return here.map((value, k) => (there[k]! - value) / DIFFERENCE);
      });
      return { residuals: here, columns };
    },
    PASSES,
    () => 1,
  );
}

/** A test as this fryer would answer it: what it is expected to tell before it is done. */
export function expectedTest(fryer: Fryer, kind: FryerTest['kind']): FryerTest {
  if (kind === 'thermometer') {
    const times = THERMOMETER_TIMES;
    const shown = thermometerIn(fryer, TEST_DIAL, times);
    return { kind, dial: TEST_DIAL, readings: times.map((time, i) => ({ time, temperature: shown[i]! })) };
  }
  if (kind === 'bread') {
    const even = new Array<number>(PLACES).fill(1);
    const bread = { dial: TEST_DIAL, duration: BREAD_DURATION };
    return { kind, ...bread, shades: shadesIn(fryer, bread, even) };
  }
  return { kind, ...WATER, ...waterIn(fryer, WATER) };
}

/** Dial of every test, K: 180 °C. Source: chosen, in the middle of what is cooked at. */
export const TEST_DIAL = 453.15;

/** When the thermometer is read, s, and how the dish is filled: a quarter of a litre, 16 cm across, twelve minutes. Source: chosen. */
export const THERMOMETER_TIMES = [240, 480] as const;
export const WATER = { dial: TEST_DIAL, mass: 0.25, diameter: 0.16, duration: 720 } as const;
