/* npm run kernel: how much faster the same kernel is in C++, and whether both still say the same. Needs a compiler; without one it says so. */
import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { STANDARD_RESOLUTION } from '../../src/core/batch/resolution';
import { startRun } from '../../src/core/batch/start-run';
import { createSeededRandom } from '../../src/core/numeric/seeded-random';
import type { UniformTable } from '../../src/core/numeric/uniform-table';
import {
  BROWNING_BY_MOISTURE,
  BROWNING_RATE,
  SOFTENING_RATE,
  VAPOUR_MOBILITY,
  WATER_DIFFUSIVITY,
} from '../../src/core/piece/kinetics';
import { copyPieceState } from '../../src/core/piece/piece-state';
import { stepPieces } from '../../src/core/piece/piece-step.kernel';
import {
  BOILING_TEMPERATURE_TABLE,
  FREE_WATER_MOISTURE,
  WATER_ACTIVITY_TABLE,
} from '../../src/core/properties/sorption';
import { SATURATION_PRESSURE_TABLE } from '../../src/core/properties/water';
import { FIRST_PLAN } from '../../src/schemas/first-plan';
import { planFromFile } from '../../src/schemas/plan-from-file';

/** Steps of a cook, how often it is gone through, and how far the two may part: rounding, no more. */
const STEPS = 120;
const ROUNDS = 40;
const MOST_APART = 1e-9;

const state = startRun(planFromFile(FIRST_PLAN), createSeededRandom(1), STANDARD_RESOLUTION).groups[0]!.state;
state.airTemperature.fill(463);
state.radiantTemperature.fill(463);
state.convection.fill(48);
state.radiation.fill(6);
state.vapourPressure.fill(5000);
const step = Float64Array.of(STANDARD_RESOLUTION.step);

function inJavaScript() {
  let best = Infinity;
  let cooked = state;
  for (let round = 0; round < ROUNDS; round++) {
    cooked = copyPieceState(state);
    const since = performance.now();
    for (let n = 0; n < STEPS; n++) stepPieces(cooked, step);
    best = Math.min(best, performance.now() - since);
  }
  const { temperature, moisture, browning, softening } = cooked;
  return {
    nanoseconds: (best * 1e6) / STEPS / state.count,
    fields: [temperature, moisture, browning, softening].flatMap((one) => Array.from(one)),
  };
}

/** What the twin reads: all as doubles, each list after its length. */
function asInput(): Uint8Array {
  const { tissue } = state;
  const list = (values: Float64Array) => [values.length, ...values];
  const table = ({ start, perUnit, values }: UniformTable) => [start, perUnit, ...list(values)];
  const numbers = [
    ...[state.count, state.cells, step[0]!, STEPS, ROUNDS],
    ...[tissue.conductivitySlope, tissue.fullMoisture, FREE_WATER_MOISTURE],
    ...[tissue.conductivity, BOILING_TEMPERATURE_TABLE, SATURATION_PRESSURE_TABLE, WATER_ACTIVITY_TABLE].flatMap(table),
    ...[WATER_DIFFUSIVITY, VAPOUR_MOBILITY, SOFTENING_RATE, BROWNING_RATE, BROWNING_BY_MOISTURE].flatMap(table),
    ...[state.solids, state.solidsCapacity, state.temperature, state.moisture, state.softening].flatMap(list),
    ...[state.volume, state.halfWidth, state.interfaceArea, state.film, state.skinTemperature].flatMap(list),
    ...[state.browning, state.edgeBrowning, state.browningFactor, state.airTemperature, state.convection].flatMap(list),
    ...[state.radiation, state.radiantTemperature, state.vapourPressure, state.hottestCentre].flatMap(list),
  ];
  return new Uint8Array(Float64Array.from(numbers).buffer);
}

function inTwin(): { nanoseconds: number; fields: number[] } | null {
  const folder = mkdtempSync(join(tmpdir(), 'drubek-kernel-'));
  try {
    const twin = join(folder, 'twin');
    const source = join(dirname(fileURLToPath(import.meta.url)), 'twin.cpp');
    const compiled = spawnSync('c++', ['-O2', '-std=c++17', '-o', twin, source], { encoding: 'utf8' });
    if (compiled.error) return null;
    if (compiled.status !== 0) throw new Error(`the twin does not compile:\n${compiled.stderr}`);
    writeFileSync(join(folder, 'input'), asInput());
    const ran = spawnSync(twin, [join(folder, 'input')], { encoding: 'utf8', maxBuffer: 1 << 26 });
    if (ran.status !== 0) throw new Error(`the twin ended with ${ran.status ?? ran.signal}: ${ran.stderr}`);
    const [nanoseconds, ...fields] = ran.stdout.trim().split('\n').map(Number);
    return { nanoseconds: nanoseconds!, fields };
  } finally {
    rmSync(folder, { recursive: true });
  }
}

const own = inJavaScript();
console.log(`JavaScript: ${own.nanoseconds.toFixed(0)} ns for a piece of ${state.cells} cells and a step`);
const twin = inTwin();
if (!twin) console.log('No C++ compiler is here (c++): the ratio is skipped.');
else {
  const apart = Math.max(
    ...own.fields.map((value, i) => Math.abs(value - twin.fields[i]!) / Math.max(1e-6, Math.abs(value))),
  );
  console.log(
    `C++: ${twin.nanoseconds.toFixed(0)} ns, ${(own.nanoseconds / twin.nanoseconds).toFixed(1)} times as fast`,
  );
  console.log(`largest difference after ${STEPS} steps: ${apart.toExponential(1)}`);
  if (!(apart < MOST_APART)) {
    console.log('The twin has fallen behind the kernel: what it is compared with is not the same computation.');
    process.exitCode = 1;
  }
}
