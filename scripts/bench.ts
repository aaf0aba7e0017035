/* npm run bench: how long the engine takes here, cold and warm. Nothing is asserted; figures are looked at. */
import fc from 'fast-check';
import { Session } from 'node:inspector/promises';
import { stepRun } from '../src/core/batch/cook-run';
import { type Resolution, STANDARD_RESOLUTION } from '../src/core/batch/resolution';
import { simulateCook } from '../src/core/batch/simulate-cook';
import { startRun } from '../src/core/batch/start-run';
import { observe, replanFilter, startFilter } from '../src/core/coach/filter';
import { resample } from '../src/core/coach/particles';
import { forecastPlan } from '../src/core/forecast/forecast';
import { forecastInterval } from '../src/core/forecast/interval';
import { batchEvidence } from '../src/core/learn/batch-evidence';
import { learn } from '../src/core/learn/kitchen-model';
import type { ToldBatch } from '../src/core/learn/told-batch';
import { createSeededRandom } from '../src/core/numeric/seeded-random';
import { searchPlans, type SearchStep } from '../src/core/search/search-plans';
import type { Plan } from '../src/core/plan/plan';
import { FIRST_PLAN } from '../src/schemas/first-plan';
import { planFileSchema } from '../src/schemas/plan-file';
import { planFromFile } from '../src/schemas/plan-from-file';
import { anyPlanFile } from '../tests/support/any-plan-file';

const plan: Plan = planFromFile({
  ...FIRST_PLAN,
  cook: { ...FIRST_PLAN.cook, stages: [{ minutes: 25, temperature_c: 195 }] },
});
const FORECAST: Resolution = { ...STANDARD_RESOLUTION, pieces: 24 };

function time(work: () => unknown): number {
  const start = performance.now();
  work();
  return performance.now() - start;
}

function report(name: string, work: () => unknown, runs: number): void {
  const cold = time(work);
  const warm = Array.from({ length: runs }, () => time(work)).sort((a, b) => a - b);
  const median = warm[warm.length >> 1]!;
  console.log(
    `${name.padEnd(44)} first ${cold.toFixed(0).padStart(5)} ms   warm median ${median.toFixed(1).padStart(7)} ms   best ${warm[0]!.toFixed(1).padStart(7)} ms`,
  );
}

report('forecast, 24 pieces, 25 min', () => simulateCook(plan, 1, FORECAST), 25);
report('forecast as shown, 16 pieces, 25 min', () => forecastPlan(plan), 25);
report('interval, six cooks × 15 brownings, one thread', () => forecastInterval(plan, 1), 5);

const filter = startFilter(plan, 1);
const answer = { kind: 'swatch', time: 900, browning: 0.9 } as const;
report('480 guesses weighed by an answer', () => observe(filter, answer), 25);
/* there and back again: each time they part at that opening */
const changed = { ...plan, events: [...plan.events, { time: 960, action: 'shake' as const }] };
let changes = 0;
report(
  '480 guesses, an opening set or taken out at 16 of 25 min',
  () => replanFilter(filter, changes++ % 2 ? plan : changed),
  10,
);
report('480 guesses drawn and cooked anew', () => resample(observe(filter, answer).particles, plan, filter.random), 5);

/** A year or two of a busy kitchen: twelve foods in three fryers, as many batches as teach. */
function busyKitchen(count: number): ToldBatch[] {
  const random = createSeededRandom(7);
  const evidence = batchEvidence(plan, [answer], 1100, {
    browning: 1,
    liked: 'too-pale',
    bite: 'crisp',
    heart: 'soft',
  });
  return Array.from({ length: count }, (_, i) => ({
    id: String(i).padStart(4, '0'),
    fryer: `fryer ${i % 3}`,
    drawer: null,
    food: `food ${i % 12}`,
    coat: null,
    kin: 'vegetable',
    season: Math.floor(i / 100) % 4,
    evidence: { ...evidence, vector: evidence.vector.map((value) => value + random() - 0.5) },
  }));
}
const told = busyKitchen(400);
report('what 400 batches teach, from nothing', () => learn(told), 5);

const steps = (FORECAST.pieces * 25 * 60) / FORECAST.step;
const seconds = time(() => simulateCook(plan, 1, FORECAST)) / 1000;
console.log(`piece steps a second ${Math.round(steps / seconds).toLocaleString('en')}`);

