import { forecastPlan } from '../core/forecast/forecast';
import { FIRST_PLAN } from '../schemas/first-plan';
import { planFileSchema } from '../schemas/plan-file';
import { planFromFile } from '../schemas/plan-from-file';
import { writePlanFile } from '../schemas/write-plan';
import { type Beginning, beginningOf, withBeginning } from './beginning';

const BEGINNINGS: readonly Beginning[] = ['board', 'frozen', 'par-fried', 'kept'];

test('each beginning is known again, is a valid plan, and leads back to the board', () => {
  for (const beginning of BEGINNINGS) {
    const begun = withBeginning(FIRST_PLAN, beginning, 19);
    expect(beginningOf(begun)).toBe(beginning);
    expect(planFileSchema.parse(writePlanFile(begun))).toEqual(begun);
    for (const next of BEGINNINGS) expect(beginningOf(withBeginning(begun, next, 10))).toBe(next);
    expect(withBeginning(begun, 'board', 10).cook.stages.every(({ minutes }) => minutes > 0)).toBe(true);
  }
  const back = withBeginning(withBeginning(FIRST_PLAN, 'kept', 19), 'board', 8);
  expect(back.prep).toEqual(FIRST_PLAN.prep);
});

test('bought par-fried sticks are done well before raw ones, what was kept before both', () => {
  const pull = (beginning: Beginning) => {
    const { pull: moment, peak, inTime } = forecastPlan(planFromFile(withBeginning(FIRST_PLAN, beginning, 19)));
    expect(inTime).toBe(true);
    expect(peak.share).toBeGreaterThan(0.8);
    return moment.time / 60;
  };
  const [board, frozen, parFried, kept] = BEGINNINGS.map(pull);
  expect(frozen).toBeGreaterThan(board!);
  expect(parFried).toBeLessThan(frozen!);
  expect(parFried).toBeGreaterThan(8);
  expect(parFried).toBeLessThan(22);
  expect(kept).toBeLessThan(12);
  expect(kept).toBeGreaterThan(1);
});
