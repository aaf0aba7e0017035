import { preparedSticks } from '../../../tests/support/sticks';
import { kelvinFromCelsius } from '../units/temperature';
import type { FirstPlanFile } from '../../schemas/plan-file';

test('boiling softens and warms, more the longer it goes, and takes sugar', () => {
  const boiled = (minutes: number) => preparedSticks({ prep: [{ step: 'parcook', method: 'boil', minutes }] });
  const [short, long] = [boiled(2), boiled(8)];
  expect(long.state.temperature[10]!).toBeGreaterThan(short.state.temperature[10]!);
  expect(long.state.temperature[10]!).toBeLessThan(373.2);
  expect(long.state.softening[10]!).toBeGreaterThan(short.state.softening[10]! + 60);
  expect(long.left.sugarLeft).toBeLessThan(short.left.sugarLeft);
});

test('a microwave heats heart and skin alike and boils water off; a pressure cooker passes 100 °C', () => {
  const waved = preparedSticks({ prep: [{ step: 'parcook', method: 'microwave', minutes: 6 }] }).state;
  expect(waved.temperature[10]! - waved.temperature[0]!).toBeCloseTo(0, 6);
  expect(waved.moisture[10]!).toBeLessThan(waved.tissue.fullMoisture * 0.9);
  const pressed = preparedSticks({ prep: [{ step: 'parcook', method: 'pressure', minutes: 6 }] }).state;
  expect(pressed.temperature[10]!).toBeGreaterThan(kelvinFromCelsius(105));
});

test('hot pieces steam dry by their own heat, and cool', () => {
  const wet = preparedSticks({ prep: [{ step: 'parcook', method: 'boil', minutes: 6 }] }).state;
  const dried = preparedSticks({
    prep: [
      { step: 'parcook', method: 'boil', minutes: 6 },
      { step: 'dry', method: 'steam-dry', minutes: 5 },
    ],
  }).state;
  expect(dried.film[0]!).toBeLessThan(wet.film[0]! / 2);
  expect(dried.temperature[10]!).toBeLessThan(wet.temperature[10]! - 20);
});

test('pressed tofu holds less water, frozen and thawed still less', () => {
  const water = (prep: FirstPlanFile['prep']) => preparedSticks({ food: 'tofu-firm', prep }).state.moisture[10]!;
  const plain = water([]);
  const pressed = water([{ step: 'press', minutes: 30 }]);
  expect(pressed).toBeLessThan(plain * 0.9);
  expect(water([{ step: 'freeze-thaw' }, { step: 'press', minutes: 30 }])).toBeLessThan(pressed * 0.95);
});

test('starch drinks the film and adds its solids; a second crumb coat is thicker, and the vegetable keeps its water', () => {
  const wet = preparedSticks({ prep: [{ step: 'rinse', changes: 1 }] }).state;
  const dusted = preparedSticks({
    prep: [
      { step: 'rinse', changes: 1 },
      { step: 'starch', mass_g: 12 },
    ],
  }).state;
  expect(dusted.film[0]!).toBeLessThan(wet.film[0]!);
  expect(dusted.solids[0]!).toBeGreaterThan(wet.solids[0]!);
  const coated = (layers: 1 | 2) => preparedSticks({ food: 'courgette', prep: [{ step: 'dredge', layers }] }).state;
  expect(coated(2).coatThickness).toBeCloseTo(coated(1).coatThickness * (5 / 3), 9);
  const raw = preparedSticks({ food: 'courgette', prep: [] }).state;
  const middle = (state: typeof raw) => state.moisture[(state.cells - 1) / 2]!;
  expect(middle(coated(1))).toBeCloseTo(middle(raw), 9);
});
