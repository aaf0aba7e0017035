import { ARCHIVED, type ArchivedTable } from '@/db/queries/archive';

/** Tables of an archive, parents before their children. */
export const TABLES = Object.keys(ARCHIVED) as ArchivedTable[];

/** A row as it stands in an archive. */
export type ArchivedRow = Record<string, unknown>;

/** Columns that hold an id which another kitchen on the same server may hold too. */
export const IDS: ReadonlySet<string> = new Set([
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
export const NAMES_OTHERS: ReadonlySet<string> = new Set(['evenings', 'evening_events', 'evening_batches']);

const UUID = /[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}/g;

/** A cell with each id in it that `of` knows replaced. */
export function withIdsReplaced(cell: unknown, of: (id: string) => string | undefined): unknown {
  return cell === undefined ? cell : JSON.parse(JSON.stringify(cell).replace(UUID, (id) => of(id) ?? id));
}
