import { NEEDED, NOTE_FIELDS, type NoteField, type NoteTable } from '@/editing/old-notes/note-table';
import { DATE_FORMS, type DateForm } from '@/editing/old-notes/note-dates';
import type { NoteMapping } from '@/editing/old-notes/note-of-row';
import type { KitchenFryer } from '@/schemas/kitchen';
import { NoteSelect } from './note-select';

const FIELD_WORDS: Record<NoteField, string> = {
  date: 'Day',
  food: 'Food',
  minutes: 'Minutes in the fryer',
  dial: 'Dial',
  thickness: 'Thickness, mm',
  amount: 'Amount, g',
  fryer: 'Fryer',
  bite: 'Bite',
  colour: 'Colour',
  evenness: 'How even',
  note: 'Note',
};

const DATE_WORDS: Record<DateForm, string> = {
  'yyyy-MM-dd': '2025-11-27',
  'd.M.yyyy': '27.11.2025',
  'd/M/yyyy': '27/11/2025, day first',
  'M/d/yyyy': '11/27/2025, month first',
};

/** Which column holds what, and how days and dials are written. */
export function MapColumns({
  table,
  mapping,
  fryers,
  onChange,
  onSet,
}: {
  table: NoteTable;
  mapping: NoteMapping;
  fryers: readonly KitchenFryer[];
  /** a column is another: its words are guessed anew */
  onChange: (mapping: NoteMapping) => void;
  onSet: (mapping: NoteMapping) => void;
}) {
  const columns: [string, string][] = [
    ['', 'not in the table'],
    ...table.head.map((word, i): [string, string] => [String(i), word || `column ${i + 1}`]),
  ];
  return (
    <section aria-labelledby="columns" className="mt-5">
      <h2 id="columns" className="text-[20px]">
        What each column holds
      </h2>
      <div className="mt-2 grid gap-x-5 gap-y-2 sm:grid-cols-2 lg:grid-cols-4">
        {NOTE_FIELDS.map((field) => (
          <NoteSelect
            key={field}
            label={`${FIELD_WORDS[field]}${NEEDED.includes(field) ? ', needed' : ''}`}
            value={mapping.columns[field] === undefined ? '' : String(mapping.columns[field])}
            options={columns}
            onChange={(value) =>
              onChange({
                ...mapping,
                columns: { ...mapping.columns, [field]: value === '' ? undefined : Number(value) },
              })
            }
          />
        ))}
        <NoteSelect
          label="Days are written"
          value={mapping.dates}
          options={DATE_FORMS.map((form): [string, string] => [form, DATE_WORDS[form]])}
          onChange={(dates) => onSet({ ...mapping, dates: dates as DateForm })}
        />
        <NoteSelect
          label="The dial is in"
          value={mapping.dialUnit}
          options={[
            ['C', '°C'],
            ['F', '°F'],
          ]}
          onChange={(unit) => onSet({ ...mapping, dialUnit: unit as 'C' | 'F' })}
        />
        <NoteSelect
          label="Where it names none of your fryers"
          value={mapping.fryerId}
          options={fryers.map(({ id, name }): [string, string] => [id, name])}
          onChange={(fryerId) => onSet({ ...mapping, fryerId })}
        />
      </div>
    </section>
  );
}
