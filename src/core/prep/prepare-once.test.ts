import { createSeededRandom } from '../numeric/seeded-random';
import { simulateCook } from '../batch/simulate-cook';
import { startRun } from '../batch/start-run';
import type { Plan } from '../plan/plan';
import { FIRST_PLAN } from '../../schemas/first-plan';
import { planFromFile } from '../../schemas/plan-from-file';

const COARSE = { pieces: 6, cells: 13, step: 10, interval: 40 };
const plan = planFromFile({
  ...FIRST_PLAN,
  prep: [
    { step: 'soak', water_c: 15, minutes: 30 },
    { step: 'dry', method: 'towel' },
    { step: 'starch', mass_g: 10 },
    { step: 'batter', mass_g: 120 },
    { step: 'oil', mass_g: 10 },
  ],
});

/** The same plan with a list of steps of its own, so that nothing prepared before is found. */
const afresh = (one: Plan): Plan => ({ ...one, preparation: [...one.preparation] });
const cooked = (one: Plan) => simulateCook(one, 1, COARSE);

const changes: [string, Partial<Plan>][] = [
  ['fryer', { fryer: { ...plan.fryer, heatTransferCoefficient: 60 } }],
  ['browning', { browningScale: 1.3 }],
  ['wish', { target: { colour: 'pale', crispness: 'tender' } }],
  ['mass', { mass: 0.3 }],
  ['cut', { cut: { ...plan.cut, thickness: 0.014 } as Plan['cut'] }],
  ['scatter', { scatter: 0.2 }],
  ['start', { startTemperature: 278.15 }],
  ['food', { food: { ...plan.food, density: 900 } }],
  ['sugar', { reducingSugar: 2 * plan.reducingSugar }],
  ['water that clings', { extraFilm: 0.05 }],
];

test.each(changes)('another %s after the first: as if prepared afresh, to the last bit', (_, change) => {
  const first = cooked(plan);
  expect(first.weight[0]).toBeGreaterThan(0.3);
  expect(cooked({ ...plan, ...change })).toEqual(cooked(afresh({ ...plan, ...change })));
  expect(cooked(plan)).toEqual(first);
});

test('the steps of the members of an ensemble are gone through once', () => {
  const { preparation } = afresh(plan);
  let read = 0;
  const counted = new Proxy(preparation, {
    get: (steps, name, self) => {
      if (name === 'forEach') read++;
      return Reflect.get(steps, name, self) as unknown;
    },
  });
  const members = [40, 48, 56].map((heatTransferCoefficient) => ({
    ...plan,
    preparation: counted,
    fryer: { ...plan.fryer, heatTransferCoefficient },
  }));
  const runs = members.map((member) => startRun(member, createSeededRandom(1), COARSE));
  expect(read).toBe(1);
  /* and each has pieces of its own */
  runs[0]!.groups[0]!.state.moisture.fill(0);
  expect(runs[1]!.groups[0]!.state.moisture[0]).toBeGreaterThan(0.5);
});
