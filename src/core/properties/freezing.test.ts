import { enthalpyOverThawed, FREEZING_POINT, frozenCapacity, iceShare, temperatureOfEnthalpy } from './freezing';

const cell = [200, 0.15, 3.7] as const;

test('enthalpy and temperature are each other’s inverse through melting', () => {
  for (const temperature of [240, 255.15, 268, 271, 272.1, 272.15, 280, 350]) {
    expect(temperatureOfEnthalpy(enthalpyOverThawed(temperature, ...cell), ...cell)).toBeCloseTo(temperature, 8);
  }
});

test('the apparent capacity is the slope of the enthalpy', () => {
  for (const temperature of [245, 260, 269, 271.5]) {
    const slope =
      (enthalpyOverThawed(temperature + 1e-4, ...cell) - enthalpyOverThawed(temperature - 1e-4, ...cell)) / 2e-4;
    expect(frozenCapacity(temperature, ...cell) / slope).toBeCloseTo(1, 5);
  }
});

test('thawing potato from −18 °C takes about as much heat as warming it from 0 to 70 °C', () => {
  const mass = 0.15 * 4.7;
  const needed = -enthalpyOverThawed(255.15, ...cell) / mass / 1000;
  /* tables of frozen foods: potato of 80 % water 265–300 kJ/kg from −18 °C */
  expect(needed).toBeGreaterThan(255);
  expect(needed).toBeLessThan(305);
  expect(iceShare(255.15)).toBeGreaterThan(0.9);
  expect(iceShare(FREEZING_POINT)).toBe(0);
});

test('dry crumb has nothing to freeze', () => {
  expect(enthalpyOverThawed(255.15, 200, 0.15, 0.1)).toBeCloseTo(-17 * (200 + 4185 * 0.015), 6);
});
