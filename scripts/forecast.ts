import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { forecastInterval } from '../src/core/forecast/interval';
import { forecastPlan } from '../src/core/forecast/forecast';
import { faultsOf } from '../src/schemas/faults';
import { forecastFile } from '../src/schemas/forecast-file';
import { planFileSchema } from '../src/schemas/plan-file';
import { warningText } from '../src/ui/words/warning-text';
import { planFromFile } from '../src/schemas/plan-from-file';

/** Plan files are small; anything longer is not one. */
const LARGEST_PLAN = 1_000_000;

function refuse(lines: string[]): never {
  process.stderr.write(lines.map((line) => `${line}\n`).join(''));
  process.exit(2);
}

/** `--ensemble` is checked and no longer used: the interval is not drawn by chance any more. */
function readArguments() {
  try {
    const { values, positionals } = parseArgs({
      allowPositionals: true,
      options: { seed: { type: 'string', default: '1' }, ensemble: { type: 'string', default: '16' } },
    });
    const seed = Number(values.seed);
    const ensemble = Number(values.ensemble);
    if (positionals.length !== 1)
      refuse(['usage: npm run -s forecast -- plan.json [--seed N] [--ensemble N]   (- reads standard input)']);
    if (!Number.isInteger(seed) || seed < 0)
      refuse([`--seed: must be a whole number of 0 or more, not ${values.seed}`]);
    if (!Number.isInteger(ensemble) || ensemble < 1 || ensemble > 256)
      refuse([`--ensemble: must be a whole number from 1 to 256, not ${values.ensemble}`]);
    return { path: positionals[0]!, seed };
  } catch (error) {
    return refuse([(error as Error).message]);
  }
}

function readPlan(path: string): unknown {
  let text: string;
  try {
    text = readFileSync(path === '-' ? 0 : path, 'utf8');
  } catch (error) {
    return refuse([`${path}: cannot be read (${(error as NodeJS.ErrnoException).code})`]);
  }
  if (text.length > LARGEST_PLAN) refuse([`${path}: is larger than 1 MB, which no plan is`]);
  try {
    return JSON.parse(text);
  } catch (error) {
    return refuse([`${path}: is not JSON: ${(error as Error).message}`]);
  }
}

const { path, seed } = readArguments();
const parsed = planFileSchema.safeParse(readPlan(path), { reportInput: true });
if (!parsed.success) {
  refuse(faultsOf(parsed.error).map((fault) => `${fault.path || '(plan)'}: ${fault.message}`));
}
const plan = planFromFile(parsed.data);
const answer = forecastFile(forecastPlan(plan, seed), forecastInterval(plan, seed), (warning) =>
  warningText(warning, 'metric'),
);
process.stdout.write(`${JSON.stringify(answer)}\n`);
