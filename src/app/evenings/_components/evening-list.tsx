'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { LARGEST_EVENING, readEvening } from '@/editing/read-evening';
import { newEvening, nextEvening } from '@/editing/edit-evening';
import { writeEveningFile } from '@/schemas/evening-file';
import { Button } from '@/ui/controls/button';
import { LocalTime } from '@/ui/local-time';
import { newId } from '@/ui/new-id';
import { notifyError } from '@/ui/notify';
import { send } from '@/ui/send';
import { useUnits } from '@/ui/units-context';
import { dayAndTimeText } from '@/ui/words/day-and-time';

interface Row {
  readonly id: string;
  readonly name: string;
  /** ms since 1970 */
  readonly serveAt: number;
  readonly people: number;
  readonly dishes: readonly string[];
}

/** Evenings to come and those that were, and a new one. */
export function EveningList({
  evenings,
  fryerIds,
  openedAt,
}: {
  evenings: readonly Row[];
  fryerIds: readonly string[];
  openedAt: number;
}) {
  const units = useUnits();
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const [takenOut, setTakenOut] = useState<Pick<Row, 'id' | 'name'> | null>(null);
  const [faults, setFaults] = useState<readonly string[]>([]);
  const open = async (file: File | undefined) => {
    if (!file) return;
    if (file.size > LARGEST_EVENING) return setFaults(['This file is larger than 1 MB, which no evening is.']);
    const reading = readEvening(await file.text(), fryerIds);
    setFaults(reading.kind === 'refused' ? reading.lines : []);
    if (reading.kind === 'evening') await begin(reading.evening);
  };
  const begin = async (evening = newEvening('Evening', nextEvening(new Date()), fryerIds)) => {
    setBusy(true);
    const id = newId();
    const document = writeEveningFile(evening);
    const sent = await send('PUT', `/api/evenings/${id}`, { document, base: null });
    if (sent.kind === 'done') return router.push(`/evenings/${id}`);
    setBusy(false);
    notifyError(sent.error);
  };
  const again = async (from: string) => {
    const eveningId = newId();
    const serveAt = nextEvening(new Date()).getTime();
    const sent = await send('POST', `/api/evenings/${from}/copies`, { eveningId, serveAt });
    if (sent.kind === 'done') router.push(`/evenings/${eveningId}`);
    else notifyError(sent.error);
  };
  const remove = async ({ id, name }: Pick<Row, 'id' | 'name'>, removed: boolean) => {
    const sent = await send('PUT', `/api/evenings/${id}/removal`, { removed });
    if (sent.kind !== 'done') return notifyError(sent.error);
    setTakenOut(removed ? { id, name } : null);
    router.refresh();
  };
  const list = (rows: readonly Row[]) => (
    <ul className="mt-1 divide-y divide-enamel-deep">
      {rows.map(({ id, name, serveAt, people, dishes }) => (
        <li key={id} className="flex flex-wrap items-center gap-x-4 gap-y-1 py-2">
          <div className="min-w-0 grow basis-72">
            <Link
              href={`/evenings/${id}`}
              className="font-display text-[19px] font-semibold text-rim underline-offset-4 hover:underline"
            >
              {name}
            </Link>
            <p className="text-[15px]">
              <LocalTime at={serveAt} write={(date) => dayAndTimeText(date, 'EEEE d MMMM', units)} />, for {people}
            </p>
            <p className="text-[14px] text-iron-soft">
              {dishes.map((dish) => dish.split(':')[0]).join(', ') || 'nothing on the table yet'}
            </p>
          </div>
          <Button look="quiet" onClick={() => again(id)}>
            Plan it again<span className="sr-only">: {name}</span>
          </Button>
          <Button look="quiet" onClick={() => remove({ id, name }, true)}>
            Remove<span className="sr-only"> {name}</span>
          </Button>
        </li>
      ))}
    </ul>
  );
  const toCome = evenings.filter(({ serveAt }) => serveAt > openedAt - 6 * 3_600_000).toReversed();
  const past = evenings.filter(({ serveAt }) => serveAt <= openedAt - 6 * 3_600_000);
  return (
    <div className="tray p-5">
      <div className="flex flex-wrap items-center gap-x-5">
        <h1 className="grow text-[26px]">Evenings</h1>
        <Button look="main" disabled={busy} onClick={() => void begin()}>
          Plan an evening
        </Button>
      </div>
      <p className="mt-1 text-[16px]">
        Several dishes, one time at the table: which goes into the fryer first, who does what, what waits where.
      </p>
      <label className="mt-2 flex flex-wrap items-center gap-x-3 text-[15px]">
        or open an evening file
        <input
          type="file"
          accept=".json,application/json"
          disabled={busy}
          className="min-h-11 max-w-full text-[15px]"
          onChange={({ target }) => {
            void open(target.files?.[0]);
            target.value = '';
          }}
        />
      </label>
      {faults.length > 0 && (
        <ul role="alert" className="text-[15px] text-alarm">
          {faults.map((fault) => (
            <li key={fault}>{fault}</li>
          ))}
        </ul>
      )}
      {takenOut && (
        <p role="status" className="mt-2 flex items-center gap-3 text-[15px]">
          “{takenOut.name}” was removed.
          <Button onClick={() => remove(takenOut, false)}>Put it back</Button>
        </p>
      )}
      {toCome.length > 0 && list(toCome)}
      {past.length > 0 && (
        <>
          <h2 className="mt-5 text-[20px]">Before</h2>
          {list(past)}
        </>
      )}
      {evenings.length === 0 && <p className="mt-4 text-[16px]">No evening is planned yet.</p>}
    </div>
  );
}
