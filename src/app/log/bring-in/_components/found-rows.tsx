import { format } from 'date-fns';
import type { NoteTable } from '@/editing/old-notes/note-table';
import type { ReadRow } from '@/editing/old-notes/note-of-row';
import { useUnits } from '@/ui/units-context';
import { massText, temperatureText } from '@/ui/words/format';
import { BITE_WORDS } from '@/ui/words/labels';

/** Lines in view before the others are only counted. Source: chosen. */
const SHOWN = 12;

/** What comes of each line, and why some are left out. */
export function FoundRows({ table, found }: { table: NoteTable; found: readonly ReadRow[] }) {
  const units = useUnits();
  const left = found.filter((row) => 'left' in row).length;
  return (
    <section aria-labelledby="comes" className="mt-5 min-w-0">
      <h2 id="comes" className="text-[20px]">
        What comes of it
      </h2>
      <p className="text-[14px] text-iron-soft" role="status">
        {found.length - left} of {found.length} lines become batches
        {left > 0 && `; ${left} ${left === 1 ? 'stays' : 'stay'} out`}.
      </p>
      <ul className="mt-2 text-[15px]">
        {found.slice(0, SHOWN).map((row, i) => (
          <li key={i} className="border-b border-enamel-deep py-1.5">
            {'note' in row ? (
              <>
                {format(row.note.begunAt, 'd MMM yyyy')}: {row.note.document.name},{' '}
                {massText(row.note.document.mass_g, units)} at{' '}
                {temperatureText(row.note.document.cook.stages[0]!.temperature_c, units)} in {row.note.fryerName}, out
                after {row.note.pulledMin} min, {BITE_WORDS[row.note.outcome.crispness].toLowerCase()}
                {row.note.outcome.note && <span className="text-iron-soft">; “{row.note.outcome.note}”</span>}
              </>
            ) : (
              <span className="text-iron-soft">
                Line {i + 2} stays out: {row.left}.{' '}
                <span className="break-words">{table.rows[i]!.filter((cell) => cell !== '').join(' · ')}</span>
              </span>
            )}
          </li>
        ))}
      </ul>
      {found.length > SHOWN && (
        <p className="mt-1 text-[14px] text-iron-soft">and {found.length - SHOWN} more lines.</p>
      )}
    </section>
  );
}
