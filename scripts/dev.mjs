/* npm run dev: the same set-up as the demo, with the development server that follows edits. */
import { endApp, portFrom, startApp } from './lib/app.mjs';
import { openCluster } from './lib/cluster.mjs';
import { ensureDatabase, migrate } from './lib/database.mjs';
import { ensureDebianPackages, ensureNodeModules } from './lib/packages.mjs';
import { must, say } from './lib/run.mjs';

ensureDebianPackages({ postgres: true, chromium: false });
ensureNodeModules();
const cluster = await openCluster('demo');
await ensureDatabase(cluster.url('postgres'), 'drubek');
const env = { DATABASE_URL: cluster.url('drubek'), DRUBEK_DEMO: '1' };
await migrate(env.DATABASE_URL);
must(process.execPath, ['--import', 'tsx', 'scripts/seed-demo.ts'], { env: { ...process.env, ...env } });
const { app, address } = await startApp('dev', await portFrom(3310), env, 'inherit');
process.on('SIGINT', async () => {
  await endApp(app);
  if (cluster.startedHere) cluster.stop();
  process.exit(0);
});
say(`Drubek, following edits: ${address}`);
