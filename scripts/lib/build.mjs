import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { must, ROOT, say } from './run.mjs';

const INPUTS = ['src', 'public', 'package-lock.json', 'next.config.ts', 'tsconfig.json', 'postcss.config.mjs'];

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
export function ensureBuild() {
  const stamp = join(ROOT, '.next', 'drubek-build');
  const wanted = fingerprint();
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) {
    say('The production build is up to date.');
    return;
  }
  say('Making the production build …');
  must(process.execPath, ['node_modules/next/dist/bin/next', 'build'], {
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', NODE_ENV: 'production' },
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  writeFileSync(stamp, wanted);
}
