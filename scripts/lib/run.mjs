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

/** The same beside others: resolves with the exit code and text once it has ended. */
export function askBeside(command, args, options = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { cwd: ROOT, ...options, stdio: ['ignore', 'pipe', 'pipe'] });
    let [stdout, stderr] = ['', ''];
    child.stdout.on('data', (data) => (stdout += data));
    child.stderr.on('data', (data) => (stderr += data));
    child.on('error', (error) => resolve({ status: 1, stdout, stderr: `${stderr}${error.message}\n` }));
    child.on('close', (status) => resolve({ status: status ?? 1, stdout, stderr }));
  });
}

/** Runs a command beside others with its output shown; resolves with whether it ended well. */
export function runBeside(command, args, options = {}) {
  return new Promise((resolve) => {
    const child = start(command, args, options);
    child.on('error', () => resolve(false));
    child.on('close', (status) => resolve(status === 0));
  });
}

/** Starts a command that goes on running; its output is shown unless told otherwise. */
export function start(command, args, options = {}) {
  return spawn(command, args, { cwd: ROOT, stdio: 'inherit', ...options });
}
