/* npm test: sets everything up, runs every check and ends with one line of counts. */
import { readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { stripVTControlCharacters } from 'node:util';
import { ensureBuild } from './lib/build.mjs';
import { openCluster } from './lib/cluster.mjs';
import { ensureDatabase, migrate } from './lib/database.mjs';
import { ensureDebianPackages, ensureNodeModules } from './lib/packages.mjs';
import { askBeside, must, ROOT, runBeside, say } from './lib/run.mjs';

const counts = { passed: 0, failed: 0 };
/** What failed and why, said once more at the end, where a long log is read. */
const faults = [];
/** Lines of a page that are said of a failed browser test. */
const MOST_SEEN = 70;
const seconds = (since) => ((Date.now() - since) / 1000).toFixed(0);

async function check(name, args, env) {
  const since = Date.now();
  const { status, stdout, stderr } = await askBeside(process.execPath, args, { env: { ...process.env, ...env } });
  if (status === 0) counts.passed++;
  else {
    counts.failed++;
    process.stdout.write(stdout + stderr);
  }
  say(`${status === 0 ? 'passed' : 'FAILED'}  ${name}  (${seconds(since)} s)`);
}

/** Runs a test runner with its output shown and adds the counts of its JSON report. */
async function suite(name, args, env, reportFile, read) {
  const since = Date.now();
  rmSync(reportFile, { force: true });
  const ended = await runBeside(process.execPath, args, { env: { ...process.env, ...env } });
  try {
    const report = JSON.parse(readFileSync(reportFile, 'utf8'));
    const { passed, failed } = read(report);
    faults.push(...read.faults(report));
    counts.passed += passed;
    counts.failed += failed + (!ended && failed === 0 ? 1 : 0);
    say(`${ended ? 'passed' : 'FAILED'}  ${name}: ${passed} passed, ${failed} failed  (${seconds(since)} s)`);
  } catch {
    counts.failed++;
    say(`FAILED  ${name}: it left no report`);
  }
}

/** The first lines of an error, without its colours. */
const shortly = (message = '') =>
  stripVTControlCharacters(message)
    .split('\n')
    .filter((line) => line.trim())
    .slice(0, 12)
    .join('\n    ');

function readJest(report) {
  return { passed: report.numPassedTests, failed: report.numFailedTests + report.numRuntimeErrorTestSuites };
}
readJest.faults = (report) =>
  report.testResults.flatMap(({ name, message, assertionResults }) => {
    const failed = assertionResults.filter(({ status }) => status === 'failed');
    const own = failed.map(({ fullName, failureMessages }) => `${fullName}\n    ${shortly(failureMessages[0])}`);
    return own.length === 0 && message ? [`${name}\n    ${shortly(message)}`] : own;
  });

function readPlaywright(report) {
  return {
    passed: report.stats.expected,
    failed: report.stats.unexpected + report.stats.flaky + report.errors.length,
  };
}
const specsBelow = (suite) => [...(suite.specs ?? []), ...(suite.suites ?? []).flatMap(specsBelow)];
readPlaywright.faults = (report) => [
  ...report.errors.map(({ message }) => shortly(message)),
  ...report.suites
    .flatMap(specsBelow)
    .filter(({ ok }) => !ok)
    .map(({ file, line, title, tests }) => {
      const results = tests.flatMap((test) => test.results);
      const { error, attachments = [] } = results.find((result) => result.error) ?? {};
      const why = shortly(`${error?.message ?? 'did not run'}\n${error?.snippet ?? ''}`);
      return `${file}:${line} ${title}\n    ${why}${seen(attachments)}`;
    }),
];

/** What stood on the page at the end, for a run on a machine that keeps no files. */
function seen(attachments) {
  const context = attachments.find(({ name }) => name === 'error-context');
  const [, snapshot = ''] = /```yaml\n([\s\S]*?)```/.exec(context ? readFileSync(context.path, 'utf8') : '') ?? [];
  return snapshot.split('\n').slice(0, MOST_SEEN).join('\n    ').replace(/^/, '\n    ');
}

async function main() {
  say('Drubek: setting up the tests.');
  ensureDebianPackages({ postgres: true, chromium: true });
  ensureNodeModules();
  const bin = (path) => join(ROOT, 'node_modules', path);
  /* one check on each core */
  await Promise.all([
    (async () => {
      await check('eslint', [bin('eslint/bin/eslint.js'), '.', '--max-warnings=0']);
      await check('import arrows', [
        bin('dependency-cruiser/bin/dependency-cruise.mjs'),
        'src',
        '--config',
        '.dependency-cruiser.cjs',
      ]);
    })(),
    (async () => {
      await check('next typegen', [bin('next/dist/bin/next'), 'typegen'], { NEXT_TELEMETRY_DISABLED: '1' });
      await check('types', [bin('typescript/bin/tsc'), '--noEmit']);
      await check('prettier', [bin('prettier/bin/prettier.cjs'), '--check', '.']);
    })(),
  ]);

  const jestReport = (name) => join(tmpdir(), `drubek-${name}-${process.pid}.json`);
  const jest = (project) => [
    bin('jest/bin/jest.js'),
    '--selectProjects',
    project,
    '--json',
    `--outputFile=${jestReport(project)}`,
    '--silent',
    ...(project === 'database' ? ['--runInBand'] : ['--maxWorkers=2']),
  ];
  const quiet = { NODE_NO_WARNINGS: '1' };
  const modules = { ...quiet, NODE_OPTIONS: '--experimental-vm-modules' };
  await suite('core and reference tests', jest('core'), modules, jestReport('core'), readJest);
  await suite('unit and component tests', jest('unit'), quiet, jestReport('unit'), readJest);

  say('Starting the test PostgreSQL server …');
  const cluster = await openCluster('test', { fast: true });
  try {
    await ensureDatabase(cluster.url('postgres'), 'drubek_test');
    await ensureDatabase(cluster.url('postgres'), 'drubek_e2e');
    await migrate(cluster.url('drubek_test'));
    await migrate(cluster.url('drubek_e2e'));
    /* the database tests mostly wait, the build does not */
    await Promise.all([
      suite(
        'database tests',
        jest('database'),
        { ...quiet, DATABASE_URL: cluster.url('drubek_test') },
        jestReport('database'),
        readJest,
      ),
      ensureBuild(),
    ]);
    await check('a backup goes into another server', ['scripts/check-restore.mjs'], {
      DATABASE_URL: cluster.url('drubek_test'),
    });
    const env = {
      DATABASE_URL: cluster.url('drubek_e2e'),
      /* the tests make more kitchens than any family */
      DRUBEK_LIMITS_TIMES: '20',
      DRUBEK_DEMO: '1',
      /* apart from the stand-ins of a demo that may be running */
      DRUBEK_DEVICES: 'http://127.0.0.1:3299/kitchens/{kitchen}',
    };
    must(process.execPath, ['--import', 'tsx', 'scripts/seed-demo.ts', '--fresh'], { env: { ...process.env, ...env } });
    const report = jestReport('e2e');
    await suite(
      'browser tests',
      [bin('@playwright/test/cli.js'), 'test'],
      { ...env, PLAYWRIGHT_JSON_OUTPUT_NAME: report },
      report,
      readPlaywright,
    );
  } finally {
    try {
      cluster.stop();
    } catch {
      /* the outage test may have left it stopped */
    }
  }
}

main()
  .catch((error) => {
    counts.failed++;
    process.stderr.write(`The tests could not run to the end: ${error.message}\n`);
  })
  .finally(() => {
    for (const fault of faults) say(`failed: ${fault}`);
    say(`${counts.passed} passed, ${counts.failed} failed`);
    process.exit(counts.failed === 0 && counts.passed > 0 ? 0 : 1);
  });
