import { join } from 'node:path';
import { ROOT } from './run.mjs';

/** Makes the database when the server does not have it. `serverUrl` names any database of the same server. */
export async function ensureDatabase(serverUrl, name) {
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: serverUrl });
  await client.connect();
  try {
    const found = await client.query('SELECT 1 FROM pg_database WHERE datname = $1', [name]);
    if (found.rowCount === 0) await client.query(`CREATE DATABASE ${client.escapeIdentifier(name)}`);
  } finally {
    await client.end();
  }
}

/** Makes the role that the app works as, where the server does not have it: a backup names it. */
export async function ensureAppRole(databaseUrl) {
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: databaseUrl });
  await client.connect();
  try {
    const found = await client.query(`SELECT 1 FROM pg_roles WHERE rolname = 'drubek_app'`);
    if (found.rowCount === 0) await client.query('CREATE ROLE drubek_app NOLOGIN');
  } finally {
    await client.end();
  }
}

/** Brings a database to the newest migration. */
export async function migrate(databaseUrl) {
  const { runner } = await import('node-pg-migrate');
  await runner({
    databaseUrl,
    dir: join(ROOT, 'src', 'db', 'migrations'),
    direction: 'up',
    migrationsTable: 'schema_migrations',
    checkOrder: true,
    log: () => {},
  });
}
