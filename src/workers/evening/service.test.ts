import { newEvening, withDish, withPin } from '../../editing/edit-evening';
import { OWN_DISHES, ownDishFor } from '../../editing/own-dishes';
import { FIRST_PLAN } from '../../schemas/first-plan';
import type { PlanFile } from '../../schemas/plan-file';
import type { EveningQuestion, EveningView } from './protocol';
import { createEveningService } from './service';

const [LARGE, SMALL] = ['3f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c11', '3f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c12'];
const SERVE = Date.parse('2026-11-28T19:00:00Z');
const MINUTE = 60_000;

/** Sticks with their openings set, so that none need be chosen. */
const sticks = (mm: number): PlanFile => ({
  ...FIRST_PLAN,
  name: `Sticks of ${mm} mm`,
  cut: { shape: 'stick', thickness_mm: mm, length_mm: 70, scatter: 0.07 },
  mass_g: 300,
  prep: [
    { step: 'dry', method: 'towel' },
    { step: 'oil', mass_g: 6 },
  ],
  cook: { ...FIRST_PLAN.cook, openings: 'set', events: [{ minute: 8, action: 'shake' }] },
});
const inSmall = (plan: PlanFile): PlanFile => ({ ...plan, fryer: { ...plan.fryer, power_w: 1200, basket_cm2: 330 } });

const thin = sticks(7);
const thick = sticks(12);
const evening = withDish(
  withDish(withDish(newEvening('Friday', new Date(SERVE), [LARGE, SMALL]), { kind: 'plan', id: 'thin', plan: thin }), {
    kind: 'plan',
    id: 'thick',
    plan: thick,
  }),
  ownDishFor(OWN_DISHES[0]!, 'dip', 4, 4),
);
const question: EveningQuestion = {
  evening: { ...evening, cooks: ['A', 'B'] },
  plans: { thin: [thin, inSmall(thin)], thick: [thick, inSmall(thick)] },
  paces: {},
  told: [],
  now: SERVE - 5 * 60 * MINUTE,
};

const service = createEveningService();
const arrange = async (part: Partial<EveningQuestion> = {}): Promise<EveningView> =>
  (await service.arrange({ ...question, ...part }, () => undefined))!;
const beginOf = (view: EveningView, step: string) => view.best!.steps.find(({ id }) => id === step)!.begin;

test('two dishes of sticks and a dip: everything is on the table at seven, and each is shown as it will be', async () => {
  const told: number[] = [];
  const view = (await service.arrange(question, (done) => told.push(done)))!;
  expect(told).toEqual([0, 1, 2]);
  expect(view.proved).toBe(true);
  const { best } = view;
  /* two fryers for two dishes: neither waits for the other */
  expect(new Set(best!.orders.map(({ steps }) => steps[0])).size).toBe(2);
  expect(best!.table.map(({ dish }) => dish)).toEqual(['thin', 'thick', 'dip']);
  for (const { kept, heart } of best!.table.slice(0, 2)) {
    expect(kept).toBeGreaterThan(0.5);
    expect(heart).toBeGreaterThan(320);
  }
  /* each fryer is on before its first load, and no cook is asked for in two places */
  expect(best!.warmUps).toHaveLength(2);
  for (const { resource, begin, until, temperature } of best!.warmUps) {
    const first = best!.orders.find(({ fryer }) => fryer === resource)!.steps[0]!;
    expect(until).toBe(beginOf(view, first));
    expect(begin - until).toBe(240);
    expect(temperature).toBe(thin.cook.stages[0]!.temperature_c + 273.15);
  }
  expect(best!.work).not.toBeNull();
  expect(view.pictures.thin![1]!.browning[0]!.at(-1)).toBeGreaterThan(view.pictures.thin![1]!.browning[0]![0]!);
  expect(view.runnerUp!.loss).toBeGreaterThanOrEqual(view.bound);
});

test('with one fryer the first waits, and says so at the table', async () => {
  const one = { ...question.evening, fryers: [{ fryer_id: LARGE, drawers: 1 as const }] };
  const view = await arrange({ evening: one, plans: { thin: [thin], thick: [thick] } });
  const [first, second] = view.best!.orders[0]!.steps;
  const waited = (dish: string) => view.best!.table.find((table) => table.dish === dish)!.since;
  expect(waited(first!.split(':')[0]!)).toBeGreaterThan(waited(second!.split(':')[0]!));
  expect(view.best!.loss).toBeGreaterThan((await arrange()).best!.loss);
});

test('what is pinned begins then; what cannot be is said with what to give up', async () => {
  const pinned = withPin(question.evening, 'dip:own-1', SERVE - 100 * MINUTE);
  expect(beginOf(await arrange({ evening: pinned }), 'dip:own-1')).toBe(100 * 60);
  const late = await arrange({ now: SERVE - 10 * MINUTE });
  expect(late.best).toBeNull();
  expect(late.waysOut.find(({ give }) => give === 'time')).toBeDefined();
});

test('under way and behind: two lines, or one, later than planned; what is done does not move', async () => {
  const told = [
    { kind: 'begun' as const, happenedAt: SERVE - 60 * MINUTE, detail: { step: 'thick:board' } },
    { kind: 'done' as const, happenedAt: SERVE - 20 * MINUTE, detail: { step: 'thick:board' } },
    { kind: 'begun' as const, happenedAt: SERVE - 90 * MINUTE, detail: { step: 'dip:own-1' } },
    { kind: 'done' as const, happenedAt: SERVE - 82 * MINUTE, detail: { step: 'dip:own-1' } },
  ];
  const view = await arrange({ told, now: SERVE - 18 * MINUTE });
  expect(view.lines.length).toBeGreaterThan(0);
  const [line] = view.lines;
  expect(line!.by).toBeGreaterThan(0);
  expect(line!.shown.serveAt).toBe(SERVE + line!.by * 1000);
  const board = line!.shown.steps.find(({ id }) => id === 'thick:board')!;
  expect(line!.shown.serveAt - board.begin * 1000).toBe(SERVE - 60 * MINUTE);
});

test('a newer question ends an older one', async () => {
  const fresh = createEveningService();
  const [old, new_] = await Promise.all([
    fresh.arrange(question, () => undefined),
    fresh.arrange(question, () => undefined),
  ]);
  expect(old).toBeNull();
  expect(new_).not.toBeNull();
});
