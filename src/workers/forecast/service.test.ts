import { pullTimesAt, SIGMA_POINTS } from '../../core/forecast/interval';
import { pullInterval } from '../../core/forecast/pull-interval';
import { AS_EXPECTED } from '../../core/forecast/unknowns';
import { FIRST_PLAN } from '../../schemas/first-plan';
import { planFromFile } from '../../schemas/plan-from-file';
import type { ForecastAnswer } from './protocol';
import { createForecastService } from './service';

test('a request is answered coarse, then full', async () => {
  const answers: ForecastAnswer[] = [];
  const isNewest = await createForecastService().forecast(FIRST_PLAN, AS_EXPECTED, 1, 0, (answer) =>
    answers.push(answer),
  );
  expect(isNewest).toBe(true);
  expect(answers.map((answer) => answer.kind)).toEqual(['coarse', 'full']);
  const [coarse, full] = answers;
  expect(Math.abs(coarse!.forecast.pull.time / full!.forecast.pull.time - 1)).toBeLessThan(0.15);
});

test('two workers share the sigma points and find the same interval as one', async () => {
  const [even, odd] = [createForecastService(), createForecastService()];
  const times = await Promise.all([even.pullTimes(FIRST_PLAN, 1, 0, 2), odd.pullTimes(FIRST_PLAN, 1, 1, 2)]);
  expect(times.map((share) => share!.length)).toEqual([45, 45]);
  const [shared, alone] = [
    pullInterval(times.flatMap((share) => share!)),
    pullInterval(SIGMA_POINTS.flatMap((unknowns) => pullTimesAt(planFromFile(FIRST_PLAN), unknowns, 1))),
  ];
  expect(shared.p10).toBeCloseTo(alone.p10!, 6);
  expect(shared.p90).toBeCloseTo(alone.p90!, 6);
});

test('a newer request ends the work on an older one', async () => {
  const service = createForecastService();
  const answers: ForecastAnswer[] = [];
  const report = (answer: ForecastAnswer) => void answers.push(answer);
  const [older, newer] = await Promise.all([
    service.forecast(FIRST_PLAN, AS_EXPECTED, 1, 0, report),
    service.forecast({ ...FIRST_PLAN, mass_g: 300 }, AS_EXPECTED, 2, 0, report),
  ]);
  expect([older, newer]).toEqual([false, true]);
  expect(answers.map((answer) => answer.kind)).toEqual(['coarse', 'full']);
  expect(await service.pullTimes(FIRST_PLAN, 1, 0, 1)).toBeNull();
});

test('while a lever moves only coarse pictures are drawn; the full one comes once it rests', async () => {
  const service = createForecastService();
  const answers: (ForecastAnswer['kind'] | 'moved')[] = [];
  const moved = service.forecast(FIRST_PLAN, AS_EXPECTED, 1, 2000, ({ kind }) => {
    answers.push(kind);
    if (kind === 'coarse') {
      answers.push('moved');
      void service.forecast(FIRST_PLAN, AS_EXPECTED, 2, 0, (answer) => answers.push(answer.kind));
    }
  });
  expect(await moved).toBe(false);
  expect(answers).toEqual(['coarse', 'moved', 'coarse', 'full']);
});
