import { planFileSchema, type FirstPlanFile } from '../../schemas/plan-file';
import { planFromFile } from '../../schemas/plan-from-file';
import { createSeededRandom } from '../numeric/seeded-random';
import { chooseOpenings } from '../search/choose-openings';
import { forecastPlan } from './forecast';
import { forecastLoads } from './forecast-loads';
import { forecastInterval, goingOn, pullTimeOf } from './interval';
import { simulateCook } from '../batch/simulate-cook';
import { shareOfPlan } from '../plan/divide-plan';
import { equalLoads } from '../plan/load-share';
import { drawUnknowns, withUnknowns } from './unknowns';

const FILE: FirstPlanFile = {
  format: 'drubek.plan',
  version: 1,
  food: 'potato-floury',
  cut: { shape: 'stick', thickness_mm: 10, length_mm: 70 },
  mass_g: 400,
  prep: [
    { step: 'dry', method: 'towel' },
    { step: 'oil', film_g_m2: 40 },
  ],
  fryer: { preheat: { minutes: 4, temperature_c: 190 } },
  cook: {
    stages: [{ minutes: 45, temperature_c: 190 }],
    events: [5, 10, 15, 20].map((minute) => ({ minute, action: 'shake' })),
  },
};
const planOf = (change: Partial<FirstPlanFile> = {}) => planFromFile(planFileSchema.parse({ ...FILE, ...change }));
const minutesOf = (change: Partial<FirstPlanFile>) => forecastPlan(planOf(change)).pull.time / 60;
const shakes = (every: number, until: number): FirstPlanFile['cook'] => ({
  stages: [{ minutes: 50, temperature_c: 195 }],
  events: Array.from({ length: Math.floor(until / every) }, (_, i) => ({ minute: (i + 1) * every, action: 'shake' })),
});

test('from new potatoes to cold-sweetened ones the same cook moves by some five minutes', () => {
  const cook = { ...FILE.cook, stages: [{ minutes: 50, temperature_c: 180 }] };
  const moved = minutesOf({ storage: 'new', cook }) - minutesOf({ storage: 'cold', cook });
  expect(moved).toBeGreaterThan(4);
  expect(moved).toBeLessThan(7);
});

test('900 g shaken to the end come right together by nine tenths, unshaken by well under half', () => {
  const shaken = forecastPlan(planOf({ mass_g: 900, cook: shakes(4, 40) }));
  const unshaken = forecastPlan(planOf({ mass_g: 900, cook: shakes(60, 40) }));
  expect(shaken.peak.share).toBeGreaterThan(0.9);
  expect(unshaken.peak.share).toBeLessThan(0.45);
  expect(unshaken.warnings.map(({ code }) => code)).toContain('never-turned');
});

test('a light load that is never turned is not done sooner than a shaken one, and fewer are right', () => {
  const shaken = forecastPlan(planOf());
  const never = forecastPlan(planOf({ cook: { ...FILE.cook, events: [] } }));
  expect(never.pull.time).toBeGreaterThan(shaken.pull.time);
  expect(never.peak.share).toBeLessThan(shaken.peak.share);
});

test.each([
  ['asparagus', { shape: 'cylinder', diameter_mm: 12, length_mm: 150 }, 11],
  ['green-bean', { shape: 'cylinder', diameter_mm: 8, length_mm: 100 }, 14],
  ['broccoli', { shape: 'floret', diameter_mm: 36 }, 12],
  ['okra', { shape: 'cylinder', diameter_mm: 15, length_mm: 70 }, 15],
] as const)('%s is wished pale and tender, and done before a golden one', (food, cut, most) => {
  const plan = { food, cut, mass_g: 300 };
  expect(planOf(plan).target).toEqual({ colour: 'pale', crispness: 'tender' });
  expect(minutesOf(plan)).toBeLessThan(most);
  expect(minutesOf(plan)).toBeLessThan(minutesOf({ ...plan, target: { colour: 'golden', crispness: 'crisp' } }) - 2);
});

