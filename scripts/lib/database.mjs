import { join } from 'node:path';
import { ROOT } from './run.mjs';

/** Runs `work` on a connection of its own. */
async function connected(databaseUrl, work) {
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: databaseUrl });
  await client.connect();
  try {
    return await work(client);
  } finally {
    await client.end();
  }
}

/** Makes the database when the server does not have it. `serverUrl` names any database of the same server. */
export function ensureDatabase(serverUrl, name) {
  return connected(serverUrl, async (client) => {
    const found = await client.query('SELECT 1 FROM pg_database WHERE datname = $1', [name]);
    if (found.rowCount === 0) await client.query(`CREATE DATABASE ${client.escapeIdentifier(name)}`);
  });
}

/** Makes the role that the app works as, where the server does not have it, and lets this user work as it: a backup names it, but not who may. */
export function ensureAppRole(databaseUrl) {
  return connected(databaseUrl, async (client) => {
    const found = await client.query(`SELECT 1 FROM pg_roles WHERE rolname = 'drubek_app'`);
    if (found.rowCount === 0) await client.query('CREATE ROLE drubek_app NOLOGIN');
    const { rows } = await client.query(
      `SELECT current_user AS name, pg_has_role(current_user, 'drubek_app', 'MEMBER') AS may`,
    );
    if (!rows[0].may) await client.query(`GRANT drubek_app TO ${client.escapeIdentifier(rows[0].name)}`);
  });
}

/** Whether a database has no tables. */
export function isEmptyDatabase(databaseUrl) {
  return connected(databaseUrl, async (client) => {
    const found = await client.query(`SELECT FROM pg_tables WHERE schemaname = 'public' LIMIT 1`);
    return found.rowCount === 0;
  });
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
