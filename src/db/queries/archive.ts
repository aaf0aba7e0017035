import { change, get, list, type Runner } from '../query';

/** Tables of a kitchen in the order in which they refer to one another, with the columns that go into an archive. */
export const ARCHIVED = {
  fryers: [
    'fryer_id',
    'name',
    'power_w',
    'basket_cm2',
    'basket_height_mm',
    'thermostat_offset_c',
    'created_at',
    'archived_at',
    'learns_from',
    'not_learnt_at',
  ],
  cutters: ['cutter_id', 'name', 'setting', 'thickness_mm', 'scatter', 'created_at'],
  plans: ['plan_id', 'fryer_id', 'name', 'document', 'created_at', 'updated_at', 'archived_at', 'revision'],
  plan_versions: ['plan_id', 'version', 'document', 'kept_at'],
  batches: ['batch_id', 'fryer_name', 'document', 'forecast', 'begun_at', 'last_seq', 'left_out_at', 'removed_at'],
  batch_events: ['event_id', 'batch_id', 'seq', 'version', 'kind', 'detail', 'happened_at', 'recorded_at'],
  fryer_tests: [
    'test_id',
    'fryer_id',
    'readings',
    'thermostat_offset_c',
    'power_w',
    'evidence',
    'made_at',
    'left_out_at',
  ],
  outcomes: [
    'batch_id',
    'crispness',
    'browning',
    'evenness',
    'faults',
    'note',
    'fingerprint',
    'liked',
    'heart',
    'next_time',
    'recorded_at',
  ],
  batch_photos: ['photo_id', 'batch_id', 'width', 'height', 'image', 'taken_at'],
  trials: ['trial_id', 'fryer_id', 'name', 'one', 'other', 'word_one', 'word_other', 'begun_at', 'ended_at'],
  trial_pairs: ['trial_id', 'pair', 'code_one', 'code_other', 'other_first', 'side_by_side', 'drawn_at', 'revealed_at'],
  trial_tastings: ['trial_id', 'pair', 'taster', 'crisper', 'rather', 'tasted_at'],
  evenings: ['evening_id', 'name', 'serve_at', 'document', 'created_at', 'updated_at', 'removed_at', 'revision'],
  evening_events: ['event_id', 'evening_id', 'kind', 'detail', 'happened_at', 'recorded_at'],
  evening_batches: ['batch_id', 'evening_id', 'step', 'fryers'],
} as const;

/** A table that goes into an archive. */
export type ArchivedTable = keyof typeof ARCHIVED;

/** Which columns order a table, whatever its ids are. */
const ORDER: Record<ArchivedTable, string> = {
  fryers: 'created_at, name',
  cutters: 'created_at, name, setting',
  plans: 'created_at, name',
  plan_versions: 'kept_at, version',
  batches: 'begun_at, fryer_name',
  batch_events: 'happened_at, seq, kind',
  fryer_tests: 'made_at',
  outcomes: 'recorded_at, browning',
  batch_photos: 'taken_at',
  trials: 'begun_at, name',
  trial_pairs: 'drawn_at, pair',
  trial_tastings: 'tasted_at, pair, taster',
  evenings: 'created_at, name',
  evening_events: 'happened_at, recorded_at, kind',
  evening_batches: 'step',
};

/** Tables that may be long, with the id of their rows: they are read some rows at a time. */
export const PAGED = {
  plans: 'plan_id',
  batches: 'batch_id',
  batch_events: 'event_id',
  outcomes: 'batch_id',
  batch_photos: 'photo_id',
  evenings: 'evening_id',
  evening_events: 'event_id',
} as const satisfies Partial<Record<ArchivedTable, string>>;

/** Ids of all rows of a table, in the order in which they go into an archive. */
export async function listArchivedIds(kitchenId: string, table: ArchivedTable): Promise<string[]> {
  const id = PAGED[table as keyof typeof PAGED];
  const rows = await list<{ id: string }>(
    `SELECT ${id}::text AS id FROM ${table} WHERE kitchen_id = $1 ORDER BY ${ORDER[table]}, ${id}`,
    [kitchenId],
  );
  return rows.map((row) => row.id);
}

/** Rows of a kitchen as JSON, moments as text in UTC to the microsecond. @param ids which, in this order; all where it is null */
export async function listArchived(
  kitchenId: string,
  table: ArchivedTable,
  ids: readonly string[] | null,
): Promise<Record<string, unknown>[]> {
  const columns = ARCHIVED[table].join(', ');
  const rows =
    ids === null
      ? await list<{ row: Record<string, unknown> }>(
          `SELECT to_jsonb(own) AS row FROM (SELECT ${columns} FROM ${table} WHERE kitchen_id = $1 ORDER BY ${ORDER[table]}) AS own`,
          [kitchenId],
        )
      : await list<{ row: Record<string, unknown> }>(
          `SELECT to_jsonb(own) AS row
           FROM (SELECT ${columns} FROM ${table} WHERE kitchen_id = $1 AND ${PAGED[table as keyof typeof PAGED]} = ANY($2::uuid[])) AS own
           ORDER BY array_position($2::uuid[], own.${PAGED[table as keyof typeof PAGED]})`,
          [kitchenId, ids],
        );
  return rows.map(({ row }) => row);
}

/** Puts rows into a kitchen; those that are there already, by their key, are left as they are. Returns how many were new. */
export async function insertArchived(
  kitchenId: string,
  table: ArchivedTable,
  rows: readonly Record<string, unknown>[],
  runner: Runner,
): Promise<number> {
  const columns = ARCHIVED[table];
  return change(
    `INSERT INTO ${table} (kitchen_id, ${columns.join(', ')})
     SELECT $1, ${columns.map((column) => `own.${column}`).join(', ')} FROM jsonb_populate_recordset(NULL::${table}, $2) AS own
     ON CONFLICT DO NOTHING`,
    [kitchenId, JSON.stringify(rows)],
    runner,
  );
}

/** How many photos a kitchen has, and the most that one of its batches has. */
export async function countPhotos(kitchenId: string, runner: Runner): Promise<{ all: number; ofBatch: number }> {
  return get<{ all: number; ofBatch: number }>(
    `SELECT coalesce(sum(own.count), 0)::int AS all, coalesce(max(own.count), 0)::int AS "ofBatch"
     FROM (SELECT count(*) AS count FROM batch_photos WHERE kitchen_id = $1 GROUP BY batch_id) AS own`,
    [kitchenId],
    runner,
  );
}

/** Asks for a kitchen to be removed, or takes that back. */
export async function setKitchenRemoved(kitchenId: string, removed: boolean): Promise<boolean> {
  const changed = await change(
    `UPDATE kitchens SET removed_at = CASE WHEN $2 THEN clock_timestamp() END WHERE kitchen_id = $1 AND NOT is_demo`,
    [kitchenId, removed],
  );
  return changed === 1;
}

/** Removes kitchens that were asked to be removed a day ago, with everything in them. */
export async function removeForgottenKitchens(): Promise<void> {
  await change('SELECT remove_forgotten_kitchens()', []);
}
