import { type EveningProblem, HANDS } from './evening-problem';
import { KEEPS, risingCurve } from './loss-curve';
import { servingLines } from './serving-lines';
import { leastDelay, waysOut } from './ways-out';

const MINUTE = 60;
/** Two dishes of one long step each: ten minutes of hands. */
const twoDishes = (earliest: number, hands = 1, fixed = new Map<string, number>()): EveningProblem => ({
  dishes: ['soup', 'bread'].map((id) => ({
    id,
    ways: [
      {
        id: 'own',
        steps: [
          {
            id: `${id}:own-1`,
            kind: 'own',
            length: 10 * MINUTE,
            uses: [{ resource: HANDS, from: 0, length: 10 * MINUTE }],
          },
        ],
        lags: [],
        waiting: [{ step: `${id}:own-1`, from: 10 * MINUTE, loss: KEEPS }],
        loss: 0,
      },
    ],
  })),
  capacity: { [HANDS]: hands },
  fryers: [],
  earliest,
  fixed,
});

test('an evening that has time enough is not late; one that has not is late by the minutes it lacks', () => {
  expect(leastDelay(twoDishes(20 * MINUTE))).toBe(0);
  expect(leastDelay(twoDishes(13 * MINUTE))).toBe(7 * MINUTE);
  expect(leastDelay(twoDishes(13 * MINUTE, 2))).toBe(0);
});

test('each wish that could be given up is named: later, another pair of hands, a dish, what was pinned', () => {
  expect(waysOut(twoDishes(13 * MINUTE))).toEqual([
    { give: 'time', by: 7 * MINUTE },
    { give: 'hands' },
    { give: 'dish', dish: 'soup' },
    { give: 'dish', dish: 'bread' },
  ]);
  const pinned = twoDishes(
    Infinity,
    1,
    new Map([
      ['soup:own-1', 12 * MINUTE],
      ['bread:own-1', 5 * MINUTE],
    ]),
  );
  expect(waysOut(pinned)).toContainEqual({ give: 'pins' });
});

test('behind, there are two lines where waiting is worth it: soonest, and all as planned', () => {
  const problem = twoDishes(20 * MINUTE);
  const soggy: EveningProblem = {
    ...problem,
    dishes: problem.dishes.map((dish) => ({
      ...dish,
      ways: [
        ...dish.ways.map((way) => ({ ...way, id: 'quick', loss: 30 })),
        ...dish.ways.map((way) => ({
          ...way,
          id: 'again',
          steps: [
            ...way.steps,
            {
              id: `${dish.id}:back`,
              kind: 'back' as const,
              length: 5 * MINUTE,
              uses: [{ resource: HANDS, from: 0, length: 5 * MINUTE }],
            },
          ],
          lags: [{ before: `${dish.id}:own-1`, after: `${dish.id}:back`, least: 0, most: Infinity }],
          waiting: [{ step: `${dish.id}:back`, from: 5 * MINUTE, loss: risingCurve(MINUTE, [0, 0]) }],
        })),
      ],
    })),
  };
  const lines = servingLines(soggy);
  expect(lines.map(({ by }) => by / MINUTE)).toEqual([0, 10]);
  expect(lines[0]!.schedule.loss).toBeGreaterThan(lines[1]!.schedule.loss + 50);
  expect(servingLines(twoDishes(30 * MINUTE)).map(({ by }) => by)).toEqual([0]);
});
