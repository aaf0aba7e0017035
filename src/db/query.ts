import type { PoolClient, QueryResultRow } from 'pg';
import { database } from './pool';

/** What runs a query: the pool, or a client inside a transaction. */
export interface Runner {
  query<Row extends QueryResultRow>(text: string, values: unknown[]): Promise<{ rows: Row[]; rowCount: number | null }>;
}

/** All rows. */
export async function list<Row extends QueryResultRow>(
  text: string,
  values: unknown[],
  runner: Runner = database(),
): Promise<Row[]> {
  return (await runner.query<Row>(text, values)).rows;
}

/** The only row, or null. @throws when there is more than one */
export async function find<Row extends QueryResultRow>(
  text: string,
  values: unknown[],
  runner: Runner = database(),
): Promise<Row | null> {
  const rows = await list<Row>(text, values, runner);
  if (rows.length > 1) throw new Error('find met more than one row');
  return rows[0] ?? null;
}

/** The only row. @throws when there is none or more than one */
export async function get<Row extends QueryResultRow>(
  text: string,
  values: unknown[],
  runner: Runner = database(),
): Promise<Row> {
  const row = await find<Row>(text, values, runner);
  if (!row) throw new Error('get met no row');
  return row;
}

/** Number of rows changed. */
export async function change(text: string, values: unknown[], runner: Runner = database()): Promise<number> {
  return (await runner.query(text, values)).rowCount ?? 0;
}

/** Runs `work` in one transaction, rolled back when it throws. */
export async function transact<T>(work: (client: PoolClient) => Promise<T>): Promise<T> {
  const client = await database().connect();
  try {
    await client.query('BEGIN');
    const result = await work(client);
    await client.query('COMMIT');
    client.release();
    return result;
  } catch (error) {
    /* a connection that cannot even roll back is not given to anyone else */
    const broken = await client.query('ROLLBACK').then(
      () => false,
      () => true,
    );
    client.release(broken);
    throw error;
  }
}
