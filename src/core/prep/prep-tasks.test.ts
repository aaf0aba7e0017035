import { FIRST_FILE } from '../../../tests/support/first-file';
import { planFileSchema, type FirstPlanFile } from '../../schemas/plan-file';
import { planFromFile } from '../../schemas/plan-from-file';
import { preheatDueIn, prepDuration, prepTasks } from './prep-tasks';

const tasksOf = (prep: FirstPlanFile['prep'], preheat = true) =>
  prepTasks(
    planFromFile(
      planFileSchema.parse({
        ...FIRST_FILE,
        prep,
        fryer: { preheat: preheat ? { minutes: 4, temperature_c: 195 } : null },
      }),
    ),
  );

test('every step of preparation becomes a task with a time, the preheat last', () => {
  const tasks = tasksOf([
    { step: 'freeze-thaw' },
    { step: 'press', minutes: 30 },
    { step: 'rinse', changes: 2 },
    { step: 'brine', minutes: 60 },
    { step: 'parcook', method: 'steam', minutes: 6 },
    { step: 'marinate', minutes: 45 },
    { step: 'dry', method: 'air', minutes: 15 },
    { step: 'oil', mass_g: 8 },
    { step: 'starch', mass_g: 8 },
    { step: 'season' },
    { step: 'dredge' },
    { step: 'batter', mass_g: 80 },
  ]);
  expect(tasks.map((task) => task.kind).at(-1)).toBe('preheat');
  expect(tasks).toHaveLength(13);
  expect(tasks.every((task) => task.duration > 0)).toBe(true);
  expect(tasks.find((task) => task.kind === 'dry')!.duration).toBe(900);
  expect(tasks.find((task) => task.kind === 'rinse')!.duration).toBe(120);
});

test('long steps add up, hands run beside the preheat', () => {
  const soak = { step: 'soak', minutes: 30 } as const;
  const oil = { step: 'oil', mass_g: 8 } as const;
  expect(prepDuration(tasksOf([soak, oil]))).toBe(1800 + 240);
  expect(prepDuration(tasksOf([soak, oil], false))).toBe(1800 + 60);
  expect(prepDuration(tasksOf([{ step: 'dry', method: 'towel' }, oil]))).toBe(240);
  expect(prepDuration(tasksOf([]))).toBe(240);
  expect(prepDuration(tasksOf([], false))).toBe(0);
});

describe('the preheat is timed to be hot when the rest is ready', () => {
  const tasks = tasksOf([
    { step: 'soak', minutes: 30, water_c: 15 },
    { step: 'dry', method: 'towel' },
    { step: 'oil', mass_g: 8 },
  ]);
  const state = (begun: [number, number][], done: number[] = []) => ({
    prepBegun: new Map(begun),
    prepDone: new Set(done),
  });

  test('it waits for what is left, less its own time', () => {
    expect(preheatDueIn(tasks, state([]), 0)).toBe(30 * 60 + 180 + 60 - 240);
    expect(preheatDueIn(tasks, state([[0, 0]]), 20 * 60_000)).toBe(10 * 60);
  });

  test('it is due while drying, and once begun it is due no more', () => {
    expect(preheatDueIn(tasks, state([[0, 0]], [0]), 30 * 60_000)).toBe(0);
    expect(preheatDueIn(tasks, state([[1, 0]], [0]), 60_000)).toBeLessThan(0);
    expect(preheatDueIn(tasks, state([[3, 0]], [0]), 0)).toBeNull();
  });

  test('a cold start needs none', () => {
    expect(preheatDueIn(tasksOf([{ step: 'oil', mass_g: 8 }], false), state([]), 0)).toBeNull();
  });
});
