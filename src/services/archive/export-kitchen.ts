import { Readable } from 'node:stream';
import { ZipFile } from 'yazl';
import { listArchivedIds } from '@/db/queries/archive';
import { insertAudit } from '@/db/queries/audit';
import { findKitchen } from '@/db/queries/kitchens';
import { fail, type Result, succeed, withKitchen } from '../result';
import { Checksum } from './checksum';
import { KitchenRows } from './list-rows';
import { logCsv, logRows } from './log-table';
import { ARCHIVE_README } from './readme';
import { type ArchivedRow, TABLES } from './tables';

/** Archives that one process writes at a time. Source: chosen; each keeps a processor half busy. */
const MOST_AT_ONCE = 2;

/** So that the same kitchen gives the same bytes. */
const MADE = new Date('2026-01-01T00:00:00Z');

let writing = 0;

/** A whole kitchen as a zip of JSON Lines, its plans as plan files, the log as CSV, and what the fields mean; written while it is read. */
export function exportKitchen(kitchenId: string, by: string): Promise<Result<{ name: string; stream: Readable }>> {
  return withKitchen(kitchenId, async () => {
    const kitchen = await findKitchen(kitchenId);
    if (!kitchen) return fail({ code: 'not-found' });
    if (writing >= MOST_AT_ONCE) return fail({ code: 'busy' });
    await insertAudit(kitchenId, 'exported', by);
    const zip = new ZipFile();
    const rows = new KitchenRows(kitchenId);
    const checksum = new Checksum();
    const outcomes = new Map<unknown, ArchivedRow>();
    const batches: ArchivedRow[] = [];
    const plans = new Map<string, unknown>();
    const planIds = await listArchivedIds(kitchenId, 'plans');
    const options = { mtime: MADE };
    zip.addBuffer(Buffer.from(ARCHIVE_README), 'README.txt', options);
    for (const table of TABLES) {
      const lines = async function* () {
        for await (const page of rows.of(table)) {
          for (const row of page) checksum.add(table, row);
          if (table === 'plans') for (const row of page) plans.set(String(row.plan_id), row.document);
          if (table === 'batches') batches.push(...page.map(withoutItsLength));
          if (table === 'outcomes') for (const row of page) outcomes.set(row.batch_id, row);
          if (page.length > 0) yield page.map((row) => `${JSON.stringify(row)}\n`).join('');
        }
      };
      addLate(zip, `${table}.jsonl`, () => Readable.from(lines()));
    }
    addLate(zip, 'log.csv', () => Readable.from([logCsv(logRows(batches, outcomes))]));
    for (const id of planIds) {
      const written = () => `${JSON.stringify(plans.get(id) ?? null, null, 2)}\n`;
      addLate(zip, `plans/${id}.plan.json`, () => Readable.from([written()]));
    }
    addLate(zip, 'kitchen.json', () => {
      const manifest = {
        format: 'drubek.kitchen',
        version: 1,
        kitchen_id: kitchenId,
        name: kitchen.name,
        unit_system: kitchen.unit_system,
        checksum: checksum.end(),
      };
      return Readable.from([`${JSON.stringify(manifest, null, 2)}\n`]);
    });
    zip.end();
    return succeed({ name: kitchen.name, stream: counted(zip) });
  });
}

/** What the log's table needs of a batch. */
function withoutItsLength({
  batch_id,
  removed_at,
  begun_at,
  fryer_name,
  document,
  forecast,
}: ArchivedRow): ArchivedRow {
  const { name, food, mass_g } = document as ArchivedRow;
  return { batch_id, removed_at, begun_at, fryer_name, forecast, document: { name, food, mass_g } };
}

/** Adds a file that is asked for when its turn has come; what fails there fails the whole. */
function addLate(zip: ZipFile, name: string, open: () => Readable): void {
  zip.addReadStreamLazy(name, { mtime: MADE }, (give) => {
    try {
      const stream = open();
      stream.on('error', (error) => zip.emit('error', error));
      give(null, stream);
    } catch (error) {
      give(error, null as unknown as Readable);
    }
  });
}

/** The zip as a stream that counts as one under way until it has ended, however it ends. */
function counted(zip: ZipFile): Readable {
  writing++;
  const stream = Readable.from(zip.outputStream as AsyncIterable<Buffer>, { objectMode: false });
  zip.on('error', (error) => stream.destroy(error as Error));
  stream.once('close', () => writing--);
  return stream;
}

/** The log as CSV, or a JSON object a line. */
export function exportLog(kitchenId: string, as: 'csv' | 'jsonl'): Promise<Result<string>> {
  return withKitchen(kitchenId, async () => {
    if (writing >= MOST_AT_ONCE) return fail({ code: 'busy' });
    writing++;
    try {
      const all = new KitchenRows(kitchenId);
      const batches: ArchivedRow[] = [];
      const outcomes = new Map<unknown, ArchivedRow>();
      for await (const page of all.of('batches')) batches.push(...page.map(withoutItsLength));
      for await (const page of all.of('outcomes')) for (const row of page) outcomes.set(row.batch_id, row);
      const rows = logRows(batches, outcomes);
      return succeed(as === 'csv' ? logCsv(rows) : rows.map((row) => `${JSON.stringify(row)}\n`).join(''));
    } finally {
      writing--;
    }
  });
}
