import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join, sep } from 'node:path';
import { askBeside, ROOT, say } from './run.mjs';

const INPUTS = ['src', 'package-lock.json', 'next.config.ts', 'tsconfig.json', 'postcss.config.mjs'];

function* filesBelow(path) {
  if (!existsSync(path)) return;
  if (statSync(path).isFile()) {
    yield path;
    return;
  }
  for (const name of readdirSync(path).sort()) yield* filesBelow(join(path, name));
}

function fingerprint() {
  const hash = createHash('sha256');
  for (const input of INPUTS) {
    for (const file of filesBelow(join(ROOT, input))) hash.update(file.slice(ROOT.length)).update(readFileSync(file));
  }
  return hash.digest('hex');
}

/** Makes the production build, unless the one that is there came from the same sources. */
export async function ensureBuild() {
  const stamp = join(ROOT, '.next', 'drubek-build');
  const wanted = fingerprint();
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) {
    say('The production build is up to date.');
    return;
  }
  say('Making the production build …');
  const { status, stdout, stderr } = await askBeside(process.execPath, ['node_modules/next/dist/bin/next', 'build'], {
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', NODE_ENV: 'production' },
  });
  if (status !== 0) throw new Error(`the production build failed:\n${stdout}${stderr}`);
  await makeServiceWorker();
  await makeServerThread();
  writeFileSync(stamp, wanted);
}

/** Bundles the thread in which the server works out what a page shows first and what a kitchen has learnt. */
async function makeServerThread() {
  const { buildSync } = await import('esbuild');
  buildSync({
    entryPoints: [join(ROOT, 'src', 'services', 'apart', 'node-worker.ts')],
    outfile: join(ROOT, '.next', 'server-thread.cjs'),
    bundle: true,
    platform: 'node',
    format: 'cjs',
    target: 'node20',
  });
}

/** Bundles the service worker with the list of every file of this build, so that all of the app is there without a network. */
async function makeServiceWorker() {
  const { buildSync } = await import('esbuild');
  const root = join(ROOT, '.next', 'static');
  const files = [...filesBelow(root)].map((path) => ({
    url: `/_next/static${path.slice(root.length).split(sep).map(encodeURIComponent).join('/')}`,
    revision: null,
  }));
  buildSync({
    entryPoints: [join(ROOT, 'src', 'workers', 'offline', 'service-worker.ts')],
    outfile: join(ROOT, 'public', 'service-worker.js'),
    bundle: true,
    minify: true,
    format: 'iife',
    target: 'es2022',
    define: { 'self.__SW_MANIFEST': JSON.stringify(files), 'process.env.NODE_ENV': '"production"' },
  });
}
