import { csvFormat } from 'd3';
import type { ArchivedRow } from './tables';

/** Columns of the log as a table. */
const COLUMNS = [
  'begun_at',
  'name',
  'food',
  'mass_g',
  'fryer',
  'forecast_pull_min',
  'crispness',
  'browning',
  'evenness',
  'liked',
  'heart',
  'next_time',
  'faults',
  'note',
] as const;

/** A row of the log. */
export type LogRow = Record<(typeof COLUMNS)[number], string | number>;

/** The log, a flat row for each batch that is in it. */
export function logRows(batches: readonly ArchivedRow[], outcomes: ReadonlyMap<unknown, ArchivedRow>): LogRow[] {
  return batches
    .filter(({ removed_at }) => removed_at === null)
    .map((batch) => {
      const outcome = outcomes.get(batch.batch_id);
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

/** What a spreadsheet would take for a formula at the beginning of a cell. Source: OWASP, CSV injection. */
const FORMULA = /^[=+\-@\t\r\n＝＋－＠]/;

/** A cell that no spreadsheet calculates: text that would begin a formula stands behind an apostrophe. */
export function harmlessCell(cell: string | number): string {
  return typeof cell === 'string' && FORMULA.test(cell) ? `'${cell}` : String(cell);
}

/** The log as CSV. */
export function logCsv(rows: readonly LogRow[]): string {
  const cells = rows.map((row) => Object.fromEntries(COLUMNS.map((column) => [column, harmlessCell(row[column])])));
  return csvFormat(cells, [...COLUMNS]);
}
