import { guessColumns, readNotes, valuesOf } from './note-table';
import { guessBite, guessDialUnit, guessColour, guessFood } from './guess-words';
import { guessDates } from './note-dates';
import { type NoteMapping, noteOfRow } from './note-of-row';

const NOW = Date.parse('2026-11-27T12:00:00Z');
const FRYERS = [
  { id: 'a', name: 'Large', powerW: 1500, basketCm2: 500, basketHeightMm: 90, thermostatOffsetC: 0 },
  { id: 'b', name: 'Small', powerW: 1200, basketCm2: 330, basketHeightMm: 80, thermostatOffsetC: 0 },
];
const TABLE = `Day;What;Minutes;Temp;Thickness;Grams;Fryer;Crispness;Colour;Remarks
03.11.2026;Carrots;17,5;190;9;350;small;nice and crunchy;golden;"more salt; next time"
05.11.2026;floury potato;21;200;;;;soggy;pale;
;;;;;;;;;
31.02.2026;kale;5;;;;;crisp;dark;
06.11.2026;something;9;;;;;;;
`;

const mappingOf = (change: Partial<NoteMapping> = {}): NoteMapping => ({
  columns: guessColumns(readNotes(TABLE)!),
  dates: 'd.M.yyyy',
  dialUnit: 'C',
  foods: { Carrots: 'carrot sticks', 'floury potato': 'potato-floury sticks', kale: 'kale chips', something: '' },
  bites: { 'nice and crunchy': 'crisp', soggy: 'soft' },
  colours: { golden: 'golden', pale: 'pale' },
  evennesses: {},
  silent: { bite: '', colour: '', evenness: 'some-differ' },
  fryerId: 'a',
  ...change,
});
const rowOf = (n: number, mapping = mappingOf()) => noteOfRow(readNotes(TABLE)!.rows[n]!, mapping, FRYERS, NOW);

test('a table is read by whatever divides it, empty lines left out, quoted cells whole; columns are guessed by their heads', () => {
  const table = readNotes(TABLE)!;
  expect(table.rows).toHaveLength(4);
  expect(table.rows[0]![9]).toBe('more salt; next time');
  expect(guessColumns(table)).toEqual({
    date: 0,
    food: 1,
    minutes: 2,
    dial: 3,
    thickness: 4,
    amount: 5,
    fryer: 6,
    bite: 7,
    colour: 8,
    note: 9,
  });
  expect(readNotes('a\tb\n1\t2')!.rows).toEqual([['1', '2']]);
  expect(readNotes('no table at all')).toBeNull();
  expect(valuesOf(table, 7)).toEqual(['nice and crunchy', 'soggy', 'crisp']);
});

test('words are guessed as cooks mean them', () => {
  expect(['Carrots', 'floury potato', 'kale', 'something'].map(guessFood)).toEqual([
    'carrot',
    'potato-floury',
    'kale',
    '',
  ]);
  expect(['nice and crunchy', 'soggy', 'very crisp', '7/10'].map(guessBite)).toEqual([
    'crisp',
    'soft',
    'very-crisp',
    null,
  ]);
  expect(['golden', 'a bit pale', 'burnt'].map(guessColour)).toEqual(['golden', 'pale', 'dark']);
  expect(guessDates(['11/27/2025', '3/13/2025'])).toBe('M/d/yyyy');
  expect(guessDates(['27.11.2025'])).toBe('d.M.yyyy');
});

test('a line becomes a batch with what it says, in the fryer that it names, the rest as usual', () => {
  expect(rowOf(0)).toMatchObject({
    note: {
      fryerName: 'Small',
      pulledMin: 17.5,
      document: {
        food: 'carrot',
        name: 'Carrot: sticks 9 mm',
        mass_g: 350,
        cut: { thickness_mm: 9 },
        cook: { stages: [{ temperature_c: 190 }] },
        fryer: { power_w: 1200 },
      },
      outcome: { crispness: 'crisp', browning: 1, evenness: 'some-differ', note: 'more salt; next time' },
    },
  });
  const read = rowOf(1);
  expect(read).toMatchObject({ note: { fryerName: 'Large', outcome: { crispness: 'soft', browning: 0.4 } } });
  expect('note' in read && new Date(read.note.begunAt).getDate()).toBe(5);
  expect(rowOf(0, mappingOf({ dialUnit: 'F', columns: { ...mappingOf().columns, dial: 5 } }))).toMatchObject({
    note: { document: { cook: { stages: [{ temperature_c: 177 }] } } },
  });
});

test('what cannot be a batch stays out with its reason; nothing is made up', () => {
  expect(rowOf(2)).toEqual({ left: '“31.02.2026” is no day written so' });
  expect(rowOf(3)).toEqual({ left: '“something” is left out' });
  expect(rowOf(0, mappingOf({ silent: { bite: '', colour: '', evenness: '' } }))).toEqual({
    left: 'how it came out is not said',
  });
  expect(noteOfRow(readNotes(TABLE)!.rows[0]!, mappingOf(), FRYERS, Date.parse('2026-11-01'))).toEqual({
    left: 'noon of 03.11.2026 has not come yet',
  });
});

test('a number that is out of range is said, never silently another; a long roast gets stages that reach it', () => {
  const row = [...readNotes(TABLE)!.rows[0]!];
  const withCell = (at: number, value: string) => noteOfRow(row.with(at, value), mappingOf(), FRYERS, NOW);
  expect(withCell(3, '390')).toEqual({
    left: '“390” is no dial from 100 to 230 °C; look whether it is in °C or °F',
  });
  expect(withCell(4, '900')).toEqual({ left: '“900” is no thickness from 0.3 to 60 mm' });
  expect(withCell(5, '2 kg')).toEqual({ left: '“2 kg” is no amount from 50 to 1500 g' });
  expect(withCell(2, 'ages')).toEqual({ left: '“ages” is no time from 1 to 180 min' });
  const roast = withCell(2, '120');
  const stages = 'note' in roast ? roast.note.document.cook.stages : [];
  expect(stages.reduce((sum, { minutes }) => sum + minutes, 0)).toBeGreaterThan(120);
  expect(guessDialUnit(['380', '200'], 'C')).toBe('F');
  expect(guessDialUnit(['190'], 'C')).toBe('C');
});
