/*
 * npm run constants: every constant of the core with its unit, source and sureness, and what 30 % more or less of it does to the
 * moment to pull of five plans, into docs/model/constants.md. Takes about ten minutes.
 */
import { execFile } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { availableParallelism, tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build } from 'esbuild';
import { FIVE_PLANS } from './constants/five-plans';
import { type Constant, constantsOf } from './constants/find-constants';

const ROOT = dirname(dirname(fileURLToPath(import.meta.url)));
const CORE = join(ROOT, 'src/core');
const CHANGE = 0.3;
/** Rooms above the forecast, whose constants cannot move it. */
const ABOVE = /^(search|coach|run)\//;
/** min; what moves less is not printed */
const SEEN = 0.05;

/** min by which each plan is pulled later with less and with more of a constant; null where no forecast came out. */
type Effect = Readonly<Record<'less' | 'more', readonly number[] | null>>;

const constants = readdirSync(CORE, { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'))
  .sort()
  .flatMap((file) => constantsOf(join(CORE, file)).map((one) => ({ ...one, file })))
  /* what each food is made of is data, and a neutral 0 or 1 is no constant */
  .filter(({ sureness, file }) => sureness !== 'unsaid' || !/food\/(vegetables|proteins|roots)/.test(file))
  .filter(({ sureness, value }) => sureness !== 'unsaid' || !/^[01]$/.test(value));

/** The source of a file of the core in which every constant can be moved from outside. */
function movable(file: string): string {
  const spots = constants.flatMap(({ spots, whole, ...one }, index) =>
    one.file === file ? spots.map((spot) => ({ ...spot, whole, index })) : [],
  );
  let text = readFileSync(join(CORE, file), 'utf8');
  for (const { from, to, index, whole } of spots.sort((a, b) => b.from - a.from)) {
    text = `${text.slice(0, from)}moved(${index}, ${text.slice(from, to)}, ${whole})${text.slice(to)}`;
  }
  return text;
}

const MOVED = `const [movedIndex, movedBy] = (process.env.MOVED ?? '-1 1').split(' ').map(Number);
const moved = (at, value, whole) =>
  at !== movedIndex ? value : whole ? Math.max(1, Math.round(value * movedBy)) : value * movedBy;`;

const folder = mkdtempSync(join(tmpdir(), 'drubek-constants-'));
const program = join(folder, 'pulls.mjs');
await build({
  entryPoints: [join(ROOT, 'scripts/constants/pulls.ts')],
  outfile: program,
  bundle: true,
  platform: 'node',
  format: 'esm',
  banner: { js: MOVED },
  plugins: [
    {
      name: 'movable constants',
      setup: ({ onLoad }) =>
        onLoad({ filter: /src\/core\/.*\.ts$/ }, ({ path }) => ({
          contents: movable(path.slice(CORE.length + 1)),
          loader: 'ts',
        })),
    },
  ],
});

/** min, the moments to pull of the five plans with one constant moved */
function pulls(index: number, factor: number): Promise<number[] | null> {
  return new Promise((resolve) =>
    execFile(
      process.execPath,
      [program],
      { env: { ...process.env, MOVED: `${index} ${factor}` }, timeout: 60_000 },
      (error, out) => resolve(error ? null : (JSON.parse(out) as number[])),
    ),
  );
}

const base = await pulls(-1, 1);
if (!base) throw new Error('The five plans have no forecast.');
const later = (minutes: number[] | null) => minutes?.map((minute, plan) => minute - base[plan]!) ?? null;
const effects: Effect[] = [];
let next = 0;
await Promise.all(
  Array.from({ length: availableParallelism() }, async () => {
    while (next < constants.length) {
      const index = next++;
      effects[index] = ABOVE.test(constants[index]!.file)
        ? { less: [], more: [] }
        : { less: later(await pulls(index, 1 - CHANGE)), more: later(await pulls(index, 1 + CHANGE)) };
      if (index % 40 === 0) console.log(`${index} of ${constants.length}`);
    }
  }),
);
rmSync(folder, { recursive: true });

const weightOf = ({ less, more }: Effect) => Math.max(0, ...[...(less ?? []), ...(more ?? [])].map(Math.abs));
const signed = (minutes: number) =>
  Math.abs(minutes) < SEEN ? '0' : `${minutes > 0 ? '+' : '−'}${Math.abs(minutes).toFixed(1)}`;
const pair = ({ less, more }: Effect, plan: number) => {
  const [down, up] = [less, more].map((minutes) => (minutes ? signed(minutes[plan] ?? 0) : 'none'));
  return down === '0' && up === '0' ? '' : `${down} / ${up}`;
};
const escape = (text: string) => text.replace(/\|/g, '\\|');
const row = (one: Constant, i: number) =>
  `| \`${one.name}\` | ${one.value} | ${one.unit} | ${escape(one.what)} | ${escape(one.source) || '—'} | ${one.sureness} | ${FIVE_PLANS.map((_, plan) => pair(effects[i]!, plan)).join(' | ')} |`;
const count = (sureness: Constant['sureness']) => constants.filter((one) => one.sureness === sureness).length;
const head = `| constant | value | unit | what it is | source | sureness | ${FIVE_PLANS.map((id, plan) => `${id} (${base[plan]!.toFixed(1)} min)`).join(' | ')} |
|---|---|---|---|---|---|${FIVE_PLANS.map(() => '---').join('|')}|`;
const table = (which: readonly number[]) => `${head}\n${which.map((i) => row(constants[i]!, i)).join('\n')}`;
const all = constants.map((_, i) => i);
const strongest = all
  .filter((i) => constants[i]!.sureness === 'assumed')
  .sort((a, b) => weightOf(effects[b]!) - weightOf(effects[a]!))
  .slice(0, 20);
const rooms = [...new Set(constants.map(({ file }) => dirname(file)))];

writeFileSync(
  join(ROOT, 'docs', 'model', 'constants.md'),
  `# Every constant of the core

Written by \`npm run constants\`; not by hand. Of ${constants.length} constants ${count('assumed')} are assumed, ${count('sourced')} have a source, ${count('chosen')} are chosen: they define the product or belong to the numerical method.

The last five columns say by how many minutes the moment to pull moves when the constant is 30 % smaller / 30 % larger, with the whole forecast computed anew. Empty: under three seconds both ways, or above the forecast (search, coach, run). _none_: no forecast comes out. A temperature in kelvin or a power moved by 30 % is a far larger change than anybody doubts; its row says only that it is no free number. What each food is made of stands with the food, in \`src/core/food\`; a table of more than six numbers is moved as one.

## The twenty assumed constants that move it the most

${table(strongest)}

${rooms.map((room) => `## ${room}\n\n${table(all.filter((i) => dirname(constants[i]!.file) === room))}`).join('\n\n')}
`,
);
console.log(`docs/model/constants.md: ${constants.length} constants`);
