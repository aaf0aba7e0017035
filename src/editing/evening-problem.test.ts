import { BOARD, OVEN, RING } from '../core/evening/places';
import { type FriedDish } from '../core/evening/fried-ways';
import { HANDS } from '../core/evening/evening-problem';
import type { EveningEvent } from '../schemas/evening-event';
import { FIRST_PLAN } from '../schemas/first-plan';
import { boardRatios } from './board-ratios';
import { newEvening, withDish, withHands, withOrder, withPin } from './edit-evening';
import { eveningProblem, fryerResource, workOf } from './evening-problem';
import { OWN_DISHES, ownDishFor } from './own-dishes';

const [A, B] = ['3f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c11', '3f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c12'];
const evening = {
  ...withDish(
    withDish(newEvening('Friday', new Date('2026-11-28T19:00:00Z'), [A, B]), {
      kind: 'plan',
      id: 'potato',
      plan: FIRST_PLAN,
    }),
    ownDishFor(OWN_DISHES[1]!, 'rice', 4, 4),
  ),
  cooks: ['Ada', 'Ben'],
};
const keeping = { interval: 600, kept: [1, 0.5], hearts: [360, 340] };
const inFryer = (id: string): FriedDish => ({
  fryer: fryerResource(id),
  loads: [{ share: 1, pull: 900, openings: [] }],
  right: 0.9,
  rack: keeping,
  oven: keeping,
  refreshed: 0.9,
  heartRefreshed: 365,
});
const fried = new Map([['potato', [inFryer(A), inFryer(B)]]]);

test('an evening is its dishes in every fryer, with what the kitchen has of hands, board, rings and oven', () => {
  const problem = eveningProblem(evening, fried);
  expect(problem.dishes.map(({ id }) => id)).toEqual(['potato', 'rice', 'evening']);
  expect(problem.capacity).toMatchObject({ [HANDS]: 2, [BOARD]: 1, [RING]: 4, [OVEN]: 2, [fryerResource(A)]: 1 });
  const [rice] = problem.dishes[1]!.ways;
  expect(rice!.steps[1]!.uses).toContainEqual({ resource: RING, from: 0, length: 15 * 60, amount: 1 });
  expect(rice!.lags[0]).toMatchObject({ before: 'rice:own-1', after: 'rice:own-2', most: 120 });
  /* a dish whose forecast is not there yet is left out, not guessed */
  expect(eveningProblem(evening, new Map()).dishes.map(({ id }) => id)).toEqual(['rice', 'evening']);
});

test('pins are moments before serving; an order that was taken fixes the fryer and what follows what', () => {
  const at = Date.parse('2026-11-28T18:20:00Z');
  expect(eveningProblem(withPin(evening, 'rice:own-1', at), fried).fixed.get('rice:own-1')).toBe(40 * 60);
  const taken = withOrder(evening, [
    { fryer_id: A, steps: [] },
    { fryer_id: B, steps: ['potato:load-1', 'potato:back'] },
  ]);
  const { dishes, order } = eveningProblem(taken, fried);
  expect(dishes[0]!.ways.map(({ id }) => id)).toEqual([`${fryerResource(B)} back`]);
  expect(order).toEqual([['potato:load-1', 'potato:back']]);
});

test('who cuts slowly is given the time: the mean of all, or the one to whom it is given', () => {
  const boardOf = (one: typeof evening, paces: Record<string, number>) =>
    eveningProblem(one, fried, paces).dishes[0]!.ways[0]!.steps.find(({ id }) => id === 'potato:board')!.length;
  const reckoned = workOf('potato', FIRST_PLAN).board;
  expect(boardOf(evening, {})).toBe(reckoned);
  expect(boardOf(evening, { Ada: 1.6 })).toBeCloseTo(1.3 * reckoned);
  expect(boardOf({ ...evening, ...withHands(evening, 'potato:board', 0) }, { Ada: 1.6 })).toBeCloseTo(1.6 * reckoned);
});

test('what was told says how long a cook took at the board, and of whom it says so', () => {
  const event = (kind: 'begun' | 'done', minute: number, cook?: number): EveningEvent => ({
    id: '3f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c13',
    kind,
    happenedAt: minute * 60_000,
    detail: { step: 'potato:board', ...(cook === undefined ? {} : { cook }) },
  });
  const minutes = workOf('potato', FIRST_PLAN).board / 60;
  const [ratio] = boardRatios(evening, [event('begun', 0), event('done', 2 * minutes, 1)]);
  expect(ratio!.name).toBe('Ben');
  expect(ratio!.ratio).toBeCloseTo(2);
  expect(boardRatios(evening, [event('begun', 0), event('done', 9)])).toEqual([]);
  expect(boardRatios(evening, [event('done', 9, 0)])).toEqual([]);
});
