/* npm run bench: how long the engine takes here, cold and warm. Nothing is asserted; figures are looked at. */
import type { Resolution } from '../src/core/engine/resolution';
import { simulateCook } from '../src/core/engine/simulate-cook';
import { forecastPlan } from '../src/core/forecast/forecast';
import { forecastInterval } from '../src/core/forecast/ensemble';
import type { Plan } from '../src/core/plan/plan';
import { FIRST_PLAN } from '../src/schemas/edit-plan';
import { planFromFile } from '../src/schemas/plan-file';

const plan: Plan = planFromFile({
  ...FIRST_PLAN,
  cook: { ...FIRST_PLAN.cook, stages: [{ minutes: 25, temperature_c: 195 }] },
});
const FORECAST: Resolution = { pieces: 24, cells: 21, step: 4, interval: 20 };

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
report('ensemble of 16, one thread', () => forecastInterval(plan, 16, 1), 5);

const steps = (FORECAST.pieces * 25 * 60) / FORECAST.step;
const before = process.memoryUsage().heapUsed;
const seconds = time(() => simulateCook(plan, 1, FORECAST)) / 1000;
console.log(`piece steps a second ${Math.round(steps / seconds).toLocaleString('en')}`);
console.log(
  `heap grown by one forecast ${((process.memoryUsage().heapUsed - before) / 1024).toFixed(0)} kB, its record included`,
);

console.log('\nResolution: done minute of the same plan');
for (const [cells, step] of [
  [15, 6],
  [17, 4],
  [21, 4],
  [31, 4],
  [41, 2],
  [61, 1],
] as const) {
  const { doneTime } = forecastPlan(plan, 1, { pieces: 16, cells, step, interval: step === 6 ? 30 : 20 });
  console.log(`  ${cells} cells, ${step} s: ${doneTime === null ? 'not done' : (doneTime / 60).toFixed(2)}`);
}
