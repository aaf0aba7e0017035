import { readOwnSteps, writeOwnSteps } from './own-steps';

test.each([
  ['chop herbs 5 min', { word: 'chop herbs', hands_min: 5, waits_min: 0, place: 'board' }],
  ['simmer lentils 2 min, 20 min waiting', { word: 'simmer lentils', place: 'ring', waits_min: 20 }],
  ['chill 1 h waiting, fridge', { word: 'chill', hands_min: 1, waits_min: 60, place: 'fridge' }],
  ['dress 2 min, within 10 min', { word: 'dress', hands_min: 2, most_min: 10, place: 'aside' }],
  ['Bake the gratin 3 min; 1.5 h waiting, oven', { word: 'Bake the gratin', waits_min: 90, place: 'oven' }],
  ['wash the leaves 6 min', { word: 'wash the leaves', hands_min: 6, place: 'sink' }],
  ['set the table', { word: 'set the table', hands_min: 5, waits_min: 0, place: 'aside' }],
])('“%s” is read as it is meant', (line, step) => {
  expect(readOwnSteps(line)).toMatchObject([step]);
});

test('lines without words are told by their number; empty ones do not count', () => {
  expect(readOwnSteps('chop herbs 5 min\n\n20 min')).toEqual({ line: 3 });
  expect(readOwnSteps('\n \n')).toEqual([]);
});

test('what is written is read back as the same steps', () => {
  const steps = readOwnSteps('chop herbs 5 min\nchill 1 min, 1 h waiting, fridge\ndress 2 min, within 10 min');
  expect(readOwnSteps(writeOwnSteps(steps as Exclude<typeof steps, { line: number }>))).toEqual(steps);
});
