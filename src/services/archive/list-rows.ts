import { type ArchivedTable, listArchived, listArchivedIds, PAGED } from '@/db/queries/archive';
import { inKitchen } from '@/db/query';
import { type ArchivedRow, TABLES } from './tables';

/** Rows that one query brings; of photos fewer, as each may be 160 kB. */
const ROWS_AT_ONCE = 500;
const PHOTOS_AT_ONCE = 20;

/** Which column of a table names its parent, and whose. */
const PARENTS: Partial<Record<ArchivedTable, { readonly table: ArchivedTable; readonly id: string }>> = {
  plans: { table: 'fryers', id: 'fryer_id' },
  plan_versions: { table: 'plans', id: 'plan_id' },
  batch_events: { table: 'batches', id: 'batch_id' },
  fryer_tests: { table: 'fryers', id: 'fryer_id' },
  outcomes: { table: 'batches', id: 'batch_id' },
  batch_photos: { table: 'batches', id: 'batch_id' },
  trials: { table: 'fryers', id: 'fryer_id' },
  trial_pairs: { table: 'trials', id: 'trial_id' },
  trial_tastings: { table: 'trials', id: 'trial_id' },
  evening_events: { table: 'evenings', id: 'evening_id' },
  evening_batches: { table: 'evenings', id: 'evening_id' },
};

/** The id of a table that is somebody's parent. */
const OWN_IDS: Partial<Record<ArchivedTable, string>> = {
  fryers: 'fryer_id',
  plans: 'plan_id',
  batches: 'batch_id',
  trials: 'trial_id',
  evenings: 'evening_id',
};

/**
 * All rows of a kitchen, table by table, some at a time, so that neither memory nor the database is held up however large it is.
 * What came in after its parent was read is left for the next time.
 */
export class KitchenRows {
  private readonly seen = new Map<ArchivedTable, Set<unknown>>();

  constructor(private readonly kitchenId: string) {}

  /** Rows of the next table; tables are to be read in the order of `TABLES`. */
  async *of(table: ArchivedTable): AsyncGenerator<ArchivedRow[]> {
    const ids = new Set<unknown>();
    this.seen.set(table, ids);
    const parent = PARENTS[table];
    const parents = parent && this.seen.get(parent.table);
    for await (const page of this.pages(table)) {
      const own = parent && parents ? page.filter((row) => parents.has(row[parent.id])) : page;
      const id = OWN_IDS[table];
      if (id) for (const row of own) ids.add(row[id]);
      yield own;
    }
  }

  /** All of them. */
  async *all(): AsyncGenerator<{ readonly table: ArchivedTable; readonly rows: ArchivedRow[] }> {
    for (const table of TABLES) for await (const rows of this.of(table)) yield { table, rows };
  }

  private async *pages(table: ArchivedTable): AsyncGenerator<ArchivedRow[]> {
    if (!(table in PAGED)) {
      yield await inKitchen(this.kitchenId, () => listArchived(this.kitchenId, table, null));
      return;
    }
    const ids = await inKitchen(this.kitchenId, () => listArchivedIds(this.kitchenId, table));
    const atOnce = table === 'batch_photos' ? PHOTOS_AT_ONCE : ROWS_AT_ONCE;
    for (let from = 0; from < ids.length; from += atOnce) {
      const some = ids.slice(from, from + atOnce);
      yield await inKitchen(this.kitchenId, () => listArchived(this.kitchenId, table, some));
    }
  }
}
