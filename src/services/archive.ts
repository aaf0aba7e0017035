import { createHash } from 'node:crypto';
import { csvFormat } from 'd3';
import { strFromU8, strToU8, unzip, zip } from 'fflate';
import { v5 } from 'uuid';
import { z } from 'zod';
import { ARCHIVED, type ArchivedTable, insertArchived, listArchived, setKitchenRemoved } from '@/db/queries/archive';
import { insertAudit } from '@/db/queries/audit';
import { findKitchen } from '@/db/queries/kitchens';
import { transact } from '@/db/query';
import { unstorableText } from '@/schemas/storable-text';
import { ARCHIVE_README } from './archive-readme';
import { fail, type Result, succeed, withKitchen } from './result';

/** Largest archive that is taken in, and that it may unpack to, bytes. */
export const LARGEST_ARCHIVE = 20_000_000;
const LARGEST_UNPACKED = 200_000_000;

/** Rows that go in with one query. */
const ROWS_AT_ONCE = 500;

/** Most rows of a table. */
const MOST_ROWS = 200_000;

const TABLES = Object.keys(ARCHIVED) as ArchivedTable[];

/** Columns that hold an id which another kitchen on the same server may hold too. */
const IDS: ReadonlySet<string> = new Set([
  'fryer_id',
  'cutter_id',
  'plan_id',
  'batch_id',
  'photo_id',
  'event_id',
  'test_id',
  'trial_id',
  'evening_id',
]);

/** Tables whose documents name fryers and batches by their ids. */
const NAMES_OTHERS: ReadonlySet<string> = new Set(['evenings', 'evening_events', 'evening_batches']);

const UUID = /[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}/g;

/** A cell with each id in it that `of` knows replaced. */
function withIdsReplaced(cell: unknown, of: (id: string) => string | undefined): unknown {
  return cell === undefined ? cell : JSON.parse(JSON.stringify(cell).replace(UUID, (id) => of(id) ?? id));
}

type Rows = Record<ArchivedTable, Record<string, unknown>[]>;

const manifestSchema = z.object({
  format: z.literal('drubek.kitchen'),
  version: z.literal(1),
  kitchen_id: z.uuid(),
  name: z.string(),
  checksum: z.string(),
});

async function readRows(kitchenId: string): Promise<Rows> {
  const entries = await Promise.all(
    TABLES.map(async (table) => [table, await listArchived(kitchenId, table)] as const),
  );
  return Object.fromEntries(entries) as Rows;
}

/** SHA-256 over all rows with each id replaced by the place at which it first stands: the same for the same kitchen under other ids. */
function checksumOf(rows: Rows): string {
  const places = new Map<string, number>();
  const placeOf = (id: unknown) => {
    const key = String(id);
    const place = places.get(key) ?? places.size;
    places.set(key, place);
    return place;
  };
  const hash = createHash('sha256');
  for (const table of TABLES) {
    for (const row of rows[table]) {
      const cells = ARCHIVED[table].map((column) => {
        if (IDS.has(column)) return placeOf(row[column]);
        if (!NAMES_OTHERS.has(table)) return row[column];
        return withIdsReplaced(row[column], (id) => places.get(id)?.toString());
      });
      hash.update(`${table} ${JSON.stringify(cells)}\n`);
    }
  }
  return hash.digest('hex');
}

/** A whole kitchen as a zip of JSON Lines, its plans as plan files, the log as CSV, and what the fields mean. */
export function exportKitchen(kitchenId: string, by: string): Promise<Result<{ name: string; bytes: Uint8Array }>> {
  return withKitchen(kitchenId, async () => {
    const kitchen = await findKitchen(kitchenId);
    if (!kitchen) return fail({ code: 'not-found' });
    const rows = await readRows(kitchenId);
    const manifest = {
      format: 'drubek.kitchen',
      version: 1,
      kitchen_id: kitchenId,
      name: kitchen.name,
      unit_system: kitchen.unit_system,
      checksum: checksumOf(rows),
    };
    const files: Record<string, Uint8Array> = {
      'README.txt': strToU8(ARCHIVE_README),
      'kitchen.json': strToU8(`${JSON.stringify(manifest, null, 2)}\n`),
      'log.csv': strToU8(csvFormat(logRows(rows))),
    };
    for (const table of TABLES) {
      files[`${table}.jsonl`] = strToU8(rows[table].map((row) => `${JSON.stringify(row)}\n`).join(''));
    }
    for (const { plan_id, document } of rows.plans) {
      files[`plans/${String(plan_id)}.plan.json`] = strToU8(`${JSON.stringify(document, null, 2)}\n`);
    }
    await insertAudit(kitchenId, 'exported', by);
    const bytes = await new Promise<Uint8Array>((resolve, reject) =>
      zip(files, { level: 6, mtime: '2026-01-01' }, (error, packed) => (error ? reject(error) : resolve(packed))),
    );
    return succeed({ name: kitchen.name, bytes });
  });
}

