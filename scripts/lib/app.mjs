import { createServer } from 'node:net';
import { start } from './run.mjs';

/** The first free port on loopback from `wanted` on. */
export async function portFrom(wanted) {
  for (let port = wanted; port < wanted + 50; port++) {
    const free = await new Promise((resolve) => {
      const probe = createServer();
      probe.once('error', () => resolve(false));
      probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)));
    });
    if (free) return port;
  }
  throw new Error(`no free port between ${wanted} and ${wanted + 49}`);
}

/** Address Next listens on: loopback, or HOST=0.0.0.0 for a phone in the same network. */
const HOST = process.env.HOST || '127.0.0.1';

/** Starts Next and waits until it answers on loopback. mode: "start" or "dev". */
export async function startApp(mode, port, env, stdio = ['ignore', 'ignore', 'inherit']) {
  /* longer than browsers and proxies keep a connection, so that none is closed under a request just sent */
  const keep = mode === 'start' ? ['--keepAliveTimeout', '75000'] : [];
  const app = start(
    process.execPath,
    ['node_modules/next/dist/bin/next', mode, '-H', HOST, '-p', String(port), ...keep],
    {
      env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', ...env },
      stdio,
    },
  );
  const address = `http://127.0.0.1:${port}`;
  for (let tries = 0; tries < 240; tries++) {
    if (app.exitCode !== null) throw new Error(`the app ended with ${app.exitCode} before it answered`);
    try {
      await fetch(`${address}/api/health`);
      return { app, address };
    } catch {
      await new Promise((resolve) => setTimeout(resolve, 250));
    }
  }
  app.kill();
  throw new Error('the app did not answer within a minute');
}

/** Ends a child and waits for it. */
export function endApp(app) {
  return new Promise((resolve) => {
    if (app.exitCode !== null) return resolve();
    app.once('exit', resolve);
    app.kill('SIGTERM');
    setTimeout(() => app.kill('SIGKILL'), 5000).unref();
  });
}
