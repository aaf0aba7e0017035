/* npm run demo: sets everything up, starts the app with the demo kitchen and prints the address. --fresh resets that kitchen. */
import { endApp, portFrom, startApp } from './lib/app.mjs';
import { ensureBuild } from './lib/build.mjs';
import { openCluster, stateFolder } from './lib/cluster.mjs';
import { ensureDatabase, migrate } from './lib/database.mjs';
import { ensureDebianPackages, ensureNodeModules } from './lib/packages.mjs';
import { serveHttps } from './lib/https.mjs';
import { must, say } from './lib/run.mjs';

const fresh = process.argv.includes('--fresh');
const secure = process.argv.includes('--https');
const ownServer = !process.env.DATABASE_URL;

async function main() {
  say('Drubek: setting up.');
  ensureDebianPackages({ postgres: ownServer, chromium: false });
  ensureNodeModules();
  await ensureBuild();
  let cluster = null;
  let databaseUrl = process.env.DATABASE_URL;
  if (ownServer) {
    say('Starting the private PostgreSQL server on loopback …');
    cluster = await openCluster('demo');
    await ensureDatabase(cluster.url('postgres'), 'drubek');
    databaseUrl = cluster.url('drubek');
  } else {
    say('Using the server of DATABASE_URL.');
  }
  const stopServer = () => {
    if (cluster?.startedHere) cluster.stop();
  };
  try {
    await migrate(databaseUrl);
    const env = { DATABASE_URL: databaseUrl, DRUBEK_DEMO: '1' };
    say(fresh ? 'Resetting the demo kitchen …' : 'Looking after the demo kitchen …');
    must(process.execPath, ['--import', 'tsx', 'scripts/seed-demo.ts', '--run', ...(fresh ? ['--fresh'] : [])], {
      env: { ...process.env, ...env },
    });
    const port = await portFrom(Number(process.env.PORT) || 3210);
    const { app, address } = await startApp('start', port, env);
    let ending = false;
    const end = async () => {
      if (ending) return;
      ending = true;
      say('\nStopping …');
      await endApp(app);
      stopServer();
      say('Stopped. The data stays for the next time.');
      process.exit(0);
    };
    process.on('SIGINT', end);
    process.on('SIGTERM', end);
    app.on('exit', () => {
      if (ending) return;
      say('The app ended by itself.');
      stopServer();
      process.exit(1);
    });
    if (secure) {
      const { addresses, certFile } = await serveHttps(address, await portFrom(3243), stateFolder());
      say(`Over TLS for a phone in the same network: ${addresses.join(' or ')}`);
      say(
        'The phone will say that it does not know this certificate, as this machine made it itself: go on once, or, so that',
      );
      say(`the app also opens without a network, install and trust it on the phone first: ${certFile}`);
    }
    say('Ctrl-C stops everything this command started.');
    say(`Drubek is ready: ${address}`);
  } catch (error) {
    stopServer();
    throw error;
  }
}

main().catch((error) => {
  process.stderr.write(`Drubek could not start: ${error.message}\n`);
  process.exit(1);
});
