import type { EveningDishFile } from '@/schemas/evening-file';
import { FIRST_PLAN } from '@/schemas/first-plan';
import type { PlanFile } from '@/schemas/plan-file';
import { ACTION_CAUTIONS, STEP_CAUTIONS } from './cautions';
import { deedOrder } from './deed-order';

const dishOf = (plan: Partial<PlanFile>): EveningDishFile => ({
  kind: 'plan',
  id: 'dish',
  plan: { ...FIRST_PLAN, mass_g: 600, loads: { count: 2, sizes: [2, 1], serve: 'together', coat: 'at-once' }, ...plan },
});
const dish = dishOf({
  prep: [
    { step: 'soak', water_c: 80, minutes: 10 },
    { step: 'oil', mass_g: 12 },
  ],
});
const at = (id: string, kind: Parameters<typeof deedOrder>[0]['kind']) => ({ id: `dish:${id}`, kind });

test('what comes before the fryer says how it is done, how much of what, and its caution', () => {
  expect(deedOrder(at('board', 'board'), undefined, dish, 'metric')).toEqual({
    how: expect.stringMatching(/^600 g floury potato, 10 mm sticks$/),
    caution: STEP_CAUTIONS.cut,
  });
  const soak = deedOrder(at('soak-1', 'soak'), undefined, dish, 'metric');
  expect(soak.how).toMatch(/^Soak in water of 80 °C: .* of water$/);
  expect(soak.caution).toBe(STEP_CAUTIONS.soak);
  expect(deedOrder(at('oil-2', 'oil'), undefined, dish, 'metric').how).toMatch(/12 g/);
});

test('a load says how much of it and the dial, each opening and the pull what burns', () => {
  expect(deedOrder(at('load-1', 'load'), 'fill', dish, 'metric').how).toMatch(/^400 g, dial 1\d\d °C$/);
  expect(deedOrder(at('load-2', 'load'), 'fill', dish, 'us').how).toMatch(/^7.1 oz \(200 g\), dial 3\d\d °F$/);
  expect(deedOrder(at('load-1', 'load'), 'shake', dish, 'metric').caution).toBe(ACTION_CAUTIONS.shake);
  expect(deedOrder(at('load-1', 'load'), 'empty', dish, 'metric').caution).toBe(ACTION_CAUTIONS.pull);
  expect(deedOrder(at('back', 'back'), undefined, dish, 'metric').caution).toBe(STEP_CAUTIONS.refresh);
});

test('what could be raw inside is not done before a probe says so', () => {
  const chicken = dishOf({ food: 'chicken-breast-crumbed' });
  expect(deedOrder(at('load-1', 'load'), 'empty', chicken, 'metric').caution).toMatch(
    /heart is at 74 °C, by a probe\.$/,
  );
});

test('bringing to the table and a step in the cook’s own words say nothing more', () => {
  const own: EveningDishFile = {
    kind: 'own',
    id: 'dip',
    name: 'Dip',
    at_table: 'keeps',
    steps: [{ word: 'stir', hands_min: 5, waits_min: 0, place: 'board' }],
    needs: [],
  };
  expect(deedOrder({ id: 'dip:own-1', kind: 'own' }, undefined, own, 'metric')).toEqual({ how: null, caution: null });
  expect(deedOrder(at('serve', 'serve'), undefined, undefined, 'metric')).toEqual({ how: null, caution: null });
});
