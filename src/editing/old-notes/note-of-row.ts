import { listFoods } from '../../core/food/catalogue';
import type { Outcome } from '../../schemas/batch';
import type { KitchenFryer } from '../../schemas/kitchen';
import type { OldNote } from '../../schemas/old-note';
import type { PlanFile } from '../../schemas/plan-file';
import { cutText } from '../../schemas/storable-text';
import { withLoad } from '../amounts';
import { withStages } from '../edit-cook';
import { planOfWay, waysOf } from '../ways/plan-of-way';
import { NOTE_COLOURS, type NoteColour } from './guess-words';
import { type DateForm, dayOf } from './note-dates';
import type { NoteField } from './note-table';

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

/** Longest stage of a plan, min. */
const LONGEST_STAGE = 90;

/** What can be read of minutes to the pull, dial in °C, thickness in mm and amount in g. Source: limits of the bench. */
const MINUTES = [1, 180] as const;
const DIALS = [100, 230] as const;
const THICKNESSES = [0.3, 60] as const;
const GRAMS = [50, 1500] as const;

const within = (value: number | null, [least, most]: readonly [number, number]) =>
  value !== null && value >= least && value <= most ? value : null;

/** What a plan takes from the numbers of a row; null where nothing stands. */
interface ReadNumbers {
  readonly pulledMin: number;
  readonly dialC: number | null;
  readonly thicknessMm: number | null;
  readonly grams: number | null;
}

/** The numbers of a row, or why they cannot be: what is out of range never silently becomes another. */
function numbersOf(cell: (field: NoteField) => string, { dialUnit }: NoteMapping): ReadNumbers | { left: string } {
  const typedDial = number(cell('dial'));
  const dialC = within(typedDial !== null && dialUnit === 'F' ? ((typedDial - 32) * 5) / 9 : typedDial, DIALS);
  const thicknessMm = within(number(cell('thickness')), THICKNESSES);
  const grams = within(number(cell('amount')), GRAMS);
  const pulledMin = within(number(cell('minutes')), MINUTES);
  const odd = (field: NoteField, what: string) => ({ left: `“${cell(field)}” is ${what}` });
  if (pulledMin === null) return odd('minutes', `no time from ${MINUTES[0]} to ${MINUTES[1]} min`);
  if (cell('dial') !== '' && dialC === null) {
    return odd('dial', `no dial from ${DIALS[0]} to ${DIALS[1]} °C; look whether it is in °C or °F`);
  }
  if (cell('thickness') !== '' && thicknessMm === null) {
    return odd('thickness', `no thickness from ${THICKNESSES[0]} to ${THICKNESSES[1]} mm`);
  }
  if (cell('amount') !== '' && grams === null) return odd('amount', `no amount from ${GRAMS[0]} to ${GRAMS[1]} g`);
  return { pulledMin, dialC, thicknessMm, grams };
}

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
  if (day.getTime() > now) return { left: `noon of ${cell('date')} has not come yet` };
  const [foodId, wayId] = (mapping.foods[cell('food')] ?? '').split(' ');
  const food = listFoods().find(({ id }) => id === foodId);
  const way = waysOf(foodId ?? '').find(({ id }) => id === wayId);
  if (!food || !way) return { left: `“${cell('food')}” is left out` };
  const numbers = numbersOf(cell, mapping);
  if ('left' in numbers) return numbers;
  const fryer =
    fryers.find(({ name }) => name.toLowerCase() === cell('fryer').toLowerCase()) ??
    fryers.find(({ id }) => id === mapping.fryerId);
  if (!fryer) return { left: 'it names no fryer' };
  const crispness = mapping.bites[cell('bite')] || mapping.silent.bite;
  const colour = mapping.colours[cell('colour')] || mapping.silent.colour;
  const evenness = mapping.evennesses[cell('evenness')] || mapping.silent.evenness;
  if (!crispness || !colour || !evenness) return { left: 'how it came out is not said' };
  const document = planOf(planOfWay(food, way, { people: 2, each: way.each }, fryer), numbers);
  return {
    note: {
      document,
      fryerName: fryer.name,
      begunAt: day.getTime(),
      pulledMin: numbers.pulledMin,
      outcome: {
        crispness,
        browning: NOTE_COLOURS[colour],
        evenness,
        faults: [],
        note: cutText(cell('note'), 2000),
        liked: null,
        heart: null,
        next: null,
      },
    },
  };
}

/** The usual way with what the notes say of it. */
function planOf(usual: PlanFile, { pulledMin, dialC, thicknessMm, grams }: ReadNumbers): PlanFile {
  const temperature_c = Math.round(dialC ?? usual.cook.stages[0]!.temperature_c);
  const minutes = pulledMin + BEYOND;
  const staged = withStages(usual, [
    { minutes: Math.min(LONGEST_STAGE, minutes), temperature_c },
    ...(minutes > LONGEST_STAGE
      ? [{ minutes: Math.min(LONGEST_STAGE, Math.max(1, minutes - LONGEST_STAGE)), temperature_c }]
      : []),
  ]);
  const { cut } = usual;
  return {
    ...(grams === null ? staged : withLoad(staged, grams)),
    cut:
      thicknessMm !== null && 'thickness_mm' in cut
        ? ({ ...cut, thickness_mm: thicknessMm, width_mm: undefined } as PlanFile['cut'])
        : cut,
    ...(thicknessMm === null ? {} : { name: usual.name.replace(/\d+(?:\.\d+)? mm/, `${thicknessMm} mm`) }),
    /* what was noted went in at once */
    loads: { ...usual.loads, count: 1 },
  };
}
