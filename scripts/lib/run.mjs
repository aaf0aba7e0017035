import { spawn, spawnSync } from 'node:child_process';
import { dirname } from 'node:path';
import { fileURLToPath } from 'node:url';

/** Folder of the project, wherever the command was called from. */
export const ROOT = dirname(dirname(dirname(fileURLToPath(import.meta.url))));

/** One line to the person at the terminal. */
export function say(text) {
  process.stdout.write(`${text}\n`);
}

/** Runs a command to its end with its output shown; throws with its name when it fails. */
export function must(command, args, options = {}) {
  const result = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', ...options });
  if (result.error) throw new Error(`${command} could not be started: ${result.error.message}`);
  if (result.status !== 0) throw new Error(`${command} ${args.join(' ')} ended with ${result.status ?? result.signal}`);
}

/** Runs a command to its end and returns its exit code and text, shown nowhere. */
export function ask(command, args, options = {}) {
  const result = spawnSync(command, args, { cwd: ROOT, encoding: 'utf8', maxBuffer: 64e6, ...options });
  return { status: result.status ?? 1, stdout: result.stdout ?? '', stderr: result.stderr ?? '' };
}

/** Starts a command that goes on running; its output is shown unless told otherwise. */
export function start(command, args, options = {}) {
  return spawn(command, args, { cwd: ROOT, stdio: 'inherit', ...options });
}