/** The log, a flat row for each batch that is in it. */
function logRows({ batches, outcomes }: Pick<Rows, 'batches' | 'outcomes'>) {
  const byBatch = new Map(outcomes.map((outcome) => [outcome.batch_id, outcome]));
  return batches
    .filter(({ removed_at }) => removed_at === null)
    .map((batch) => {
      const outcome = byBatch.get(batch.batch_id);
      const document = batch.document as { name?: string; food?: unknown; mass_g?: number };
      const forecast = batch.forecast as { done_min?: number | null };
      return {
        begun_at: String(batch.begun_at),
        name: document.name ?? '',
        food: typeof document.food === 'string' ? document.food : 'own food',
        mass_g: document.mass_g ?? '',
        fryer: String(batch.fryer_name),
        forecast_pull_min: forecast.done_min ?? '',
        crispness: String(outcome?.crispness ?? ''),
        browning: String(outcome?.browning ?? ''),
        evenness: String(outcome?.evenness ?? ''),
        liked: String(outcome?.liked ?? ''),
        heart: String(outcome?.heart ?? ''),
        next_time: String(outcome?.next_time ?? ''),
        faults: Array.isArray(outcome?.faults) ? outcome.faults.join(' ') : '',
        note: String(outcome?.note ?? ''),
      };
    });
}

/** The log as CSV, or a JSON object a line. */
export function exportLog(kitchenId: string, as: 'csv' | 'jsonl'): Promise<Result<string>> {
  return withKitchen(kitchenId, async () => {
    const [batches, outcomes] = await Promise.all([
      listArchived(kitchenId, 'batches'),
      listArchived(kitchenId, 'outcomes'),
    ]);
    const rows = logRows({ batches, outcomes });
    return succeed(as === 'csv' ? csvFormat(rows) : rows.map((row) => `${JSON.stringify(row)}\n`).join(''));
  });
}

/**
 * Takes an archive into a kitchen. Ids stay where it is the very kitchen that was taken out; else each becomes one that always
 * belongs to it here, so that the same archive taken in twice doubles nothing.
 */
export async function importKitchen(
  kitchenId: string,
  bytes: Uint8Array,
  by: string,
): Promise<Result<{ added: number; same: boolean }>> {
  const read = await readArchive(bytes);
  if (!read) return fail({ code: 'unreadable' });
  const { manifest, rows } = read;
  const idOf = (id: unknown) => (manifest.kitchen_id === kitchenId ? id : v5(String(id), kitchenId));
  const named = [...rows.fryers.map(({ fryer_id }) => fryer_id), ...rows.batches.map(({ batch_id }) => batch_id)];
  const others = new Map(named.map((id) => [String(id), String(idOf(id))]));
  return withKitchen(kitchenId, async () => {
    const added = await transact(async (client) => {
      let count = 0;
      for (const table of TABLES) {
        const own = rows[table].map((row) =>
          Object.fromEntries(
            Object.entries(row).map(([key, value]) => {
              if (IDS.has(key)) return [key, idOf(value)];
              return [key, NAMES_OTHERS.has(table) ? withIdsReplaced(value, (id) => others.get(id)) : value];
            }),
          ),
        );
        /* in pieces, each of which is through long before a query is given up */
        for (let from = 0; from < own.length; from += ROWS_AT_ONCE) {
          count += await insertArchived(kitchenId, table, own.slice(from, from + ROWS_AT_ONCE), client);
        }
      }
      await insertAudit(kitchenId, 'imported', by, client);
      return count;
    });
    return succeed({ added, same: checksumOf(await readRows(kitchenId)) === manifest.checksum });
  });
}

async function readArchive(
  bytes: Uint8Array,
): Promise<{ manifest: z.output<typeof manifestSchema>; rows: Rows } | null> {
  let unpacked = 0;
  const wanted = new Set(['kitchen.json', ...TABLES.map((table) => `${table}.jsonl`)]);
  const files = await new Promise<Record<string, Uint8Array> | null>((resolve) =>
    unzip(
      bytes,
      {
        filter: ({ name, originalSize }) => {
          unpacked += originalSize;
          return wanted.has(name) && unpacked <= LARGEST_UNPACKED;
        },
      },
      (error, found) => resolve(error ? null : found),
    ),
  );
  if (!files?.['kitchen.json'] || unpacked > LARGEST_UNPACKED) return null;
  try {
    const manifest = manifestSchema.parse(JSON.parse(strFromU8(files['kitchen.json'])));
    const entries = TABLES.map((table) => {
      const lines = strFromU8(files[`${table}.jsonl`] ?? new Uint8Array())
        .split('\n')
        .filter(Boolean);
      if (lines.length > MOST_ROWS) throw new Error('too many rows');
      const rows = lines.map((line) => z.record(z.string(), z.unknown()).parse(JSON.parse(line)));
      if (unstorableText(rows) !== null) throw new Error('a character that cannot be kept');
      return [table, rows] as const;
    });
    return { manifest, rows: Object.fromEntries(entries) as Rows };
  } catch {
    return null;
  }
}

/** Asks for a kitchen to be removed within a day, its name typed as a word; the demo kitchen stays. */
export function removeKitchen(kitchenId: string, word: string, by: string): Promise<Result<null>> {
  return withKitchen(kitchenId, async () => {
    const kitchen = await findKitchen(kitchenId);
    if (!kitchen || kitchen.name !== word || !(await setKitchenRemoved(kitchenId, true)))
      return fail({ code: 'not-allowed' });
    await insertAudit(kitchenId, 'removed', by);
    return succeed(null);
  });
}

/** Takes a removal back. */
export function keepKitchen(kitchenId: string, by: string): Promise<Result<null>> {
  return withKitchen(kitchenId, async () => {
    if (!(await setKitchenRemoved(kitchenId, false))) return fail({ code: 'not-found' });
    await insertAudit(kitchenId, 'kept', by);
    return succeed(null);
  });
}
