import { dsvFormat } from 'd3';

/** What a column of old notes can hold. */
export const NOTE_FIELDS = [
  'date',
  'food',
  'minutes',
  'dial',
  'thickness',
  'amount',
  'fryer',
  'bite',
  'colour',
  'evenness',
  'note',
] as const;

/** @see NOTE_FIELDS */
export type NoteField = (typeof NOTE_FIELDS)[number];

/** Without these a row is no batch. */
export const NEEDED: readonly NoteField[] = ['date', 'food', 'minutes'];

/** A table of notes as it was read. */
export interface NoteTable {
  readonly head: readonly string[];
  readonly rows: readonly (readonly string[])[];
}

/** Most rows that are read. Source: chosen. */
export const MOST_ROWS = 500;

/** Words in a heading that tell what its column holds. */
const TELLING: Record<NoteField, RegExp> = {
  date: /date|day|when/i,
  food: /food|what|dish|vegetable|produce/i,
  minutes: /min|time|pull/i,
  dial: /dial|temp|°|heat/i,
  thickness: /thick|mm|cut/i,
  amount: /amount|mass|weight|\bg\b|gram|load/i,
  fryer: /fryer|machine|drawer/i,
  bite: /bite|crisp|crunch|texture/i,
  colour: /colou?r|brown/i,
  evenness: /even/i,
  note: /note|remark|comment/i,
};

const SEPARATORS = [',', ';', '\t'] as const;

/** Reads CSV by whichever of comma, semicolon and tab divides its head most; null where there is no head with two columns. */
export function readNotes(text: string): NoteTable | null {
  const clean = text.replace(/^\uFEFF/, '');
  const head = clean.split(/\r?\n/, 1)[0] ?? '';
  const separator = SEPARATORS.reduce((best, one) => (head.split(one).length > head.split(best).length ? one : best));
  const [first, ...rows] = dsvFormat(separator)
    .parseRows(clean)
    .map((row) => row.map((cell) => cell.trim()))
    .filter((row) => row.some((cell) => cell !== ''));
  if (!first || first.length < 2) return null;
  return { head: first, rows: rows.slice(0, MOST_ROWS) };
}

/** Which column holds what, guessed by the headings; each column at most once. */
export function guessColumns({ head }: NoteTable): Partial<Record<NoteField, number>> {
  const taken = new Set<number>();
  const guess: Partial<Record<NoteField, number>> = {};
  for (const field of NOTE_FIELDS) {
    const at = head.findIndex((word, i) => !taken.has(i) && TELLING[field].test(word));
    if (at < 0) continue;
    taken.add(at);
    guess[field] = at;
  }
  return guess;
}

/** The different values of a column, those that stand most often first. */
export function valuesOf({ rows }: NoteTable, column: number | undefined): string[] {
  if (column === undefined) return [];
  const counts = new Map<string, number>();
  for (const row of rows) {
    const value = row[column] ?? '';
    if (value !== '') counts.set(value, (counts.get(value) ?? 0) + 1);
  }
  return [...counts].sort((a, b) => b[1] - a[1]).map(([value]) => value);
}
