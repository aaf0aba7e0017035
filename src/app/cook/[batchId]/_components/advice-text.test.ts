import { adviceText, correctionText, gainText } from './advice-text';

const unknowns = { heatTransfer: 0, offset: 0, power: 0, browning: 0 };

test.each([
  [{ kind: 'time', shift: 5 }, 'Go on as planned.'],
  [{ kind: 'time', shift: 95 }, 'Give it 1½ min more than planned: it browns more slowly than expected.'],
  [{ kind: 'time', shift: -40 }, 'Pull ½ min sooner than planned: it browns faster than expected.'],
] as const)('%j is said as %s', (advice, words) => {
  expect(adviceText(advice, 'metric')).toBe(words);
});

test('a turn of the dial is said in the kitchen’s units with its reason', () => {
  const advice = { kind: 'dial', by: -15, gain: 0.2, reason: 'colour-ahead' } as const;
  expect(adviceText(advice, 'metric')).toContain('15 °C down: the colour runs ahead');
  expect(adviceText(advice, 'us')).toContain('27 °F down');
  expect(gainText(advice)).toBe('It brings 20 % more right.');
});

test('a batch that is never done says so', () => {
  const interval = { p10: null, p50: null, p90: null };
  expect(correctionText({ interval, unknowns, taken: 1, advice: null }, null)).toBe(
    'After one answer: not done within the stages.',
  );
});

test('the sentence names the run’s own moment, the one that is counted down to, and takes only the range from the guesses', () => {
  const interval = { p10: 780, p50: 845, p90: 900 };
  expect(correctionText({ interval, unknowns, taken: 2, advice: null }, 876)).toBe(
    'After 2 answers and readings: pull after about 15 min, most likely between 13 and 15 min.',
  );
});
