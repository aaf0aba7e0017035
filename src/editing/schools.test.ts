import { findFood } from '@/core/food/catalogue';
import { planDifferences } from '@/ui/words/plan-differences';
import { schoolsOf } from './schools';
import { planOfWay, waysOf } from './ways/plan-of-way';

const FRYER = {
  id: '3f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c11',
  name: 'F',
  powerW: 1500,
  basketCm2: 500,
  basketHeightMm: 90,
  thermostatOffsetC: 0,
};
const planFor = (food: string, way: string) =>
  planOfWay(
    findFood(food)!,
    waysOf(food).find(({ id }) => id === way)!,
    { people: 4, each: 200 },
    FRYER,
  );

test('each question of a plan of sticks has other answers, and each of those differs in that alone', () => {
  const questions = schoolsOf(planFor('potato-floury', 'sticks'), (mm) => `${mm} mm`);
  expect(questions.map(({ station }) => station)).toEqual([
    'cut',
    'soak',
    'parcook',
    'coat',
    'coat',
    'fryer',
    'load',
    'cook',
  ]);
  for (const { asks, planned, others } of questions) {
    for (const { word, document } of others) {
      expect(word).not.toBe(planned.word);
      const differs = planDifferences(planned.document, document, 'metric').map(({ what }) => what);
      /* a rinse takes the place of a soak, loads divide what each of them gets */
      expect({ asks, word, many: differs.length > 2, none: differs.length === 0 }).toMatchObject({
        many: false,
        none: false,
      });
    }
  }
});

test('what a plan already does is turned round, and what it cannot have is not asked', () => {
  const sticks = planFor('potato-floury', 'sticks');
  const hot = { ...sticks, fryer: { ...sticks.fryer, preheat: { minutes: 3, temperature_c: 190 } } };
  const preheat = schoolsOf(hot, String).find(({ station }) => station === 'fryer')!;
  expect(preheat.others[0]!.document.fryer.preheat).toBeNull();
  const crumbed = waysOf('courgette').find(({ name }) => /crumb/i.test(name))!;
  const asked = schoolsOf(planFor('courgette', crumbed.id), String).map(({ asks }) => asks);
  expect(asked).not.toContain('Starch, and when?');
});
