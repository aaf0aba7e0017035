import { planFileSchema } from '../../schemas/plan-file';
import { planFromFile } from '../../schemas/plan-from-file';
import { createSeededRandom } from '../numeric/seeded-random';
import { stockOf, SUBSTANCES, weightOf } from '../prep/ledger';
import { basketWeight, type CookRun, oilAgain, pullSome, stepRun } from './cook-run';
import { STANDARD_RESOLUTION } from './resolution';
import { actAtDrawer } from './cook-clock';
import { simulateCook } from './simulate-cook';
import { startRun } from './start-run';

const plan = planFromFile(
  planFileSchema.parse({
    format: 'drubek.plan',
    version: 1,
    food: 'courgette',
    cut: { shape: 'slice', thickness_mm: 8 },
    mass_g: 300,
    prep: [
      { step: 'rinse', changes: 1 },
      { step: 'starch', mass_g: 8 },
      { step: 'oil', mass_g: 8 },
    ],
    cook: {
      stages: [{ minutes: 25, temperature_c: 195 }],
      events: [
        {
          minute: 5,
          action: 'add',
          part: {
            mass_g: 120,
            food: 'potato-floury',
            cut: { shape: 'stick', thickness_mm: 8 },
            prep: [{ step: 'dredge' }],
          },
        },
        { minute: 18, action: 'pull' },
      ],
    },
  }),
);

/** Solids, water and oil of all pieces in and beside the basket, with the steam that left them. */
function everything(run: CookRun) {
  const sum = { solids: 0, water: 0, oil: 0 };
  for (const group of run.groups) {
    const stock = stockOf(group.state, group.area);
    for (const substance of SUBSTANCES) sum[substance] += stock[substance];
  }
  return sum;
}

test('solids, water and oil balance to 1e-9 at every step, through shakes, oil, an addition and a pull', () => {
  const random = createSeededRandom(3);
  const run = startRun(plan, random, STANDARD_RESOLUTION);
  let dripped = 0;
  for (let n = 0; n < 150; n++) {
    const before = everything(run);
    const steamedBefore = run.groups.map((group) => group.steamed);
    let oiled = 0;
    if (n === 30) actAtDrawer(run, { action: 'add' }, 1, random);
    if (n === 60) actAtDrawer(run, { action: 'shake' }, 1, random);
    if (n === 70) {
      oiled = 0.05;
      dripped = oilAgain(run, oiled);
      oiled -= dripped;
    }
    if (n === 110) pullSome(run, 'right');
    stepRun(run, plan, 468, false, 10);
    const after = everything(run);
    /* what lies on a rack, or waits beside the fryer, gives off steam of its own, which no basket counts */
    const rackSteam = run.groups.reduce(
      (sum, { first, state, area, joined }) =>
        sum +
        state.evaporated.reduce(
          (own, steam, p) => own + (joined && run.bed.inBasket[first + p] === 0 ? steam * area[p]! : 0),
          0,
        ),
      0,
    );
    const steamed = run.groups.reduce((sum, group, i) => sum + group.steamed - steamedBefore[i]!, 0);
    expect(Math.abs(after.solids - before.solids)).toBeLessThan(1e-12);
    expect(Math.abs(after.oil - before.oil - oiled)).toBeLessThan(1e-12);
    if (rackSteam === 0) expect(Math.abs(after.water + steamed - before.water)).toBeLessThan(1e-9);
  }
  expect(dripped).toBeGreaterThan(0);
});

test('the basket weighs what is in it: more with what is added, less by what is pulled', () => {
  const record = simulateCook(plan, 1);
  const at = (minute: number) => record.weight[Math.round((minute * 60) / record.interval)]!;
  expect(at(5.7) - at(4.7)).toBeGreaterThan(0.09);
  expect(at(17.7) - at(18.7)).toBeGreaterThan(0.02);
  const run = startRun(plan, createSeededRandom(1), STANDARD_RESOLUTION);
  expect(basketWeight(run)).toBeCloseTo(weightOf(stockOf(run.groups[0]!.state, run.groups[0]!.area)), 12);
  /* a drained film weighs, though nobody bought it */
  expect(basketWeight(run)).toBeGreaterThan(0.31);
  expect(Math.max(...record.waterLost)).toBeLessThanOrEqual(1);
});
