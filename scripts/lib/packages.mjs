import { existsSync, readdirSync } from 'node:fs';
import { createHash } from 'node:crypto';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ask, must, ROOT, say } from './run.mjs';

/** Folder of the newest PostgreSQL server from Debian's packages, or null. */
export function postgresBin() {
  const base = '/usr/lib/postgresql';
  if (!existsSync(base)) return null;
  const versions = readdirSync(base)
    .filter((version) => existsSync(join(base, version, 'bin', 'initdb')))
    .sort((a, b) => Number(b) - Number(a));
  return versions.length ? join(base, versions[0], 'bin') : null;
}

/** Installs the Debian packages that are missing; says so when it may not. */
export function ensureDebianPackages({ postgres, chromium }) {
  const missing = [];
  if (postgres && !postgresBin()) missing.push('postgresql');
  if (chromium && !existsSync('/usr/bin/chromium')) missing.push('chromium');
  if (missing.length === 0) return;
  say(`Installing Debian packages: ${missing.join(', ')} …`);
  const isRoot = process.getuid?.() === 0;
  const prefix = isRoot ? [] : ['sudo', '-n'];
  if (!isRoot && ask('sudo', ['-n', 'true']).status !== 0) {
    throw new Error(
      `These Debian packages are missing and this user may not install them. Ask for: apt-get install ${missing.join(' ')}`,
    );
  }
  const [command, ...rest] = [...prefix, 'apt-get'];
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  const quiet = { env, stdio: ['ignore', 'ignore', 'inherit'] };
  must(command, [...rest, 'update'], quiet);
  must(command, [...rest, 'install', '-y', '--no-install-recommends', ...missing], quiet);
}

/** Runs npm ci when node_modules does not match the lock file. */
export function ensureNodeModules() {
  const stamp = join(ROOT, 'node_modules', '.drubek-lock');
  const wanted = createHash('sha256')
    .update(readFileSync(join(ROOT, 'package-lock.json')))
    .digest('hex');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
  say('Installing npm packages (npm ci) …');
  must('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']);
  writeFileSync(stamp, wanted);
}
