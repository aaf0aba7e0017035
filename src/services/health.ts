import { isDatabaseAway, isTooMany } from '@/db/pool';
import { change, get } from '@/db/query';

/** How the database stands: fine, away, full, or readable and not writable. */
export type Health = 'fine' | 'away' | 'full' | 'read-only';

/** Whether the database answers and takes a write, and what is wrong where it does not. */
export async function checkHealth(): Promise<Health> {
  try {
    await get('SELECT 1 AS one', []);
  } catch (error) {
    return isTooMany(error) ? 'full' : 'away';
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