/** Bytes that the core's own functions allocate in a step of the whole basket, by the sampling heap profiler, once compiled. */
async function allocationPerStep(): Promise<number> {
  const walkOn = (steps: number, run = startRun(plan, createSeededRandom(1), FORECAST)) => {
    for (let n = 0; n < steps; n++) stepRun(run, plan, 468, false, FORECAST.step);
    return run;
  };
  walkOn(600);
  const run = walkOn(60);
  const session = new Session();
  session.connect();
  await session.post('HeapProfiler.startSampling', { samplingInterval: 64 });
  const counted = 200;
  walkOn(counted, run);
  const { profile } = await session.post('HeapProfiler.stopSampling');
  session.disconnect();
  let bytes = 0;
  const add = (node: (typeof profile)['head']) => {
    if (node.callFrame.url.includes('/core/')) bytes += node.selfSize;
    node.children.forEach(add);
  };
  add(profile.head);
  return bytes / counted;
}
console.log(`allocated in a step of ${FORECAST.pieces} pieces: ${(await allocationPerStep()).toFixed(1)} bytes`);

const chips = planFromFile({
  ...FIRST_PLAN,
  cut: { shape: 'slice', thickness_mm: 2, diameter_mm: 50, scatter: 0.03 },
  mass_g: 150,
  cook: { events: FIRST_PLAN.cook.events, stages: [{ minutes: 30, temperature_c: 155 }] },
});
const CASES: readonly (readonly [string, Plan])[] = [
  ['sticks', plan],
  ['chips', chips],
  ['full basket', { ...plan, mass: 0.9, stages: [{ ...plan.stages[0]!, duration: 2700 }] }],
  ['cubes', { ...plan, cut: { shape: 'cube', thickness: 0.02 } }],
];
const GRIDS: readonly Resolution[] = [
  { pieces: 16, cells: 61, step: 1, interval: 20 },
  { pieces: 16, cells: 31, step: 2, interval: 20 },
  { pieces: 16, cells: 21, step: 4, interval: 20 },
  { pieces: 16, cells: 17, step: 5, interval: 20 },
  { pieces: 16, cells: 15, step: 5, interval: 20 },
  { pieces: 16, cells: 13, step: 5, interval: 20 },
  { pieces: 16, cells: 15, step: 10, interval: 20 },
];
console.log(
  `\nMoment to pull by resolution, ${STANDARD_RESOLUTION.cells} cells and ${STANDARD_RESOLUTION.step} s being the one in use`,
);
console.log(`| cells | step | ${CASES.map(([name]) => name).join(' | ')} | largest difference |`);
const fine = CASES.map(([, one]) => forecastPlan(one, 1, GRIDS[0]).pull.time / 60);
for (const grid of GRIDS) {
  const done = CASES.map(([, one]) => forecastPlan(one, 1, grid).pull.time / 60);
  const worst = Math.max(...done.map((minute, i) => Math.abs(minute / fine[i]! - 1)));
  console.log(
    `| ${grid.cells} | ${grid.step} s | ${done.map((minute) => minute.toFixed(2)).join(' | ')} | ${(worst * 100).toFixed(1)} % |`,
  );
}

/** How far the moment to pull of random plans moves with the step alone, share of it; those that are done by both. */
const byStep = fc
  .sample(anyPlanFile, { numRuns: 100, seed: 2 })
  .map((file) => planFromFile(planFileSchema.parse(file)))
  .flatMap((one) => {
    const [coarse, small] = [STANDARD_RESOLUTION.step, 2].map((step) =>
      forecastPlan(one, 1, { ...STANDARD_RESOLUTION, step }),
    );
    return coarse!.inTime && small!.inTime ? [Math.abs(coarse!.pull.time / small!.pull.time - 1)] : [];
  })
  .sort((a, b) => a - b);
const percent = (share: number) => `${(100 * byStep[Math.floor(share * (byStep.length - 1))]!).toFixed(2)} %`;
console.log(
  `steps of ${STANDARD_RESOLUTION.step} s against 2 s, ${byStep.length} of 100 random plans that are done: median ${percent(0.5)}, nine of ten ${percent(0.9)}, largest ${percent(1)}`,
);

let steps700: SearchStep[] = [];
report(
  'plan search',
  () => {
    steps700 = [...searchPlans({ ...plan, mass: 0.7 }, 1)];
  },
  2,
);
console.log(`ways tried: ${steps700.at(-1)!.tried}, cooked as shown: ${steps700.filter(({ found }) => found).length}`);
report(
  'half of its ways, as each of two workers',
  () => [...searchPlans({ ...plan, mass: 0.7 }, 1, undefined, { index: 0, of: 2 })],
  2,
);
report('its first result', () => searchPlans({ ...plan, mass: 0.7 }, 1).next(), 3);

const slowest = fc
  .sample(anyPlanFile, { numRuns: 150, seed: 1 })
  .map((file) => planFromFile(planFileSchema.parse(file)))
  .map((one) => time(() => forecastPlan(one)))
  .sort((a, b) => a - b);
console.log(
  `any valid plan, 150 at random: median ${slowest[75]!.toFixed(0)} ms, slowest ${slowest[149]!.toFixed(0)} ms (2000 allowed)`,
);
