/* npm run devices: installs the packages where they are missing and starts the stand-in devices. */
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = dirname(dirname(fileURLToPath(import.meta.url)));
if (!existsSync(join(root, 'node_modules', 'tsx'))) {
  const installed = spawnSync('npm', ['ci', '--no-audit', '--no-fund'], { cwd: root, stdio: 'ignore' });
  if (installed.status !== 0) {
    process.stderr.write('npm ci failed; run it once by hand to see why\n');
    process.exit(1);
  }
}
const tsx = new URL('../node_modules/tsx/dist/loader.mjs', import.meta.url).href;
const run = spawnSync(
  process.execPath,
  ['--import', tsx, join(root, 'scripts', 'devices.ts'), ...process.argv.slice(2)],
  {
    stdio: 'inherit',
  },
);
process.exit(run.status ?? 1);
