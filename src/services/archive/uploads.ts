import { createWriteStream } from 'node:fs';
import { appendFile, mkdir, readdir, rm, stat, truncate } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Readable, Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { fail, type Result, succeed } from '../result';
import { importKitchen, type TakenIn } from './import-kitchen';

/** Largest archive that is taken in, and all that lie here at a time together, bytes. Source: chosen; a kitchen with all its photos and 5,000 batches has about 30 MB. */
export const LARGEST_ARCHIVE = 200_000_000;
const LARGEST_TOGETHER = 1_000_000_000;

/** What lies here this long is forgotten, ms: a line that broke is back by then. Source: chosen. */
const FORGOTTEN_AFTER = 3_600_000;

const FOLDER = join(tmpdir(), 'drubek-archives');

const fileOf = (kitchenId: string, uploadId: string) => join(FOLDER, `${kitchenId}-${uploadId}.zip`);

const sizeOf = (file: string) =>
  stat(file).then(
    ({ size }) => size,
    () => 0,
  );

/** Forgets what was left lying, and says how much there is besides. */
async function tidied(): Promise<number> {
  await mkdir(FOLDER, { recursive: true, mode: 0o700 });
  let together = 0;
  for (const name of await readdir(FOLDER)) {
    const file = join(FOLDER, name);
    const found = await stat(file).catch(() => null);
    if (!found) continue;
    if (Date.now() - found.mtimeMs > FORGOTTEN_AFTER) await rm(file, { force: true });
    else together += found.size;
  }
  return together;
}

/** How much of an archive has arrived, bytes. */
export function receivedOf(kitchenId: string, uploadId: string): Promise<number> {
  return sizeOf(fileOf(kitchenId, uploadId));
}

/**
 * Adds a part to an archive that is on its way. One that does not begin where the last ended is not added: the answer says where
 * to go on, so that a broken line costs a part at most.
 * @param at byte at which the part begins
 */
export async function addPart(
  kitchenId: string,
  uploadId: string,
  at: number,
  part: Uint8Array,
): Promise<Result<{ received: number }>> {
  const together = await tidied();
  const file = fileOf(kitchenId, uploadId);
  const received = await sizeOf(file);
  if (at > received) return succeed({ received });
  if (at + part.length > LARGEST_ARCHIVE) return fail({ code: 'unreadable', why: 'it is larger than 200 MB' });
  if (together + part.length > LARGEST_TOGETHER) return fail({ code: 'busy' });
  if (at < received) await truncate(file, at);
  await appendFile(file, part, { mode: 0o600 });
  return succeed({ received: at + part.length });
}

/** Rows that have gone in of each archive that is being taken in by this process. */
const under = new Map<string, number>();

/** How many rows have gone in so far; null where the archive is not being taken in. */
export function rowsSoFar(kitchenId: string, uploadId: string): number | null {
  return under.get(fileOf(kitchenId, uploadId)) ?? null;
}

/** Takes an archive in that has arrived, and forgets it unless it can be tried again. */
export async function takeUpload(kitchenId: string, uploadId: string, by: string): Promise<Result<TakenIn>> {
  const file = fileOf(kitchenId, uploadId);
  if ((await sizeOf(file)) === 0) return fail({ code: 'not-found' });
  under.set(file, 0);
  try {
    const taken = await importKitchen(kitchenId, file, by, (count) => under.set(file, count));
    const again = !taken.ok && (taken.failure.code === 'busy' || taken.failure.code === 'database-away');
    if (!again) await rm(file, { force: true });
    return taken;
  } finally {
    under.delete(file);
  }
}

/** Bytes of all bodies that this process is receiving or taking in. */
let arriving = 0;

/** Takes an archive in that comes as one body, without ever holding it in memory. @param id of the request */
export async function takeBody(
  kitchenId: string,
  id: string,
  body: ReadableStream<Uint8Array>,
  by: string,
): Promise<Result<TakenIn>> {
  if ((await tidied()) > LARGEST_TOGETHER) return fail({ code: 'busy' });
  const file = fileOf(kitchenId, id);
  let size = 0;
  const bounded = new Transform({
    transform(chunk: Buffer, _, done) {
      size += chunk.length;
      arriving += chunk.length;
      const isTooMuch = size > LARGEST_ARCHIVE || arriving > LARGEST_TOGETHER;
      done(isTooMuch ? new Error('too large') : null, chunk);
    },
  });
  try {
    const arrived = await pipeline(
      Readable.fromWeb(body as never),
      bounded,
      createWriteStream(file, { mode: 0o600 }),
    ).then(
      () => true,
      () => false,
    );
    if (size > LARGEST_ARCHIVE) return fail({ code: 'unreadable', why: 'it is larger than 200 MB' });
    if (arriving > LARGEST_TOGETHER) return fail({ code: 'busy' });
    if (!arrived) return fail({ code: 'unreadable', why: 'it broke off' });
    return await importKitchen(kitchenId, file, by);
  } finally {
    arriving -= size;
    await rm(file, { force: true });
  }
}
