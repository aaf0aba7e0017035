import type { Readable } from 'node:stream';
import { promisify } from 'node:util';
import yauzl, { type Entry, type ZipFile } from 'yauzl';
import { z } from 'zod';
import type { ArchivedTable } from '@/db/queries/archive';
import { ARCHIVE_ROWS, isTooDeep } from '@/schemas/archive-rows';
import { faultsOf } from '@/schemas/faults';
import { PHOTOS_OF_KITCHEN } from '@/schemas/photo';
import { unstorableText } from '@/schemas/storable-text';
import { type ArchivedRow, TABLES } from './tables';

/** What is wrong with an archive, in words. */
export class UnreadableArchive extends Error {}

/** Largest that an archive may unpack to, bytes; what it says is held against what comes. Source: chosen. */
const LARGEST_UNPACKED = 2_000_000_000;

/** Longest line, characters: a photo is the longest thing in a row. Source: chosen. */
const LONGEST_LINE = 2_000_000;

/** Rows that go in with one query; of photos fewer, as each may be 160 kB and a query has its time. */
const ROWS_AT_ONCE = 200;
const PHOTOS_AT_ONCE = 10;

/** Files of an archive: its tables, and a plan file each. Source: chosen. */
const MOST_FILES = 50_000;

const manifestSchema = z.object({
  format: z.literal('drubek.kitchen'),
  version: z.literal(1),
  kitchen_id: z.uuid(),
  name: z.string().max(200),
  checksum: z.string().max(200),
});

/** An archive that is open for reading. */
export interface OpenArchive {
  readonly manifest: z.output<typeof manifestSchema>;
  /** rows of a table, some at a time, each as its schema has it */
  rowsOf(table: ArchivedTable): AsyncGenerator<ArchivedRow[]>;
  close(): void;
}

/**
 * Opens an archive: what it holds is known, how large it truly is shows while it is unpacked, beside the thread of the requests.
 * @throws UnreadableArchive
 */
export async function openArchive(file: string): Promise<OpenArchive> {
  const open = promisify<string, yauzl.Options, ZipFile>(yauzl.open);
  const zip = await open(file, { lazyEntries: true, autoClose: false, validateEntrySizes: true }).catch(() => {
    throw new UnreadableArchive('it is no zip file');
  });
  try {
    const entries = await entriesOf(zip);
    const manifest = await readManifest(zip, entries.get('kitchen.json'));
    return { manifest, rowsOf: (table) => rowsOf(zip, entries.get(`${table}.jsonl`), table), close: () => zip.close() };
  } catch (error) {
    zip.close();
    throw error;
  }
}

/** The files that are wanted, each once. */
function entriesOf(zip: ZipFile): Promise<Map<string, Entry>> {
  const wanted = new Set(['kitchen.json', ...TABLES.map((table) => `${table}.jsonl`)]);
  const entries = new Map<string, Entry>();
  let [count, size] = [0, 0];
  return new Promise((resolve, reject) => {
    const refuse = (why: string) => reject(new UnreadableArchive(why));
    zip.on('error', () => refuse('its directory is damaged'));
    zip.on('end', () => resolve(entries));
    zip.on('entry', (entry: Entry) => {
      if (++count > MOST_FILES) return refuse(`it has more than ${MOST_FILES} files`);
      if (wanted.has(entry.fileName)) {
        if (entries.has(entry.fileName)) return refuse(`it has ${entry.fileName} twice`);
        entries.set(entry.fileName, entry);
        size += entry.uncompressedSize;
        if (size > LARGEST_UNPACKED) return refuse('it unpacks to more than 2 GB');
      }
      zip.readEntry();
    });
    zip.readEntry();
  });
}

/** Lines of a file. A size that is not the one told, or a line that never ends, is refused as soon as it shows. */
async function* linesOf(zip: ZipFile, entry: Entry | undefined): AsyncGenerator<string> {
  if (!entry) return;
  const open = promisify<Entry, Readable>(zip.openReadStream.bind(zip) as never);
  let left = '';
  try {
    const stream = (await open(entry)).setEncoding('utf8');
    for await (const chunk of stream as AsyncIterable<string>) {
      const lines = (left + chunk).split('\n');
      left = lines.pop()!;
      for (const line of lines) if (line !== '') yield line;
      if (left.length > LONGEST_LINE) throw new UnreadableArchive(`${entry.fileName} has a line without an end`);
      /* others have their turn */
      await new Promise(setImmediate);
    }
  } catch (error) {
    if (error instanceof UnreadableArchive) throw error;
    throw new UnreadableArchive(`${entry.fileName} is damaged`);
  }
  if (left !== '') yield left;
}

async function readManifest(zip: ZipFile, entry: Entry | undefined): Promise<z.output<typeof manifestSchema>> {
  if (!entry || entry.uncompressedSize > LONGEST_LINE) throw new UnreadableArchive('it has no kitchen.json');
  let text = '';
  for await (const line of linesOf(zip, entry)) text += line;
  const parsed = manifestSchema.safeParse(parseJson(text));
  if (!parsed.success) throw new UnreadableArchive('its kitchen.json is not one of ours');
  return parsed.data;
}

function parseJson(text: string): unknown {
  if (isTooDeep(text)) return undefined;
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

async function* rowsOf(zip: ZipFile, entry: Entry | undefined, table: ArchivedTable): AsyncGenerator<ArchivedRow[]> {
  const atOnce = table === 'batch_photos' ? PHOTOS_AT_ONCE : ROWS_AT_ONCE;
  let rows: ArchivedRow[] = [];
  let number = 0;
  for await (const line of linesOf(zip, entry)) {
    number++;
    rows.push(readRow(table, number, line));
    if (table === 'batch_photos' && number > PHOTOS_OF_KITCHEN)
      throw new UnreadableArchive(`it has more than ${PHOTOS_OF_KITCHEN} photos`);
    if (rows.length < atOnce) continue;
    yield rows;
    rows = [];
  }
  if (rows.length > 0) yield rows;
}

function readRow(table: ArchivedTable, number: number, line: string): ArchivedRow {
  const where = `line ${number} of ${table}.jsonl`;
  const json = parseJson(line);
  const parsed = ARCHIVE_ROWS[table].safeParse(json, { reportInput: true });
  if (!parsed.success) {
    const [fault] = faultsOf(parsed.error);
    throw new UnreadableArchive(`${where}: ${fault?.path || 'it'} ${fault?.message ?? 'cannot be read'}`);
  }
  if (unstorableText(parsed.data) !== null) throw new UnreadableArchive(`${where} has a character that cannot be kept`);
  return parsed.data as ArchivedRow;
}
