/* Part of npm test: takes a backup of DATABASE_URL and puts it back into another server as a user who is nothing special there. */
import { randomBytes } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pg from 'pg';
import { openCluster } from './lib/cluster.mjs';
import { ask, say } from './lib/run.mjs';

const USER = 'plain';
const password = randomBytes(12).toString('hex');

async function queries(connectionString, texts, options) {
  const client = new pg.Client({ connectionString, ...(options ? { options } : {}) });
  await client.connect();
  try {
    const answers = [];
    for (const text of texts) answers.push((await client.query(text)).rows);
    return answers;
  } finally {
    await client.end();
  }
}

/** How many rows each table has. */
async function countsOf(connectionString) {
  const [tables] = await queries(connectionString, [
    `SELECT tablename FROM pg_tables WHERE schemaname = 'public' ORDER BY tablename`,
  ]);
  const counts = await queries(
    connectionString,
    tables.map(({ tablename }) => `SELECT count(*)::int AS n FROM ${tablename}`),
  );
  return Object.fromEntries(tables.map(({ tablename }, i) => [tablename, counts[i][0].n]));
}

function backup(what, file, databaseUrl) {
  return ask(process.execPath, ['scripts/backup.mjs', what, file], {
    env: { ...process.env, DATABASE_URL: databaseUrl },
  });
}

function mustBe(holds, what, more = '') {
  if (!holds) throw new Error(`${what} ${more}`);
  say(`${what}: yes`);
}

const folder = mkdtempSync(join(tmpdir(), 'drubek-restore-'));
const file = join(folder, 'drubek.dump');
const cluster = await openCluster('restore', { fast: true });
try {
  await queries(cluster.url('postgres'), [
    'DROP DATABASE IF EXISTS restored',
    `DROP ROLE IF EXISTS ${USER}`,
    'DROP ROLE IF EXISTS drubek_app',
    `CREATE ROLE ${USER} LOGIN CREATEROLE PASSWORD '${password}'`,
    `CREATE DATABASE restored OWNER ${USER}`,
  ]);
  const target = new URL(cluster.url('restored'));
  target.username = USER;
  target.password = password;
  const made = backup('backup', file, process.env.DATABASE_URL);
  mustBe(made.status === 0, 'a backup is made', made.stderr);
  const restored = backup('restore', file, target.href);
  mustBe(restored.status === 0, 'it is put back into a new server by an ordinary user', restored.stderr);
  const [before, after] = [await countsOf(process.env.DATABASE_URL), await countsOf(target.href)];
  mustBe(
    JSON.stringify(before) === JSON.stringify(after),
    'every table has as many rows',
    JSON.stringify({ before, after }),
  );
  const [[{ name }]] = await queries(target.href, ['SELECT current_user AS name'], '-c role=drubek_app');
  mustBe(name === 'drubek_app', 'the app reaches it as the role that owns nothing', name);
  const again = backup('restore', file, target.href);
  mustBe(
    again.status === 1 && /has tables already/.test(again.stderr),
    'over data it is refused in words',
    again.stderr,
  );
  mustBe(!/ at .*\.mjs/.test(again.stderr), 'and without a stack', again.stderr);
} finally {
  cluster.stop();
  rmSync(folder, { recursive: true });
}