test('very crisp is later than crisp, and brown than golden; thin slices of anything are to be crisp', () => {
  expect(minutesOf({ target: { crispness: 'very-crisp' } })).toBeGreaterThan(minutesOf({}) + 1);
  expect(minutesOf({ target: { colour: 'brown' } })).toBeGreaterThan(minutesOf({}));
  expect(planOf({ food: 'carrot', cut: { shape: 'slice', thickness_mm: 2 } }).target.crispness).toBe('crisp');
  expect(planOf({ food: 'asparagus', prep: [{ step: 'dredge' }] }).target).toEqual({
    colour: 'golden',
    crispness: 'crisp',
  });
});

test.each(['courgette', 'aubergine', 'mushroom', 'cauliflower', 'onion'] as const)(
  '%s in crumbs is never done in a quarter of the time of a bare one, and in 8–18 min',
  (food) => {
    const bare = minutesOf({ food, mass_g: 300, target: { colour: 'golden', crispness: 'crisp' } });
    const crumbed = minutesOf({ food, mass_g: 300, prep: [{ step: 'dredge' }, { step: 'oil', film_g_m2: 40 }] });
    expect(crumbed).toBeGreaterThan(0.6 * bare);
    expect(crumbed).toBeGreaterThan(8);
    expect(crumbed).toBeLessThan(18);
  },
);

describe('loads', () => {
  const plan = planOf({
    mass_g: 900,
    prep: [...FILE.prep!, { step: 'starch', mass_g: 9 }],
    cook: {
      ...FILE.cook,
      events: [
        { minute: 6, action: 'oil', mass_g: 6 },
        { minute: 8, action: 'add', part: { mass_g: 300, prep: [{ step: 'oil', mass_g: 3 }] } },
      ],
    },
  });

  test('loads together hold what the plan holds: food, oil, starch, what is added', () => {
    const third = shareOfPlan(plan, 1 / 3);
    const weighed = ({ mass, preparation, events }: typeof plan) => [
      mass,
      ...preparation.flatMap((step) => ('mass' in step ? [step.mass] : [])),
      ...events.flatMap(({ oilMass, part }) => [
        oilMass ?? 0,
        part?.mass ?? 0,
        ...(part?.preparation ?? []).flatMap((step) => ('mass' in step ? [step.mass] : [])),
      ]),
    ];
    weighed(third).forEach((mass, i) => expect(3 * mass).toBeCloseTo(weighed(plan)[i]!, 12));
    expect(third.events.map(({ time }) => time)).toEqual(plan.events.map(({ time }) => time));
  });

  test('the second load finds the fryer warm: sooner than from a cold fryer, and all are counted', () => {
    const cold = { ...planOf({ mass_g: 700 }), preheat: null };
    const { loads, time } = forecastLoads(cold, equalLoads(2), 1);
    const [first, second] = loads.map(({ forecast }) => forecast.pull.time);
    expect(second).toBeLessThan(first! - 30);
    expect(time).toBeCloseTo(first! + second! + 90, 6);
  });

  test('a smaller load is done sooner; two drawers side by side take as long as the slower one', () => {
    const after = forecastLoads(
      plan,
      [
        { share: 0.7, drawer: 0 },
        { share: 0.3, drawer: 0 },
      ],
      1,
    );
    const [large, small] = after.loads.map(({ forecast }) => forecast.pull.time);
    expect(small).toBeLessThan(large! - 60);
    const beside = forecastLoads(
      plan,
      [
        { share: 0.5, drawer: 0 },
        { share: 0.5, drawer: 1 },
      ],
      1,
    );
    expect(beside.time).toBeCloseTo(beside.loads[0]!.forecast.pull.time, 6);
    expect(beside.loads.map(({ from }) => from)).toEqual([0, 0]);
  });
});

