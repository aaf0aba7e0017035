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

/** Makes the role that the app works as, where the server does not have it, and lets this user work as it: a backup names it, but not who may. */
export async function ensureAppRole(databaseUrl) {
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: databaseUrl });
  await client.connect();
  try {
    const found = await client.query(`SELECT 1 FROM pg_roles WHERE rolname = 'drubek_app'`);
    if (found.rowCount === 0) await client.query('CREATE ROLE drubek_app NOLOGIN');
    const member = await client.query(`SELECT pg_has_role(current_user, 'drubek_app', 'MEMBER') AS may`);
    if (!member.rows[0].may) {
      const { rows } = await client.query('SELECT current_user AS name');
      await client.query(`GRANT drubek_app TO ${client.escapeIdentifier(rows[0].name)}`);
    }
  } finally {
    await client.end();
  }
}

/** Whether a database has no tables of ours. */
export async function isEmptyDatabase(databaseUrl) {
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: databaseUrl });
  await client.connect();
  try {
    const found = await client.query(`SELECT FROM pg_tables WHERE schemaname = 'public' LIMIT 1`);
    return found.rowCount === 0;
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
