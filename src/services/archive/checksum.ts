import { createHash } from 'node:crypto';
import { ARCHIVED, type ArchivedTable } from '@/db/queries/archive';
import { type ArchivedRow, IDS, NAMES_OTHERS, withIdsReplaced } from './tables';

/** SHA-256 over rows in their order, each id replaced by the place at which it first stands: the same for the same kitchen under other ids. */
export class Checksum {
  private readonly places = new Map<string, number>();
  private readonly hash = createHash('sha256');

  /** Adds a row of a table. */
  add(table: ArchivedTable, row: ArchivedRow): void {
    const cells = ARCHIVED[table].map((column) => {
      if (IDS.has(column)) return this.placeOf(row[column]);
      if (!NAMES_OTHERS.has(table)) return row[column];
      return withIdsReplaced(row[column], (id) => this.places.get(id)?.toString());
    });
    this.hash.update(`${table} ${JSON.stringify(cells)}\n`);
  }

  /** In hexadecimal; nothing can be added after. */
  end(): string {
    return this.hash.digest('hex');
  }

  private placeOf(id: unknown): number {
    const key = String(id);
    const place = this.places.get(key) ?? this.places.size;
    this.places.set(key, place);
    return place;
  }
}
