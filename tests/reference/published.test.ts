import { GELATINISATION_RATE, SOFTENING_RATE } from '@/core/piece/kinetics';
import { simulateCook } from '@/core/batch/simulate-cook';
import { STANDARD_RESOLUTION } from '@/core/batch/resolution';
import { findFood } from '@/core/food/catalogue';
import { fryerFromLabel } from '@/core/fryer/fryer-from-label';
import { readTable } from '@/core/numeric/uniform-table';
import type { Plan } from '@/core/plan/plan';
import { mixtureConductivity, mixtureDensity } from '@/core/properties/choi-okos';
import { kelvinFromCelsius } from '@/core/units/temperature';

/*
 * What published experiments measured, as remembered, with how sure that memory is; tolerances are as wide as the memory.
 */
const potato = findFood('potato-floury')!;

/**
 * Teruel, Gordon, Linares, Garrido, Ahromrit & Niranjan (2015), A comparative study of the characteristics of French fries
 * produced by deep fat frying and air frying, J. Food Sci. 80, E349: strips of about 1 cm at 180 °C needed some 21 min in
 * hot air against 9 min in oil, and ended near 0.8–1.2 kg/kg dry basis. Sure of the times; fairly sure of the moisture.
 */
test('strips in hot air of 180 °C: after 21 minutes moisture is near 1 kg/kg and they are light golden', () => {
  const plan: Plan = {
    name: 'strips',
    food: potato,
    cut: { shape: 'stick', thickness: 0.01, width: 0.01, length: 0.06 },
    scatter: 0.05,
    mass: 0.25,
    startTemperature: kelvinFromCelsius(20),
    reducingSugar: potato.reducingSugar,
    preparation: [{ step: 'oil', mass: 0.004, method: 'toss' }],
    fryer: fryerFromLabel(1400, 0.045, 0.09),
    preheat: { duration: 180, temperature: kelvinFromCelsius(180) },
    browningScale: 1,
    toTable: 120,
    stages: [{ duration: 1500, temperature: kelvinFromCelsius(180) }],
    events: [{ time: 630, action: 'shake' }],
    target: { colour: 'golden', crispness: 'crisp' },
  };
  const record = simulateCook(plan, 1, STANDARD_RESOLUTION);
  const at21 = Math.round(1260 / record.interval);
  expect(record.moisture[at21]!).toBeGreaterThan(0.5);
  expect(record.moisture[at21]!).toBeLessThan(1.6);
  const faces = record.browning.slice(2 * at21 * record.pieces, 2 * (at21 + 1) * record.pieces).sort();
  expect(faces[record.pieces]!).toBeGreaterThan(0.25);
  expect(faces[record.pieces]!).toBeLessThan(1.4);
});

/**
 * Rahman (2009), Food Properties Handbook, 2nd ed.: raw potato about 0.53–0.57 W/(m K) at 25 °C and 1040–1090 kg/m³.
 * Sure of the ranges.
 */
test('raw potato conducts and weighs as measured', () => {
  expect(mixtureConductivity(potato.composition, 25)).toBeGreaterThan(0.5);
  expect(mixtureConductivity(potato.composition, 25)).toBeLessThan(0.58);
  expect(mixtureDensity(potato.composition, 20)).toBeGreaterThan(1040);
  expect(mixtureDensity(potato.composition, 20)).toBeLessThan(1095);
});

/**
 * Harada, Tirtohusodo & Paulus (1985), Influence of temperature and time on cooking kinetics of potatoes, J. Food Sci. 50,
 * 459: softening to eating quality took minutes at 100 °C and many times as long at 80 °C, with about 90–130 kJ/mol. Sure
 * of the order, not of the single figures.
 */
test('softening at 80 °C takes four to ten times as long as at 100 °C', () => {
  const ratio = readTable(SOFTENING_RATE, 373.15) / readTable(SOFTENING_RATE, 353.15);
  expect(ratio).toBeGreaterThan(4);
  expect(ratio).toBeLessThan(10);
});

/**
 * Calorimetry of potato starch in excess water (Eliasson and others, 1980s): gelatinisation begins near 58–60 °C, peaks
 * near 63–66 °C and is over by about 72 °C at 10 K/min. Sure of the range.
 */
test('starch heated at 10 K a minute gelatinises between 55 and 80 °C', () => {
  let done = 0;
  let half = 0;
  for (let celsius = 40; celsius < 95 && done < 0.99; celsius += 10 / 60) {
    const rate = readTable(GELATINISATION_RATE, kelvinFromCelsius(celsius));
    done += (1 - done) * (1 - Math.exp(-rate));
    if (done < 0.5) half = celsius;
  }
  expect(half).toBeGreaterThan(58);
  expect(half).toBeLessThan(74);
});
