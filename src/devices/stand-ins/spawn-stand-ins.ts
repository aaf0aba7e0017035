import { spawn } from 'node:child_process';
import { join } from 'node:path';

/**
 * Starts the stand-ins in a process of their own, which ends with this one: a kitchen that is simulated never holds up the
 * server. Returns at once; whether they answer is asked at their address.
 */
export function spawnStandIns(port: number): void {
  const child = spawn(
    process.execPath,
    ['--import', 'tsx', join(/* turbopackIgnore: true */ process.cwd(), 'scripts', 'devices.ts')],
    {
      env: { ...process.env, PORT: String(port), SEED: String(1 + (Date.now() % 1000)) },
      stdio: ['ignore', 'ignore', 'ignore', 'ipc'],
    },
  );
  child.on('error', () => undefined);
  child.unref();
  child.channel?.unref();
}
