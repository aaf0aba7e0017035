import { readNumber, typedLength, typedMass, typedSpan, typedTemperature, typedVolume } from './typed-units';

test.each([
  ['8,5', 8.5],
  ['3/8', 0.375],
  ['1 1/2', 1.5],
  ['12', 12],
  ['', NaN],
  ['thick', NaN],
])('%j is read as %d', (text, number) => {
  expect(readNumber(text)).toEqual(number);
});

test('US fields take inches, ounces and °F and give the plan its own units', () => {
  expect(typedLength('us').read('3/8')).toBeCloseTo(9.5, 1);
  expect(typedLength('us').show(10)).toBe('0.39');
  expect(typedMass('us').read('17.6')).toBe(499);
  expect(typedMass('us').show(500)).toBe('17.6');
  expect(typedTemperature('us').read('383')).toBeCloseTo(195, 6);
  expect(typedTemperature('us').show(195)).toBe('383');
  expect(typedSpan('us').show(20)).toBe('7.9');
  expect(typedSpan('us').read('8 1/2')).toBe(21.6);
  expect(typedVolume('us').show(4)).toBe('4.2');
  expect(typedVolume('us').read('6')).toBe(5.7);
  expect(typedTemperature('us').read('hot')).toBeNaN();
});

test('metric fields show what the plan has', () => {
  for (const typed of [
    typedSpan('metric'),
    typedVolume('metric'),
    typedLength('metric'),
    typedMass('metric'),
    typedTemperature('metric'),
  ]) {
    expect(typed.read(typed.show(42.5))).toBe(42.5);
  }
});
