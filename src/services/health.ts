import { isDatabaseAway, isRefused, isTooMany } from '@/db/pool';
import { change, get } from '@/db/query';
import { log } from './log';

/** How the database stands: fine, away, full, or readable and not writable. */
export type Health = 'fine' | 'away' | 'refused' | 'full' | 'read-only';

let noted = '';

/** Writes into the log why the database is not reached, once for each reason: the role may be missing, or not be this user's. */
function noteWhy(error: unknown): void {
  const why = error instanceof Error ? error.message : String(error);
  if (why === noted) return;
  noted = why;
  log.error({ error: why }, 'the database cannot be reached');
}

/** Whether the database answers and takes a write, and what is wrong where it does not. */
export async function checkHealth(): Promise<Health> {
  try {
    await get('SELECT 1 AS one', []);
  } catch (error) {
    noteWhy(error);
    return isTooMany(error) ? 'full' : isRefused(error) ? 'refused' : 'away';
  }
  try {
    await change(
      `INSERT INTO health_beats (process, at) VALUES ($1, clock_timestamp())
       ON CONFLICT (process) DO UPDATE SET at = clock_timestamp()`,
      [String(process.pid)],
    );
    return 'fine';
  } catch (error) {
    if (isTooMany(error)) return 'full';
    return isDatabaseAway(error) ? 'away' : 'read-only';
  }
}
