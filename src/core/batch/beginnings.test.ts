import fc from 'fast-check';
import { anyPlanFile } from '../../../tests/support/any-plan-file';
import { watchMoment } from '../forecast/known-moment';
import { cookDuration, type CookEvent, type Plan } from '../plan/plan';
import { FIRST_PLAN } from '../../schemas/first-plan';
import { planFileSchema } from '../../schemas/plan-file';
import { planFromFile } from '../../schemas/plan-from-file';
import { createBeginnings, sharedBeginning } from './beginnings';
import { simulateCook } from './simulate-cook';

const COARSE = { pieces: 6, cells: 13, step: 10, interval: 20 };
const plan = planFromFile(FIRST_PLAN);

/** Ways in which a cook goes on otherwise from some moment, shares of its length. */
function otherwise(one: Plan): Plan[] {
  const length = cookDuration(one);
  const at = (share: number, action: CookEvent['action'], more: Partial<CookEvent> = {}): Plan => ({
    ...one,
    events: [...one.events, { time: share * length, action, ...more }],
  });
  const last = one.stages.at(-1)!;
  return [
    at(0.31, 'shake'),
    at(0.5, 'toss'),
    at(0.62, 'pull', { pulled: 'darkest' }),
    at(0.45, 'oil', { oilMass: 0.004 }),
    { ...one, stages: [...one.stages.slice(0, -1), { ...last, duration: last.duration * 0.7 }] },
    {
      ...one,
      stages: [
        ...one.stages.slice(0, -1),
        { ...last, duration: last.duration * 0.6 },
        { duration: last.duration * 0.6, temperature: last.temperature - 15 },
      ],
    },
    { ...one, events: [] },
  ];
}

test('cooks that share a beginning are the same to the last bit as by themselves, whatever they are', () => {
  fc.assert(
    fc.property(anyPlanFile, (file) => {
      const first = planFromFile(planFileSchema.parse(file));
      const beginnings = createBeginnings();
      expect(simulateCook(first, 1, COARSE, undefined, beginnings)).toEqual(simulateCook(first, 1, COARSE));
      for (const other of otherwise(first)) {
        expect(simulateCook(other, 1, COARSE, undefined, beginnings)).toEqual(simulateCook(other, 1, COARSE));
      }
    }),
    { numRuns: 8, seed: 5 },
  );
});

test('one that ends once its moment is known ends at the same sample', () => {
  const beginnings = createBeginnings();
  simulateCook(plan, 1, COARSE, watchMoment(plan), beginnings);
  for (const other of otherwise(plan)) {
    const alone = simulateCook(other, 1, COARSE, watchMoment(other));
    expect(simulateCook(other, 1, COARSE, watchMoment(other), beginnings)).toEqual(alone);
  }
});

test('they go on from the last moment kept before they part; in anything else but stages and openings they begin anew', () => {
  const beginnings = createBeginnings();
  simulateCook({ ...plan, events: [] }, 1, COARSE, undefined, beginnings);
  const from = (one: Plan, seed = 1) => sharedBeginning(beginnings, one, seed, COARSE)?.checkpoint.clock.time ?? null;
  const shaken = (time: number): Plan => ({ ...plan, events: [{ time, action: 'shake' }] });
  expect(from(shaken(700))).toBe(600);
  expect(from(shaken(720))).toBe(720);
  expect(from(shaken(100))).toBeNull();
  expect(from({ ...plan, events: [], stages: [{ ...plan.stages[0]!, duration: 1000 }] })).toBe(960);
  expect(from({ ...shaken(700), fryer: { ...plan.fryer } })).toBe(600);
  expect(from({ ...shaken(700), fryer: { ...plan.fryer, thermostatOffset: 3 } })).toBeNull();
  expect(from({ ...shaken(700), mass: 0.4 })).toBeNull();
  expect(from({ ...shaken(700), spread: [1] })).toBeNull();
  expect(from(shaken(700), 2)).toBeNull();
});
