import { isValid, parse } from 'date-fns';
import { dsvFormat } from 'd3';
import { listFoods } from '../core/food/catalogue';
import type { Outcome } from '../schemas/batch';
import type { KitchenFryer } from '../schemas/kitchen';
import type { OldNote } from '../schemas/old-note';
import type { PlanFile } from '../schemas/plan-file';
import { cutText } from '../schemas/storable-text';
import { withLoad } from './amounts';
import { withStages } from './edit-cook';
import { WISHED_BROWNING } from './wished-browning';
import { planOfWay, waysOf } from './ways/plan-of-way';

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

/** The food that a word of the notes most likely means: all its words in the name, or the name's first word in it; '' where none. */
export function guessFood(value: string): string {
  const said = value.toLowerCase();
  const words = said.split(/[^a-zà-ÿ]+/).filter((word) => word.length > 2);
  const names = listFoods().map(({ id, name }) => ({ id, name: name.toLowerCase() }));
  const whole = names.find(
    ({ name }) => words.length > 0 && words.every((word) => name.includes(word.replace(/s$/, ''))),
  );
  return (whole ?? names.find(({ name }) => said.includes(name.split(/[^a-zà-ÿ]/)[0]!)))?.id ?? '';
}

/** Colours as cooks write them, with the browning of the swatch they mean. */
export const NOTE_COLOURS = {
  pale: WISHED_BROWNING.pale,
  golden: WISHED_BROWNING.golden,
  brown: WISHED_BROWNING.brown,
  dark: 3,
} as const;

/** @see NOTE_COLOURS */
export type NoteColour = keyof typeof NOTE_COLOURS;

const BITE_WORDS: readonly (readonly [RegExp, Outcome['crispness']])[] = [
  [/very|extra|super/i, 'very-crisp'],
  [/hard|tough|leather/i, 'hard'],
  [/soft|soggy|limp|sad/i, 'soft'],
  [/tender|ok|fine|meh/i, 'tender'],
  [/crisp|crunch|good|great/i, 'crisp'],
];
const COLOUR_WORDS: readonly (readonly [RegExp, NoteColour])[] = [
  [/burn|black|dark/i, 'dark'],
  [/pale|white|light|blond/i, 'pale'],
  [/gold|yellow|good/i, 'golden'],
  [/brown/i, 'brown'],
];
const EVEN_WORDS: readonly (readonly [RegExp, Outcome['evenness']])[] = [
  [/uneven|patch|mixed/i, 'uneven'],
  [/some|mostly|half/i, 'some-differ'],
  [/even|same|alike|yes/i, 'even'],
];

const guessBy =
  <Word>(words: readonly (readonly [RegExp, Word])[]) =>
  (value: string): Word | null =>
    words.find(([said]) => said.test(value))?.[1] ?? null;

export const guessBite = guessBy(BITE_WORDS);
export const guessColour = guessBy(COLOUR_WORDS);
export const guessEvenness = guessBy(EVEN_WORDS);

/** How days are written. */
export const DATE_FORMS = ['yyyy-MM-dd', 'd.M.yyyy', 'd/M/yyyy', 'M/d/yyyy'] as const;

/** @see DATE_FORMS */
export type DateForm = (typeof DATE_FORMS)[number];

/** The form that reads most of the days. */
export function guessDates(values: readonly string[]): DateForm {
  const reads = (form: DateForm) => values.filter((value) => dayOf(value, form) !== null).length;
  return DATE_FORMS.reduce((best, form) => (reads(form) > reads(best) ? form : best));
}

/** Noon of a day, local time. */
function dayOf(value: string, form: DateForm): Date | null {
  const day = parse(value.slice(0, 10).trim(), form, new Date(2000, 0, 1, 12));
  return isValid(day) ? new Date(day.getFullYear(), day.getMonth(), day.getDate(), 12) : null;
}

/** How a table is to be understood. */
export interface NoteMapping {
  readonly columns: Partial<Record<NoteField, number>>;
  readonly dates: DateForm;
  readonly dialUnit: 'C' | 'F';
  /** the way of a food, "food way", by each value of the food column; '' leaves those rows out */
  readonly foods: Readonly<Record<string, string>>;
  readonly bites: Readonly<Record<string, Outcome['crispness'] | ''>>;
  readonly colours: Readonly<Record<string, NoteColour | ''>>;
  readonly evennesses: Readonly<Record<string, Outcome['evenness'] | ''>>;
  /** what the cook says of rows in which nothing stands */
  readonly silent: {
    readonly bite: Outcome['crispness'] | '';
    readonly colour: NoteColour | '';
    readonly evenness: Outcome['evenness'] | '';
  };
  /** the fryer of rows that name none that is there */
  readonly fryerId: string;
}

