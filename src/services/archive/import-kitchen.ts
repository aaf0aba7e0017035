import { v5 } from 'uuid';
import { countPhotos, insertArchived } from '@/db/queries/archive';
import { insertAudit } from '@/db/queries/audit';
import { transact } from '@/db/query';
import { PHOTOS_OF_BATCH, PHOTOS_OF_KITCHEN } from '@/schemas/photo';
import { type Failure, fail, type Result, succeed, withKitchen } from '../result';
import { Checksum } from './checksum';
import { KitchenRows } from './list-rows';
import { openArchive, UnreadableArchive } from './read-archive';
import { type ArchivedRow, IDS, NAMES_OTHERS, TABLES, withIdsReplaced } from './tables';

/** Archives that one process takes in at a time: each holds a connection and a processor. Source: chosen. */
const MOST_AT_ONCE = 1;

let taking = 0;

/** What came of taking an archive in. */
export interface TakenIn {
  /** rows that were not here before */
  readonly added: number;
  /** whether the kitchen is now the very one that was taken out */
  readonly same: boolean;
}

/** Ends the transaction with a failure that is said in words. */
class Refused extends Error {
  constructor(readonly failure: Failure) {
    super(failure.code);
  }
}

/**
 * Takes an archive into a kitchen, all of it or nothing. Ids stay where it is the very kitchen that was taken out; else each
 * becomes one that always belongs to it here, so that the same archive taken in twice doubles nothing.
 * @param file where the archive lies @param onRows told how many rows have gone in so far
 */
export async function importKitchen(
  kitchenId: string,
  file: string,
  by: string,
  onRows: (count: number) => void = () => undefined,
): Promise<Result<TakenIn>> {
  if (taking >= MOST_AT_ONCE) return fail({ code: 'busy' });
  taking++;
  try {
    return await takeIn(kitchenId, file, by, onRows);
  } catch (error) {
    if (error instanceof UnreadableArchive) return fail({ code: 'unreadable', why: error.message });
    if (error instanceof Refused) return fail(error.failure);
    throw error;
  } finally {
    taking--;
  }
}

async function takeIn(
  kitchenId: string,
  file: string,
  by: string,
  onRows: (count: number) => void,
): Promise<Result<TakenIn>> {
  const archive = await openArchive(file);
  try {
    return await withKitchen(kitchenId, async () => {
      const { manifest } = archive;
      const idOf = (id: unknown) => (manifest.kitchen_id === kitchenId ? id : v5(String(id), kitchenId));
      /* fryers and batches are named inside the documents of evenings too */
      const others = new Map<string, string>();
      const moved = (table: string, row: ArchivedRow): ArchivedRow =>
        Object.fromEntries(
          Object.entries(row).map(([key, value]) => {
            if (IDS.has(key)) return [key, idOf(value)];
            return [key, NAMES_OTHERS.has(table) ? withIdsReplaced(value, (id) => others.get(id)) : value];
          }),
        );
      const added = await transact(async (client) => {
        let [count, read] = [0, 0];
        for (const table of TABLES) {
          for await (const rows of archive.rowsOf(table)) {
            if (table === 'fryers') for (const { fryer_id: id } of rows) others.set(String(id), String(idOf(id)));
            if (table === 'batches') for (const { batch_id: id } of rows) others.set(String(id), String(idOf(id)));
            const own = rows.map((row) => moved(table, row));
            count += await insertArchived(kitchenId, table, own, client);
            onRows((read += rows.length));
          }
        }
        const photos = await countPhotos(kitchenId, client);
        if (photos.all > PHOTOS_OF_KITCHEN || photos.ofBatch > PHOTOS_OF_BATCH)
          throw new Refused({ code: 'enough-photos' });
        await insertAudit(kitchenId, 'imported', by, client);
        return count;
      });
      const checksum = new Checksum();
      for await (const { table, rows } of new KitchenRows(kitchenId).all())
        for (const row of rows) checksum.add(table, row);
      return succeed({ added, same: checksum.end() === manifest.checksum });
    });
  } finally {
    archive.close();
  }
}
