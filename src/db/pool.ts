import { Pool } from 'pg';

/** Waiting longer than this for a connection means the database is away, ms. */
const CONNECT_TIMEOUT = 3000;

let pool: Pool | null = null;

/** The pool of this process, made at first use so that a build needs no database. */
export function database(): Pool {
  if (pool) return pool;
  const connectionString = process.env.DATABASE_URL;
  if (!connectionString) throw new Error('DATABASE_URL is not set');
  pool = new Pool({ connectionString, max: 10, connectionTimeoutMillis: CONNECT_TIMEOUT, idleTimeoutMillis: 10_000 });
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

/* 57P: the server is shutting down or starting; 08: connection lost. Source: PostgreSQL, appendix A. */
const AWAY_STATES = /^(57P0|08)/;
const AWAY_CODES = new Set(['ECONNREFUSED', 'ECONNRESET', 'ENOENT', 'EPIPE', 'ETIMEDOUT']);

/** Whether an error means that the database cannot be reached, rather than that it refused. */
export function isDatabaseAway(error: unknown): boolean {
  if (!(error instanceof Error)) return false;
  const code = (error as Error & { code?: string }).code ?? '';
  if (AWAY_CODES.has(code) || AWAY_STATES.test(code)) return true;
  if (error instanceof AggregateError) return error.errors.some(isDatabaseAway);
  return /connection terminated|timeout exceeded when trying to connect|connection timeout/i.test(error.message);
}