/** A row as a batch, or why it is none. */
export type ReadRow = { readonly note: OldNote } | { readonly left: string };

const number = (text: string) => {
  const found = /-?\d+(?:[.,]\d+)?/.exec(text);
  return found ? Number(found[0].replace(',', '.')) : null;
};

/** Minutes by which stages go beyond the pull, so that what came out later can be asked too. Source: chosen. */
const BEYOND = 6;
const LONGEST_STAGE = 90;
const DIALS = [100, 230] as const;
const THICKNESSES = [0.3, 60] as const;
const GRAMS = [50, 1500] as const;

const within = (value: number | null, [least, most]: readonly [number, number]) =>
  value !== null && value >= least && value <= most ? value : null;

/** Reads one row by the mapping. @param now ms since 1970; a day after it is refused */
export function noteOfRow(
  row: readonly string[],
  mapping: NoteMapping,
  fryers: readonly KitchenFryer[],
  now: number,
): ReadRow {
  const cell = (field: NoteField) => {
    const at = mapping.columns[field];
    return at === undefined ? '' : (row[at] ?? '');
  };
  const day = dayOf(cell('date'), mapping.dates);
  if (!day) return { left: `“${cell('date')}” is no day written so` };
  if (day.getTime() > now) return { left: `${cell('date')} has not come yet` };
  const [foodId, wayId] = (mapping.foods[cell('food')] ?? '').split(' ');
  const food = listFoods().find(({ id }) => id === foodId);
  const way = waysOf(foodId ?? '').find(({ id }) => id === wayId);
  if (!food || !way) return { left: `“${cell('food')}” is left out` };
  const pulledMin = within(number(cell('minutes')), [1, 180]);
  if (pulledMin === null) return { left: `“${cell('minutes')}” are no minutes from 1 to 180` };
  const fryer =
    fryers.find(({ name }) => name.toLowerCase() === cell('fryer').toLowerCase()) ??
    fryers.find(({ id }) => id === mapping.fryerId);
  if (!fryer) return { left: 'it names no fryer' };
  const crispness = mapping.bites[cell('bite')] || mapping.silent.bite;
  const colour = mapping.colours[cell('colour')] || mapping.silent.colour;
  const evenness = mapping.evennesses[cell('evenness')] || mapping.silent.evenness;
  if (!crispness || !colour || !evenness) return { left: 'how it came out is not said' };
  const document = planOf(planOfWay(food, way, { people: 2, each: way.each }, fryer), cell, mapping, pulledMin);
  return {
    note: {
      document,
      fryerName: fryer.name,
      begunAt: day.getTime(),
      pulledMin,
      outcome: {
        crispness,
        browning: NOTE_COLOURS[colour],
        evenness,
        faults: [],
        note: cutText(cell('note'), 2000),
        liked: null,
        next: null,
      },
    },
  };
}

/** The usual way with what the notes say of it. */
function planOf(
  usual: PlanFile,
  cell: (field: NoteField) => string,
  mapping: NoteMapping,
  pulledMin: number,
): PlanFile {
  const typed = number(cell('dial'));
  const dial = within(typed !== null && mapping.dialUnit === 'F' ? ((typed - 32) * 5) / 9 : typed, DIALS);
  const thickness = within(number(cell('thickness')), THICKNESSES);
  const grams = within(number(cell('amount')), GRAMS);
  const minutes = Math.min(LONGEST_STAGE, pulledMin + BEYOND);
  const [stage] = usual.cook.stages;
  const staged = withStages(usual, [{ minutes, temperature_c: Math.round(dial ?? stage!.temperature_c) }]);
  const { cut } = usual;
  return {
    ...(grams === null ? staged : withLoad(staged, grams)),
    cut:
      thickness !== null && 'thickness_mm' in cut
        ? ({ ...cut, thickness_mm: thickness, width_mm: undefined } as PlanFile['cut'])
        : cut,
    ...(thickness === null ? {} : { name: usual.name.replace(/\d+(?:\.\d+)? mm/, `${thickness} mm`) }),
    /* what was noted went in at once */
    loads: { ...usual.loads, count: 1 },
  };
}
