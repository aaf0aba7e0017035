/* npm start: the app for others, without demo data, on the PostgreSQL of DATABASE_URL. See docs/hosting.md. */
import { setTimeout as wait } from 'node:timers/promises';
import { endApp, startApp } from './lib/app.mjs';
import { ensureBuild } from './lib/build.mjs';
import { ensureAppRole, migrate } from './lib/database.mjs';
import { ensureNodeModules } from './lib/packages.mjs';
import { say } from './lib/run.mjs';

/* another process that migrates, or a database that is still starting, is waited for this long, ms */
const PATIENCE = 120_000;
const AGAIN = 1000;

let app = null;
let ending = false;

async function end() {
  if (ending) return;
  ending = true;
  say('Stopping: requests under way are finished …');
  if (app) await endApp(app);
  say('Stopped.');
  process.exit(0);
}
/* also while it is still starting */
process.on('SIGTERM', end);
process.on('SIGINT', end);

async function migrateInTurn(databaseUrl) {
  for (const until = Date.now() + PATIENCE; ;) {
    try {
      await migrate(databaseUrl);
      /* a database that was put back from a backup knows the role, but not that this user may work as it */
      return await ensureAppRole(databaseUrl);
    } catch (error) {
      const passing = /already running|ECONNREFUSED|starting up|terminating|57P0/i.test(
        `${error.code} ${error.message}`,
      );
      if (!passing || Date.now() > until || ending) throw error;
      say(`Waiting for the database: ${error.message}`);
      await wait(AGAIN);
    }
  }
}

async function main() {
  const databaseUrl = process.env.DATABASE_URL;
  if (!databaseUrl)
    throw new Error('DATABASE_URL is not set; it names the PostgreSQL database to use (docs/hosting.md)');
  ensureNodeModules();
  await ensureBuild();
  await migrateInTurn(databaseUrl);
  if (ending) return;
  const port = Number(process.env.PORT) || 3210;
  const host = process.env.HOST || '127.0.0.1';
  if (!/^(127\.|localhost$|::1$)/.test(host)) {
    say(
      `Open to the network on ${host}. Without a proxy before it, whoever reaches this port can say which address it comes`,
    );
    say(
      'from (X-Forwarded-For) and get round the allowances, and nothing is encrypted. See docs/hosting.md, "A proxy before it".',
    );
  }
  const env = { DATABASE_URL: databaseUrl, DRUBEK_LOG: process.env.DRUBEK_LOG ?? 'json' };
  /* the log goes where ours goes */
  const started = await startApp('start', port, env, ['ignore', 'inherit', 'inherit']);
  app = started.app;
  if (ending) return endApp(app);
  app.on('exit', () => {
    if (ending) return;
    say('The app ended by itself.');
    process.exit(1);
  });
  say(`Drubek is ready: ${started.address}`);
}

main().catch((error) => {
  process.stderr.write(`Drubek could not start: ${error.message}\n`);
  process.exit(1);
});
