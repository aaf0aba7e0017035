import { AsyncLocalStorage } from 'node:async_hooks';
import type { PoolClient, QueryResultRow } from 'pg';
import { database, isDatabaseAway } from './pool';

/** What runs a query: the pool, or a client inside a transaction. */
export interface Runner {
  query<Row extends QueryResultRow>(text: string, values: unknown[]): Promise<{ rows: Row[]; rowCount: number | null }>;
}

const here = new AsyncLocalStorage<string>();

/** The kitchen each connection was last opened to; '' at the door, null while nobody knows. */
const openedTo = new WeakMap<PoolClient, string | null>();

/** Connections that could not even roll back: given to nobody else. */
const broken = new WeakSet<PoolClient>();

/** Runs `work` with the database opened to the rows of one kitchen and no other. */
export function inKitchen<T>(kitchenId: string, work: () => Promise<T>): Promise<T> {
  return here.run(kitchenId, work);
}

const lost = () => undefined;

/** Lends a connection that sees the kitchen `work` is in, or the door's tables where it is in none. */
async function withClient<T>(work: (client: PoolClient) => Promise<T>): Promise<T> {
  const client = await database().connect();
  /* a connection that is lost while it is lent out says so here; the query that it was lent for fails by itself */
  client.on('error', lost);
  const kitchen = here.getStore() ?? '';
  try {
    if (!openedTo.has(client)) openedTo.set(client, '');
    if (openedTo.get(client) !== kitchen) {
      openedTo.set(client, null);
      await client.query(`SELECT set_config('drubek.kitchen', $1, false)`, [kitchen]);
      openedTo.set(client, kitchen);
    }
    const result = await work(client);
    client.off('error', lost);
    client.release();
    return result;
  } catch (error) {
    client.off('error', lost);
    client.release(broken.has(client) || isDatabaseAway(error));
    throw error;
  }
}

const walled: Runner = { query: (text, values) => withClient((client) => client.query(text, values)) };

/** All rows. */
export async function list<Row extends QueryResultRow>(
  text: string,
  values: unknown[],
  runner: Runner = walled,
): Promise<Row[]> {
  return (await runner.query<Row>(text, values)).rows;
}

/** The only row, or null. @throws when there is more than one */
export async function find<Row extends QueryResultRow>(
  text: string,
  values: unknown[],
  runner: Runner = walled,
): Promise<Row | null> {
  const rows = await list<Row>(text, values, runner);
  if (rows.length > 1) throw new Error('find met more than one row');
  return rows[0] ?? null;
}

/** The only row. @throws when there is none or more than one */
export async function get<Row extends QueryResultRow>(
  text: string,
  values: unknown[],
  runner: Runner = walled,
): Promise<Row> {
  const row = await find<Row>(text, values, runner);
  if (!row) throw new Error('get met no row');
  return row;
}

/** Number of rows changed. */
export async function change(text: string, values: unknown[], runner: Runner = walled): Promise<number> {
  return (await runner.query(text, values)).rowCount ?? 0;
}

/** Runs `work` in one transaction, rolled back when it throws. */
export function transact<T>(work: (client: PoolClient) => Promise<T>): Promise<T> {
  return withClient(async (client) => {
    try {
      await client.query('BEGIN');
      const result = await work(client);
      await client.query('COMMIT');
      return result;
    } catch (error) {
      await client.query('ROLLBACK').catch(() => broken.add(client));
      throw error;
    }
  });
}
