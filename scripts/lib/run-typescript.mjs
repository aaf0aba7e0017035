import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = dirname(dirname(dirname(fileURLToPath(import.meta.url))));

/**
 * Runs a script of this folder with the arguments of this process and ends as it ends; installs the packages first where
 * they are missing, saying nothing, as only the script may speak.
 */
export function runTypeScript(name) {
  if (!existsSync(join(root, 'node_modules', 'tsx'))) {
    const installed = spawnSync('npm', ['ci', '--no-audit', '--no-fund'], { cwd: root, stdio: 'ignore' });
    if (installed.status !== 0) {
      process.stderr.write('npm ci failed; run it once by hand to see why\n');
      process.exit(1);
    }
  }
  const tsx = new URL('../../node_modules/tsx/dist/loader.mjs', import.meta.url).href;
  const run = spawnSync(process.execPath, ['--import', tsx, join(root, 'scripts', name), ...process.argv.slice(2)], {
    stdio: 'inherit',
  });
  process.exit(run.status ?? 1);
}
