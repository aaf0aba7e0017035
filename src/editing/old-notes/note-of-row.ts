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
