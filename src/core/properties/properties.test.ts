import { compositionAtMoisture, mixtureConductivity, mixtureDensity, solidsSpecificHeat } from './choi-okos';
import { glassTransitionTemperature, glassyMoistureLimit } from './glass-transition';
import { boilingTemperatureAtMoisture, equilibriumMoisture, FREE_WATER_MOISTURE, waterActivity } from './sorption';
import { boilingTemperature, latentHeat, saturationPressure } from './water';

const potato = { water: 0.785, protein: 0.02, fat: 0.001, carbohydrate: 0.163, fibre: 0.021, ash: 0.01 };

test('saturation pressure meets the steam tables', () => {
  expect(saturationPressure(293.15)).toBeCloseTo(2339, -1);
  expect(saturationPressure(373.124) / 101_325).toBeCloseTo(1, 3);
  expect(saturationPressure(423.15) / 476_160).toBeCloseTo(1, 2);
  expect(boilingTemperature(101_325) - 273.15).toBeCloseTo(99.97, 1);
  expect(latentHeat(373.15) / 2.257e6).toBeCloseTo(1, 2);
});

test('the isotherm and its inverse agree, and bound water boils hotter', () => {
  for (const activity of [0.1, 0.3, 0.5, 0.7, 0.9]) {
    expect(waterActivity(equilibriumMoisture(activity))).toBeCloseTo(activity, 6);
  }
  expect(boilingTemperatureAtMoisture(2) - 273.15).toBeCloseTo(99.97, 1);
  expect(boilingTemperatureAtMoisture(equilibriumMoisture(0.5)) - 273.15).toBeCloseTo(120.6, 0);
  expect(boilingTemperatureAtMoisture(equilibriumMoisture(0.2)) - 273.15).toBeCloseTo(152.1, 0);
  expect(waterActivity(FREE_WATER_MOISTURE * 1.01)).toBe(1);
});

test('thermal properties of raw potato are where they are measured', () => {
  expect(mixtureConductivity(potato, 25)).toBeGreaterThan(0.5);
  expect(mixtureConductivity(potato, 25)).toBeLessThan(0.57);
  expect(mixtureDensity(potato, 20) / 1085).toBeCloseTo(1, 1);
  expect(solidsSpecificHeat(potato, 60)).toBeGreaterThan(1500);
  const dried = compositionAtMoisture(potato, 1);
  expect(dried.water).toBeCloseTo(0.5, 9);
  expect(Object.values(dried).reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9);
});

test('glass transition falls with water and its inverse gives the crisp limit', () => {
  expect(glassTransitionTemperature(500, 0)).toBe(500);
  const limit = glassyMoistureLimit(500, 318);
  expect(glassTransitionTemperature(500, limit)).toBeCloseTo(318, 6);
  expect(glassyMoistureLimit(310, 318)).toBe(0);
});
