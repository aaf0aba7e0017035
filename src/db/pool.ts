import { Pool } from 'pg';

/** Waiting longer than this for a connection, or for one of the pool to be free, means the database is away, ms. */
const CONNECT_TIMEOUT = 3000;

/** A query that the server has not answered by then is given up: first by the server itself, then by us, as a server that hangs ends nothing, ms. */
const STATEMENT_TIMEOUT = 2500;
const QUERY_TIMEOUT = 3000;

/** A transaction that stands still this long is ended by the server, ms. */
const IDLE_IN_TRANSACTION = 5000;

/** Connections of one process. */
const MOST_CONNECTIONS = 10;

/** What the app works as: it owns nothing, so that the walls between kitchens hold for it. Set when the connection is made, and refused where it is missing. */
const ROLE = '-c role=drubek_app';

let pool: Pool | null = null;

/** The pool of this process, made at first use so that a build needs no database. */
export function database(): Pool {
  if (pool) return pool;
  const connectionString = process.env.DATABASE_URL;
  if (!connectionString) throw new Error('DATABASE_URL is not set');
  pool = new Pool({
    connectionString,
    options: ROLE,
    max: MOST_CONNECTIONS,
    connectionTimeoutMillis: CONNECT_TIMEOUT,
    idleTimeoutMillis: 10_000,
    statement_timeout: STATEMENT_TIMEOUT,
    query_timeout: QUERY_TIMEOUT,
    idle_in_transaction_session_timeout: IDLE_IN_TRANSACTION,
  });
  /* an idle connection that the server drops is replaced at the next query; without a listener it would end the process */
  pool.on('error', () => undefined);
  return pool;
}

/** Closes the pool; for scripts and tests. */
export async function closeDatabase(): Promise<void> {
  const open = pool;
  pool = null;
  await open?.end();
}

/* 57: shut down, starting, cancelled by a timeout; 08: connection lost; 58: the system below it failed; 25P03: stood still. Source: PostgreSQL, appendix A. */
const AWAY_STATES = /^(57|08|58|25P03)/;
const AWAY_CODES = new Set(['ECONNREFUSED', 'ECONNRESET', 'ENOENT', 'EPIPE', 'ETIMEDOUT']);

/* 53: disk full, out of memory, too many connections */
const TOO_MANY_STATES = /^53/;

/* 40: deadlock, serialization; 23505: two at once took the same number; 55P03: a lock was not to be had */
const AGAIN_STATES = /^(40|23505|55P03)/;

/* 22: a value out of range or not text; 23: a row that it names is gone, or a limit is broken */
const VALUE_STATES = /^(22|23)/;

function stateOf(error: unknown): string {
  return error instanceof Error ? ((error as Error & { code?: string }).code ?? '') : '';
}

/** Whether an error means that the database cannot be reached, rather than that it refused. */
export function isDatabaseAway(error: unknown): boolean {
  if (!(error instanceof Error)) return false;
  const code = stateOf(error);
  if (AWAY_CODES.has(code) || AWAY_STATES.test(code)) return true;
  if (error instanceof AggregateError) return error.errors.some(isDatabaseAway);
  return /connection terminated|timeout exceeded when trying to connect|connection timeout|query read timeout|connection error and is not queryable|Client was closed/i.test(
    error.message,
  );
}

/* 28: not let in; 42501, 42704, 22023: the role that the app works as is missing, or not this user's. Source: PostgreSQL, appendix A. */
const REFUSED_STATES = /^(28|3D000|42501|42704|22023)/;

/** Whether the server is there and lets the app not in: a wrong user, or without the role that the app works as. */
export function isRefused(error: unknown): boolean {
  return REFUSED_STATES.test(stateOf(error));
}

/** Whether the server has no room left: of connections, memory or disk. */
export function isTooMany(error: unknown): boolean {
  return TOO_MANY_STATES.test(stateOf(error));
}

/** Whether the same work may succeed when it is done once more. */
export function mayTryAgain(error: unknown): boolean {
  return AGAIN_STATES.test(stateOf(error));
}

/** Whether the row belongs to another kitchen: the wall between them said no. */
export function isWalledOff(error: unknown): boolean {
  return stateOf(error) === '42501' && /row-level security/.test((error as Error).message);
}

/** Whether a value, or what it refers to, cannot be kept. */
export function isRefusedValue(error: unknown): boolean {
  return VALUE_STATES.test(stateOf(error));
}
