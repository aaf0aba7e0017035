'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { Button } from '@/ui/controls/button';
import { notify, notifyError } from '@/ui/notify';
import { send } from '@/ui/send';

/** The kitchen as a whole: out as an archive, in again, and away. */
export function ArchivePanel({
  name,
  isDemo,
  isOwner,
  removedAt,
}: {
  name: string;
  isDemo: boolean;
  isOwner: boolean;
  /** ms since 1970, where its removal was asked for */
  removedAt: number | null;
}) {
  const router = useRouter();
  const [word, setWord] = useState('');
  const [busy, setBusy] = useState(false);
  const takeIn = async (file: File) => {
    setBusy(true);
    try {
      const response = await fetch('/api/kitchen/archive', {
        method: 'POST',
        headers: { 'content-type': 'application/zip' },
        body: file,
      });
      const answer = (await response.json()) as { error?: string; added?: number; same?: boolean };
      if (!response.ok) notifyError(answer.error ?? 'The archive could not be taken in.');
      else {
        notify(
          answer.added === 0
            ? 'Everything in it was here already.'
            : `${answer.added} rows taken in${answer.same ? '; the kitchen is the same as the one taken out' : ''}.`,
        );
        router.refresh();
      }
    } catch {
      notifyError('The server cannot be reached; nothing was taken in.');
    }
    setBusy(false);
  };
  const change = async (method: 'PUT' | 'DELETE', body: object) => {
    const sent = await send(method, '/api/kitchen/removal', body);
    if (sent.kind !== 'done') return notifyError(sent.error);
    setWord('');
    router.refresh();
  };
  return (
    <section aria-labelledby="archive">
      <h2 id="archive" className="text-[22px]">
        The whole kitchen
      </h2>
      <p className="mt-1 text-[15px]">
        Fryers, cutters, plans, batches and all that was said, as one open archive (zip of JSON Lines, plan files and a
        table of the log). It can be taken in here or on another server.
      </p>
      <div className="mt-3 flex flex-wrap items-center gap-3">
        <a
          href="/api/kitchen/archive"
          download
          className="flex min-h-11 items-center rounded-part border-2 border-rim px-4 font-semibold text-rim"
        >
          Take it out
        </a>
        <label className="text-[14px] font-semibold">
          Take in an archive
          <input
            type="file"
            accept=".zip,application/zip"
            disabled={busy}
            onChange={(event) => {
              const [file] = event.target.files ?? [];
              if (file) void takeIn(file);
              event.target.value = '';
            }}
            className="mt-1 block h-11 text-[15px] font-normal"
          />
        </label>
      </div>
      {!isDemo && isOwner && removedAt === null && (
        <form
          className="mt-4 flex flex-wrap items-end gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            void change('PUT', { word });
          }}
        >
          <label className="text-[14px] font-semibold">
            To remove it, type its name: {name}
            <input
              value={word}
              onChange={(event) => setWord(event.target.value)}
              className="mt-1 block h-11 w-56 rounded-part border-2 border-enamel-deep bg-paper px-3 text-[16px] font-normal"
            />
          </label>
          <Button type="submit" disabled={word !== name}>
            Remove the kitchen
          </Button>
        </form>
      )}
      {removedAt !== null && (
        <p role="alert" className="mt-4 flex flex-wrap items-center gap-3 text-[15px]">
          This kitchen is removed for good a day after that was asked for.
          {isOwner && <Button onClick={() => void change('DELETE', {})}>Keep it after all</Button>}
        </p>
      )}
    </section>
  );
}
