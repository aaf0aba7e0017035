/* npm run backup -- FILE: all kitchens of DATABASE_URL into one file of pg_dump. npm run restore -- FILE puts them back into an empty database. */
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { ensureAppRole, isEmptyDatabase } from './lib/database.mjs';
import { postgresBin } from './lib/packages.mjs';
import { must, say } from './lib/run.mjs';

const [what, file] = process.argv.slice(2);
const databaseUrl = process.env.DATABASE_URL;
if (!databaseUrl || !file || (what === 'restore' && !existsSync(file))) {
  process.stderr.write(
    `DATABASE_URL and a file are needed: DATABASE_URL=postgres://… npm run ${what ?? 'backup'} -- drubek.dump\n`,
  );
  process.exit(2);
}
if (what === 'restore') {
  if (!(await isEmptyDatabase(databaseUrl))) {
    process.stderr.write(
      'This database has tables already, and nothing of it was changed. Restore into an empty one: CREATE DATABASE …\n',
    );
    process.exit(1);
  }
  await ensureAppRole(databaseUrl);
  must(join(postgresBin(), 'pg_restore'), [
    '--no-owner',
    '--exit-on-error',
    '--single-transaction',
    '--dbname',
    databaseUrl,
    file,
  ]);
  say(`Restored from ${file}.`);
} else {
  must(join(postgresBin(), 'pg_dump'), ['--format=custom', '--no-owner', '--file', file, databaseUrl]);
  say(`Everything is in ${file}.`);
}
