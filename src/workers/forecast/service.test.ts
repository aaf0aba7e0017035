import { FIRST_PLAN } from '../../schemas/edit-plan';
import type { ForecastAnswer } from './protocol';
import { createForecastService } from './service';

test('a request is answered coarse, then full, then with its interval', async () => {
  const answers: ForecastAnswer[] = [];
  await createForecastService().forecast(FIRST_PLAN, 1, true, (answer) => answers.push(answer));
  expect(answers.map((answer) => answer.kind)).toEqual(['coarse', 'full', 'interval']);
  const [coarse, full] = answers as Extract<ForecastAnswer, { kind: 'coarse' | 'full' }>[];
  expect(Math.abs(coarse!.forecast.doneTime! / full!.forecast.doneTime! - 1)).toBeLessThan(0.1);
}, 30_000);

test('a newer request ends the work on an older one', async () => {
  const service = createForecastService();
  const answers: ForecastAnswer[] = [];
  const report = (answer: ForecastAnswer) => void answers.push(answer);
  await Promise.all([
    service.forecast(FIRST_PLAN, 1, false, report),
    service.forecast({ ...FIRST_PLAN, mass_g: 300 }, 2, false, report),
  ]);
  expect(answers.every((answer) => answer.generation === 2)).toBe(true);
  expect(answers.map((answer) => answer.kind)).toEqual(['coarse', 'full']);
}, 30_000);
