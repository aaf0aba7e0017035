import { togetherText } from './trial-words';

const words = { wordOne: 'dry', wordOther: 'soaked' };

test('model and tastings together are said from the side of the likelier one', () => {
  expect(togetherText(words, { mean: 0.06, from: -0.02, to: 0.14, otherBetter: 0.83 })).toBe(
    'With what the model expects: 6 % more, eight times in ten between 2 % fewer and 14 % more right by “soaked”; the chance that it is the better one is 83 %.',
  );
  expect(togetherText(words, { mean: -0.06, from: -0.14, to: -0.01, otherBetter: 0.04 })).toBe(
    'With what the model expects: 6 % more, eight times in ten between 1 % more and 14 % more right by “dry”; the chance that it is the better one is 96 %.',
  );
  expect(togetherText(words, { mean: 0, from: -0.08, to: 0.08, otherBetter: 0.5 })).toMatch(/no difference, eight/);
});
