/*
 * npm run constants: every constant of the core with its unit, source and sureness, and what 30 % more or less of it does to the
 * moment to pull of five plans, into docs/model/constants.md. Takes about ten minutes.
 */
import { execFile } from 'node:child_process';
import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { availableParallelism, tmpdir } from 'node:os';
import { dirname, join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import { type Constant, constantsOf } from './constants/find-constants';
import { FIVE_PLANS } from './constants/five-plans';

const ROOT = dirname(dirname(fileURLToPath(import.meta.url)));
const COPY = mkdtempSync(join(tmpdir(), 'drubek-constants-'));
const CHANGE = 0.3;
/** Rooms above the forecast, whose constants cannot move it. */
const ABOVE = /^src\/core\/(search|coach|run)$/;
/** min; what moves less is not printed */
const SEEN = 0.05;

interface Effect {
  /** min by which each plan is pulled later with less and with more of the constant, or null where no forecast came out */
  readonly less: readonly number[] | null;
  readonly more: readonly number[] | null;
}

const constants = readdirSync(join(ROOT, 'src/core'), { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'))
  .sort()
  .flatMap((file) => constantsOf(join(ROOT, 'src/core', file)))
  .map((one) => ({ ...one, file: relative(ROOT, one.file) }))
  .filter(({ sureness, file }) => sureness !== 'unsaid' || !/food\/(vegetables|proteins|roots)/.test(file))
  .filter(({ sureness, value }) => sureness !== 'unsaid' || !/^[01]$/.test(value));

/* one copy of the source in which every constant can be moved from outside */
for (const part of ['src', 'tests/reference', 'tests/support', 'scripts/constants', 'tsconfig.json', 'package.json']) {
  cpSync(join(ROOT, part), join(COPY, part), { recursive: true });
}
symlinkSync(join(ROOT, 'node_modules'), join(COPY, 'node_modules'));
const spots = constants.flatMap(({ file, spots, whole }, index) =>
  spots.map((spot) => ({ file, index, whole, ...spot })),
);
for (const file of new Set(spots.map((spot) => spot.file))) {
  let text = readFileSync(join(ROOT, file), 'utf8');
  const own = spots.filter((spot) => spot.file === file).sort((a, b) => b.from - a.from);
  for (const { from, to, index, whole } of own) {
    text = `${text.slice(0, from)}(globalThis as any).__moved(${index}, ${text.slice(from, to)}, ${whole})${text.slice(to)}`;
  }
  writeFileSync(join(COPY, file), text);
}
writeFileSync(
  join(COPY, 'move.mjs'),
  `const [index, factor] = (process.env.MOVED ?? '-1 1').split(' ').map(Number);
globalThis.__moved = (at, value, whole) =>
  at !== index ? value : whole ? Math.max(1, Math.round(value * factor)) : value * factor;
`,
);

function pulls(index: number, factor: number): Promise<number[] | null> {
  return new Promise((resolve) =>
    execFile(
      process.execPath,
      ['--import', 'tsx', '--import', './move.mjs', 'scripts/constants/pulls.ts'],
      { cwd: COPY, env: { ...process.env, MOVED: `${index} ${factor}` }, timeout: 60_000 },
      (error, out) => {
        try {
          resolve(error ? null : (JSON.parse(out) as number[]));
        } catch {
          resolve(null);
        }
      },
    ),
  );
}

const base = await pulls(-1, 1);
if (!base) throw new Error('The five plans have no forecast.');
const later = (moved: number[] | null) => moved?.map((minutes, i) => minutes - base[i]!) ?? null;
const effects: Effect[] = [];
let next = 0;
await Promise.all(
  Array.from({ length: availableParallelism() }, async () => {
    while (next < constants.length) {
      const index = next++;
      if (ABOVE.test(dirname(constants[index]!.file))) {
        effects[index] = { less: [], more: [] };
        continue;
      }
      const less = later(await pulls(index, 1 - CHANGE));
      effects[index] = { less, more: later(await pulls(index, 1 + CHANGE)) };
      if (index % 40 === 0) console.log(`${index} of ${constants.length}`);
    }
  }),
);
rmSync(COPY, { recursive: true });

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
const plans = FIVE_PLANS.map((id, i) => `${id} (${base[i]!.toFixed(1)} min)`);
const count = (sureness: Constant['sureness']) => constants.filter((one) => one.sureness === sureness).length;
const rooms = [...new Set(constants.map(({ file }) => dirname(file)))];
const strongest = constants
  .map((_, i) => i)
  .filter((i) => constants[i]!.sureness === 'assumed')
  .sort((a, b) => weightOf(effects[b]!) - weightOf(effects[a]!))
  .slice(0, 20);
const head = `| constant | value | unit | what it is | source | sureness | ${plans.join(' | ')} |
|---|---|---|---|---|---|${plans.map(() => '---').join('|')}|`;

writeFileSync(
  join(ROOT, 'docs', 'model', 'constants.md'),
  `# Every constant of the core

Written by \`npm run constants\`; not by hand. Of ${constants.length} constants ${count('assumed')} are assumed, ${count('sourced')} have a source, ${count('chosen')} are chosen: they define the product or belong to the numerical method.

The last five columns say by how many minutes the moment to pull moves when the constant is 30 % smaller / 30 % larger, with the whole forecast computed anew. Empty: under three seconds both ways, or above the forecast (search, coach, run). *none*: no forecast comes out, as for a constant that cannot be other than it is. A reference temperature in kelvin moved by 30 % is a far larger change than anybody doubts; its row says that it is no free number. What each food is made of stands with the food, in \`src/core/food\`; a table of more than six numbers is moved as one.

## The twenty assumed constants that move it the most

${head}
${strongest.map((i) => row(constants[i]!, i)).join('\n')}

${rooms
  .map((room) => {
    const own = constants.map((_, i) => i).filter((i) => dirname(constants[i]!.file) === room);
    return `## ${room}\n\n${head}\n${own.map((i) => row(constants[i]!, i)).join('\n')}`;
  })
  .join('\n\n')}
`,
);
console.log(`docs/model/constants.md: ${constants.length} constants`);
