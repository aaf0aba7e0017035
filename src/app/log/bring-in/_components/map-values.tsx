import { listFoods } from '@/core/food/catalogue';
import { type NoteTable, valuesOf } from '@/editing/old-notes/note-table';
import { NOTE_COLOURS } from '@/editing/old-notes/guess-words';
import type { NoteMapping } from '@/editing/old-notes/note-of-row';
import { waysOf } from '@/editing/ways/plan-of-way';
import { OUTCOME_CRISPNESS, OUTCOME_EVENNESS } from '@/schemas/batch';
import { BITE_WORDS, EVENNESS_WORDS } from '@/ui/words/labels';
import { NoteSelect } from './note-select';

type Option = readonly [string, string];

const LEAVE: Option = ['', 'leave these out'];
const FOODS: readonly Option[] = [
  LEAVE,
  ...listFoods().flatMap(({ id, name }) =>
    waysOf(id).map((way): Option => [`${id} ${way.id}`, `${name}: ${way.name.toLowerCase()}`]),
  ),
];
const BITES: readonly Option[] = OUTCOME_CRISPNESS.map((bite) => [bite, BITE_WORDS[bite]]);
const COLOURS: readonly Option[] = Object.keys(NOTE_COLOURS).map((colour) => [colour, colour]);
const EVENNESSES: readonly Option[] = OUTCOME_EVENNESS.map((even) => [even, EVENNESS_WORDS[even]]);
const UNSAID: Option = ['', 'as where nothing is said'];
const NOT_CHOSEN: Option = ['', 'choose; or such lines stay out'];

/** What the words of the table mean, and what is said where nothing stands. */
export function MapValues({
  table,
  mapping,
  onChange,
}: {
  table: NoteTable;
  mapping: NoteMapping;
  onChange: (mapping: NoteMapping) => void;
}) {
  const { columns, silent } = mapping;
  const groups = [
    {
      field: 'bite',
      words: 'bites',
      title: 'Bite',
      options: BITES,
      known: mapping.bites,
    },
    { field: 'colour', words: 'colours', title: 'Colour', options: COLOURS, known: mapping.colours },
    { field: 'evenness', words: 'evennesses', title: 'How even', options: EVENNESSES, known: mapping.evennesses },
  ] as const;
  return (
    <section aria-labelledby="words" className="mt-5">
      <h2 id="words" className="text-[20px]">
        What its words mean
      </h2>
      <div className="mt-2 grid gap-x-5 gap-y-4 md:grid-cols-2 lg:grid-cols-4">
        <fieldset className="min-w-0 space-y-2">
          <legend className="text-[15px] text-iron-soft">Food, in its usual way</legend>
          {valuesOf(table, columns.food).map((value) => (
            <NoteSelect
              key={value}
              label={`“${value}”`}
              value={mapping.foods[value] ?? ''}
              options={FOODS}
              onChange={(food) => onChange({ ...mapping, foods: { ...mapping.foods, [value]: food } })}
            />
          ))}
        </fieldset>
        {groups.map(({ field, words, title, options, known }) => (
          <fieldset key={field} className="min-w-0 space-y-2">
            <legend className="text-[15px] text-iron-soft">{title}</legend>
            {valuesOf(table, columns[field]).map((value) => (
              <NoteSelect
                key={value}
                label={`“${value}”`}
                value={known[value] ?? ''}
                options={[UNSAID, ...options]}
                onChange={(word) => onChange({ ...mapping, [words]: { ...known, [value]: word } })}
              />
            ))}
            <NoteSelect
              label="Where nothing is said, it was"
              value={silent[field]}
              options={[NOT_CHOSEN, ...options]}
              onChange={(word) => onChange({ ...mapping, silent: { ...silent, [field]: word } })}
            />
          </fieldset>
        ))}
      </div>
    </section>
  );
}
