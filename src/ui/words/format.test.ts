import {
  clockText,
  inEighths,
  lengthText,
  massText,
  oilText,
  percentText,
  shortOilText,
  sizesIn,
  temperatureText,
} from './format';

test('spoons are read in eighths', () => {
  expect(inEighths(2.5)).toBe('2½');
  expect(inEighths(0.25)).toBe('¼');
  expect(inEighths(0.04)).toBe('a trace');
  expect(inEighths(3)).toBe('3');
});

test('oil shows grams with spoons beside', () => {
  expect(oilText(11)).toBe('11 g (2⅜ tsp)');
  expect(oilText(27.45)).toBe('27.4 g (2 tbsp)');
  expect(oilText(0)).toBe('none');
});

test('both unit systems, the US one with fractions of an inch', () => {
  expect(lengthText(9.525, 'us')).toBe('3/8 in');
  expect(lengthText(25.4, 'us')).toBe('1 in');
  expect(lengthText(9.5, 'metric')).toBe('9.5 mm');
  expect(temperatureText(200, 'us')).toBe('392 °F');
  expect(massText(500, 'us')).toBe('17.6 oz (500 g)');
});

test('lengths within words, and oil where there is little room', () => {
  expect(sizesIn('Batons 10 mm, raw', 'us')).toBe('Batons 3/8 in, raw');
  expect(sizesIn('Batons 10 mm, raw', 'metric')).toBe('Batons 10 mm, raw');
  expect(shortOilText(9, 'us')).toBe('2 tsp');
  expect(shortOilText(9.04, 'metric')).toBe('9 g');
});

test('times and shares', () => {
  expect(clockText(1110)).toBe('18:30');
  expect(clockText(3725)).toBe('1:02:05');
  expect(clockText(-3)).toBe('0:00');
  expect(percentText(0.625)).toBe('63 %');
});
