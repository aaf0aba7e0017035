import { Pool } from 'pg';

let pool: Pool | null = null;

/** The database as its owner sees it, with no walls between kitchens; for what a test puts there or looks up behind the app's back. */
export function ownerDatabase(): Pool {
  pool ??= new Pool({ connectionString: process.env.DATABASE_URL, max: 2 });
  return pool;
}

/** Closes it. */
export async function closeOwnerDatabase(): Promise<void> {
  const open = pool;
  pool = null;
  await open?.end();
}
