import { isWholeTime, readTimeOfDay, timeOfDayText } from './time-of-day';

test.each([
  ['19:05', '19:05'],
  ['19.05', '19:05'],
  ['1905', '19:05'],
  ['7:05', '07:05'],
  ['7 pm', '19:00'],
  ['7:05PM', '19:05'],
  ['12 am', '00:00'],
  ['12:30 p.m.', '12:30'],
  ['19', '19:00'],
])('%s is read as %s', (typed, read) => expect(readTimeOfDay(typed)).toBe(read));

test.each(['', 'seven', '25:00', '19:60', '13 pm', '0 am', '7:5'])('"%s" is no time', (typed) =>
  expect(readTimeOfDay(typed)).toBeNull(),
);

test('a time is said by the kitchen’s clock, and read again the same', () => {
  for (const time of ['00:00', '00:30', '07:05', '12:00', '13:15', '23:59']) {
    expect(readTimeOfDay(timeOfDayText(time, 'us'))).toBe(time);
    expect(readTimeOfDay(timeOfDayText(time, 'metric'))).toBe(time);
  }
  expect(timeOfDayText('19:05', 'us')).toBe('7:05 pm');
});

test('half a time waits', () => {
  expect(isWholeTime('19:0')).toBe(false);
  expect(isWholeTime('19:05')).toBe(true);
  expect(isWholeTime('1')).toBe(false);
});
