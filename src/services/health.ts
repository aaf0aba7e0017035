import { isDatabaseAway } from '@/db/pool';
import { get } from '@/db/query';

/** Whether the database answers. */
export async function isReachable(): Promise<boolean> {
  try {
    await get('SELECT 1 AS one', []);
    return true;
  } catch (error) {
    if (isDatabaseAway(error)) return false;
    throw error;
  }
}
