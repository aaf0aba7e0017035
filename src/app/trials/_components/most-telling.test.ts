import type { SchoolQuestion } from '@/editing/schools';
import type { CookedDish } from '@/schemas/trial';
import { mostTelling, type Weighed } from './most-telling';

const dish = (times: number) => ({ times, total: 10 }) as CookedDish;
const question = (asks: string) => ({ asks }) as SchoolQuestion;
const weighed = (of: CookedDish, about: SchoolQuestion, information: number, costs = 30): Weighed => ({
  dish: of,
  question: about,
  other: { word: `${information}`, document: {} as never },
  information,
  settles: 0.5,
  difference: 0,
  costs,
});

test('what is cooked often and costs little comes first; each question once, no dish more than twice', () => {
  const [chips, kale] = [dish(7), dish(3)];
  const [soak, preheat, salt] = [question('soak'), question('preheat'), question('salt')];
  const proposed = mostTelling([
    weighed(kale, preheat, 0.3),
    weighed(chips, soak, 0.3),
    weighed(chips, soak, 0.25),
    weighed(chips, preheat, 0.3, 60),
    weighed(chips, salt, 0.2, 60),
  ]);
  expect(proposed.map((one) => [one.dish.times, one.question.asks])).toEqual([
    [7, 'soak'],
    [7, 'preheat'],
    [3, 'preheat'],
  ]);
  expect(mostTelling([])).toEqual([]);
});
