import { ALL_WAYS } from '../../core/search/look-over';
import type { PlanOutcome } from '../../core/forecast/plan-outcome';
import { FIRST_PLAN } from '../../schemas/first-plan';
import { type PlanFile, planFileSchema } from '../../schemas/plan-file';
import { writePlanFile } from '../../schemas/write-plan';
import type { SearchAnswer } from './protocol';
import { withLoads } from '../../editing/edit-loads';
import { withChosenOpenings } from '../../editing/edit-cook';
import { createStudyService } from './service';

test('outcomes come in the order asked: a thicker cut is later, a soak costs hands and minutes', async () => {
  const service = createStudyService();
  const light = { ...FIRST_PLAN, mass_g: 250 };
  const thicker = {
    ...light,
    cut: { ...FIRST_PLAN.cut, shape: 'stick' as const, thickness_mm: 13, length_mm: 70 },
  };
  const unsoaked = { ...light, prep: FIRST_PLAN.prep.filter((step) => step.step !== 'soak') };
  const outcomes: PlanOutcome[] = [];
  await service.outcomes(1, [light, thicker, unsoaked], (index, outcome) => (outcomes[index] = outcome!));
  const [base, thick, dry] = outcomes;
  expect(thick!.pullTime!).toBeGreaterThan(base!.pullTime! + 15);
  expect(base!.preparation - dry!.preparation).toBe(1800);
  expect(base!.handsOn).toBeGreaterThan(dry!.handsOn);
});

test('the search reports at once and at last, its front fits the bench, and the dinner stays whole', async () => {
  const answers: SearchAnswer[] = [];
  await createStudyService().search(1, { ...FIRST_PLAN, mass_g: 1200 }, ALL_WAYS, (answer) => answers.push(answer));
  expect(answers[0]!.tried).toBe(1);
  const last = answers.at(-1)!;
  expect(last.finished).toBe(true);
  for (const found of last.front) {
    expect(planFileSchema.parse(writePlanFile(found.document))).toEqual(found.document);
    expect(found.document.mass_g).toBe(1200);
    expect(found.document.loads.count).toBe(found.batches);
  }
  expect(last.front.some((found) => found.batches > 1)).toBe(true);
});

test('what is called off answers nothing more', async () => {
  const service = createStudyService();
  const answers: SearchAnswer[] = [];
  const searching = service.search(7, FIRST_PLAN, ALL_WAYS, (answer) => answers.push(answer));
  service.callOff(7);
  await searching;
  expect(answers.some((answer) => answer.finished)).toBe(false);
  const asking = service.sensitivity(8, FIRST_PLAN);
  service.callOff(8);
  expect(await asking).toBeNull();
});

test('sensitivity tries what may slip, with signs as in the kitchen', async () => {
  const found = await createStudyService().sensitivity(1, { ...FIRST_PLAN, mass_g: 250 });
  const of = (factor: string) => found!.find((one) => one.factor === factor)!;
  expect(of('thermostat').pullShift!).toBeGreaterThan(0);
  expect(of('film').pullShift!).toBeGreaterThan(0);
  expect(of('thickness').pullShift!).toBeGreaterThan(0);
  expect(of('openings').peakShift).toBeLessThanOrEqual(0.11);
  expect(found!.every((one) => one.weight >= 0)).toBe(true);
});

test('a price is of the plan as it will stand once its openings have followed', async () => {
  const service = createStudyService();
  const outcome = async (document: typeof FIRST_PLAN) => {
    const found: PlanOutcome[] = [];
    await service.outcomes(1, [document], (_, one) => found.push(one!));
    return found[0]!;
  };
  const stages = [{ minutes: 45, temperature_c: 195 }];
  const heavier = { ...FIRST_PLAN, mass_g: 900, cook: { ...FIRST_PLAN.cook, stages } };
  const priced = await outcome(heavier);
  const chosen = (await service.openings(2, heavier))!;
  expect(chosen.length).toBeGreaterThan(FIRST_PLAN.cook.events.length);
  const arrived = withChosenOpenings(heavier, chosen);
  const set = { ...arrived, cook: { ...arrived.cook, openings: 'set' as const } };
  expect(await outcome(set)).toEqual(priced);
  const asItStood = { ...heavier, cook: { ...heavier.cook, openings: 'set' as const } };
  expect((await outcome(asItStood)).peakShare).toBeLessThan(priced.peakShare);
});

test('loads that follow one another find the fryer warm: two take less than twice one from cold', async () => {
  const service = createStudyService();
  const cold = { ...FIRST_PLAN, mass_g: 700, fryer: { ...FIRST_PLAN.fryer, preheat: null } };
  const one = await service.loads(1, { ...cold, mass_g: 350 });
  const two = await service.loads(2, withLoads(cold, 2));
  expect(two!.time! - 90).toBeLessThan(2 * one!.time! - 30);
  expect(two!.time!).toBeGreaterThan(one!.time! * 1.5);
  expect(two!.energy).toBeLessThan(2 * one!.energy);
  expect(two!.each.map(({ share }) => share)).toEqual([0.5, 0.5]);
  expect(two!.each[1]!.to).toBeCloseTo(two!.time!, 6);
  /* the first waits while the second cooks, the second does not */
  expect(two!.each[0]!.kept).toBeLessThan(0.9);
  expect(two!.each[1]!.kept).toBe(1);
  service.callOff(3);
  expect(await service.loads(3, withLoads(cold, 2))).toBeNull();
});

test('a plan that cannot be worked out says so, and takes no answer from the others', async () => {
  const service = createStudyService();
  const broken = { ...FIRST_PLAN, prep: [{ step: 'oil', mass_g: 10, method: 0 }], cut: { shape: 'none' } };
  const found: unknown[] = [];
  await service.outcomes(1, [broken as unknown as PlanFile, FIRST_PLAN], (index, one) => (found[index] = one));
  expect(found[0]).toBeNull();
  expect(found[1]).toMatchObject({ pullTime: expect.any(Number) });
});
