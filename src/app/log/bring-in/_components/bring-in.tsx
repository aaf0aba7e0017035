'use client';

import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { guessColumns, type NoteField, type NoteTable, readNotes, valuesOf } from '@/editing/old-notes/note-table';
import { guessDialUnit, guessBite, guessColour, guessEvenness, guessFood } from '@/editing/old-notes/guess-words';
import { guessDates } from '@/editing/old-notes/note-dates';
import { type NoteMapping, noteOfRow } from '@/editing/old-notes/note-of-row';
import { LARGEST_FILE } from '@/editing/read-plan';
import { waysOf } from '@/editing/ways/plan-of-way';
import type { KitchenFryer } from '@/schemas/kitchen';
import { NOTES_AT_ONCE } from '@/schemas/old-note';
import { writePlanFile } from '@/schemas/write-plan';
import { Button } from '@/ui/controls/button';
import { Switch } from '@/ui/controls/switch';
import { notifyError } from '@/ui/notify';
import { send } from '@/ui/send';
import { FoundRows } from './found-rows';
import { MapColumns } from './map-columns';
import { MapValues } from './map-values';

/** The first guess at a table: columns by their heads, words by what they usually mean. */
function firstGuess(table: NoteTable, fryers: readonly KitchenFryer[], isUs: boolean): NoteMapping {
  return withGuessedWords(
    {
      columns: guessColumns(table),
      dates: 'yyyy-MM-dd',
      dialUnit: guessDialUnit(valuesOf(table, guessColumns(table).dial), isUs ? 'F' : 'C'),
      foods: {},
      bites: {},
      colours: {},
      evennesses: {},
      silent: { bite: '', colour: '', evenness: '' },
      fryerId: fryers[0]?.id ?? '',
    },
    table,
  );
}

/** The mapping with a guess for each word that is new in its columns. */
function withGuessedWords(mapping: NoteMapping, table: NoteTable): NoteMapping {
  const guessed = <Word,>(field: NoteField, known: Readonly<Record<string, Word>>, guess: (value: string) => Word) =>
    Object.fromEntries(valuesOf(table, mapping.columns[field]).map((value) => [value, known[value] ?? guess(value)]));
  const wayOf = (value: string) => {
    const food = guessFood(value);
    const way = waysOf(food)[0];
    return way ? `${food} ${way.id}` : '';
  };
  return {
    ...mapping,
    dates: guessDates(valuesOf(table, mapping.columns.date)),
    foods: guessed('food', mapping.foods, wayOf),
    bites: guessed('bite', mapping.bites, (value) => guessBite(value) ?? ''),
    colours: guessed('colour', mapping.colours, (value) => guessColour(value) ?? ''),
    evennesses: guessed('evenness', mapping.evennesses, (value) => guessEvenness(value) ?? ''),
  };
}

/** Old notes, step by step: the file, what its columns hold, what its words mean, and what comes of it. */
export function BringIn({ fryers, isUs }: { fryers: readonly KitchenFryer[]; isUs: boolean }) {
  const router = useRouter();
  const [table, setTable] = useState<NoteTable | null>(null);
  const [mapping, setMapping] = useState<NoteMapping | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [learn, setLearn] = useState(false);
  const [brought, setBrought] = useState<{ sent: number; added: number; done: boolean } | null>(null);
  const [now] = useState(() => Date.now());
  const found = useMemo(
    () => (table && mapping ? table.rows.map((row) => noteOfRow(row, mapping, fryers, now)) : []),
    [table, mapping, fryers, now],
  );
  const notes = found.flatMap((row) => ('note' in row ? [row.note] : []));
  const take = async (file: File | undefined) => {
    if (!file) return;
    setBrought(null);
    if (file.size > LARGEST_FILE) return setFault('This file is larger than 1 MB; take a part of it at a time.');
    const read = readNotes(await file.text());
    if (!read || read.rows.length === 0) {
      return setFault('This is no table: its first line should name the columns, the lines below be batches.');
    }
    setFault(null);
    setTable(read);
    setMapping(firstGuess(read, fryers, isUs));
  };
  const bring = async () => {
    let added = 0;
    for (let from = 0; from < notes.length; from += NOTES_AT_ONCE) {
      setBrought({ sent: from, added, done: false });
      const sent = await send('POST', '/api/kitchen/notes', {
        notes: notes
          .slice(from, from + NOTES_AT_ONCE)
          .map((note) => ({ ...note, document: writePlanFile(note.document) })),
        learn,
      });
      if (sent.kind !== 'done') {
        setBrought(null);
        return notifyError(`${sent.error} ${from} of ${notes.length} are in; bring in the rest by the same file.`);
      }
      added += (sent.answer as { added: number }).added;
    }
    setBrought({ sent: notes.length, added, done: true });
    router.refresh();
  };
  return (
    <div className="tray p-5">
      <label className="block text-[15px] font-semibold">
        The table
        <input
          type="file"
          accept=".csv,.tsv,.txt,text/csv,text/tab-separated-values"
          className="mt-1 block min-h-11 w-full text-[15px] font-normal"
          onChange={({ target }) => {
            void take(target.files?.[0]);
            target.value = '';
          }}
        />
      </label>
      {fault && (
        <p role="alert" className="mt-1 text-[15px] text-alarm">
          {fault}
        </p>
      )}
      {table && mapping && (
        <>
          <MapColumns
            table={table}
            mapping={mapping}
            fryers={fryers}
            onChange={(changed) => setMapping(withGuessedWords(changed, table))}
            onSet={setMapping}
          />
          <MapValues table={table} mapping={mapping} onChange={setMapping} />
          <FoundRows table={table} found={found} />
          <div className="mt-4 flex flex-wrap items-center gap-x-5 gap-y-2 border-t-2 border-enamel-deep pt-3">
            <Button
              look="main"
              disabled={notes.length === 0 || (brought !== null && !brought.done)}
              onClick={() => void bring()}
            >
              Bring in {notes.length === 1 ? 'one batch' : `${notes.length} batches`}
            </Button>
            <span className="flex items-center gap-1 text-[15px]">
              <Switch label="Let forecasts learn from them" checked={learn} onChange={setLearn} />
              <span aria-hidden>Let forecasts learn from them</span>
            </span>
            <p role="status" className="text-[15px]">
              {brought &&
                (brought.done
                  ? `${brought.added} put in the log${brought.added < brought.sent ? `; ${brought.sent - brought.added} already there` : ''}.`
                  : `${brought.sent} of ${notes.length} …`)}
            </p>
          </div>
        </>
      )}
    </div>
  );
}