test('thick sticks that would come out right for two minutes unshaken are shaken, as that makes it several', () => {
  const thick = planOf({
    cut: { shape: 'stick', thickness_mm: 14, length_mm: 70 },
    cook: { stages: [{ minutes: 40, temperature_c: 195 }] },
  });
  const widthOf = (events: typeof thick.events) => {
    const { window } = forecastPlan({ ...thick, events });
    return window.held ? window.to - window.from : 0;
  };
  const chosen = chooseOpenings(thick, 1);
  expect(chosen.length).toBeGreaterThan(0);
  expect(widthOf(chosen)).toBeGreaterThan(1.5 * widthOf([]));
});

test('openings are chosen before the pull: kale is not shaken when it is burnt, a heap of sticks is', () => {
  const kale = planOf({
    food: 'kale',
    cut: { shape: 'sheet' },
    mass_g: 80,
    prep: [],
    cook: { stages: [{ minutes: 15, temperature_c: 160 }] },
  });
  const pulled = forecastPlan(kale).pull.time;
  for (const { time } of chooseOpenings(kale, 1)) expect(time).toBeLessThan(pulled);
  expect(chooseOpenings(planOf({ mass_g: 800, cook: { ...FILE.cook, events: [] } }), 1).length).toBeGreaterThan(1);
});

test('the interval is centred on the forecast and holds 75–90 % of kitchens drawn from the stated unknowns', () => {
  let [inside, counted] = [0, 0];
  for (const plan of [
    planOf(),
    planOf({ food: 'carrot', cut: { shape: 'cube', thickness_mm: 16 } }),
    planOf({
      cut: { shape: 'slice', thickness_mm: 2 },
      mass_g: 120,
      cook: { stages: [{ minutes: 40, temperature_c: 160 }], events: [{ minute: 5, action: 'shake' }] },
    }),
  ]) {
    const { p10, p50, p90 } = forecastInterval(plan, 1);
    /* thin slices are as right together for a minute, within which the moment may lie anywhere */
    expect(Math.abs(p50! / forecastPlan(plan).pull.time - 1)).toBeLessThan(0.07);
    for (const unknowns of drawUnknowns(40, createSeededRandom(11))) {
      const member = withUnknowns(goingOn(plan), unknowns);
      const time = pullTimeOf(simulateCook(member, 1), member) ?? Infinity;
      if (time >= p10! && time <= (p90 ?? Infinity)) inside++;
      counted++;
    }
  }
  expect(inside / counted).toBeGreaterThanOrEqual(0.75);
  expect(inside / counted).toBeLessThanOrEqual(0.9);
});

test('browning is a scale: a record times a factor is pulled as another food would be, to a thousandth of a second', async () => {
  const { withBrowning } = await import('./interval');
  const plan = planOf();
  for (const scale of [0.6, 1.5]) {
    const other = { ...plan, browningScale: scale };
    const scaled = pullTimeOf(withBrowning(simulateCook(plan, 1), scale), plan);
    expect(Math.abs(scaled! - pullTimeOf(simulateCook(other, 1), other)!)).toBeLessThan(1e-3);
  }
});

test('strong and weak places make fewer right where nothing is shaken; thicker pieces over the strong ones more', () => {
  const uneven = planOf({
    cut: { shape: 'stick', thickness_mm: 10, length_mm: 70, scatter: 0.2 },
    mass_g: 350,
    cook: { stages: [{ minutes: 32, temperature_c: 190 }] },
  });
  const places = [1.08, 1.12, 1.06, 1, 1.02, 0.98, 0.97, 0.92, 0.85];
  const shareOf = (plan: typeof uneven) =>
    [1, 2, 3, 4].reduce((sum, seed) => sum + forecastPlan(plan, seed).pull.share / 4, 0);
  const fryer = { ...uneven.fryer, places };
  const even = shareOf(uneven);
  const asTheyFall = shareOf({ ...uneven, fryer });
  expect(asTheyFall).toBeLessThan(even - 0.02);
  expect(shareOf({ ...uneven, fryer, thickToStrong: true })).toBeGreaterThan(asTheyFall + 0.1);
  expect(shareOf({ ...uneven, thickToStrong: true })).toBe(even);
});
