import { FIRST_PLAN } from '../../schemas/edit-plan';
import { planFileSchema, type PlanFileInput } from '../../schemas/plan-file';
import { planFromFile } from '../../schemas/plan-from-file';
import { prepDuration, prepTasks } from './prep-tasks';

const tasksOf = (prep: PlanFileInput['prep'], preheat = true) =>
  prepTasks(
    planFromFile(
      planFileSchema.parse({
        ...FIRST_PLAN,
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
