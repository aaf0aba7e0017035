'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { Button } from '@/ui/controls/button';
import { forgetKitchenHere } from '@/ui/forget-kitchen';
import { notify, notifyError } from '@/ui/notify';
import { send } from '@/ui/send';
import { type ArchiveProgress, bringArchive } from './bring-archive';

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
  const [progress, setProgress] = useState<ArchiveProgress | null>(null);
  const takeIn = async (file: File) => {
    setProgress({ kind: 'sending', sent: 0, size: file.size, broken: false });
    const brought = await bringArchive(file, setProgress);
    setProgress(null);
    if (!brought.ok) return notifyError(brought.why);
    notify(
      brought.added === 0
        ? 'Everything in it was here already.'
        : `${brought.added} rows taken in${brought.same ? '; the kitchen is the same as the one taken out' : ''}.`,
    );
    router.refresh();
  };
  const change = async (method: 'PUT' | 'DELETE', body: object) => {
    const sent = await send(method, '/api/kitchen/removal', body);
    if (sent.kind !== 'done') return notifyError(sent.error);
    /* pages that this device has kept go with it */
    if (method === 'PUT') await forgetKitchenHere();
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
            disabled={progress !== null}
            onChange={(event) => {
              const [file] = event.target.files ?? [];
              if (file) void takeIn(file);
              event.target.value = '';
            }}
            className="mt-1 block h-11 text-[15px] font-normal"
          />
        </label>
      </div>
      {progress && <Progress progress={progress} />}
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

/** How far an archive has come, as a bar and in words. */
function Progress({ progress }: { progress: ArchiveProgress }) {
  const share = progress.kind === 'sending' ? progress.sent / Math.max(1, progress.size) : undefined;
  return (
    <div className="mt-3 max-w-md">
      <progress
        aria-label="Taking in the archive"
        max={1}
        value={share}
        className="block h-3 w-full appearance-none overflow-hidden rounded-part bg-enamel-deep [&::-moz-progress-bar]:bg-rim [&::-webkit-progress-bar]:bg-enamel-deep [&::-webkit-progress-value]:bg-rim"
      />
      <p role="status" className="mt-1 text-[15px]">
        {progress.kind === 'taking'
          ? `All of it has arrived. Being checked and taken in${progress.rows > 0 ? `: ${progress.rows} rows so far` : ' …'}`
          : `${megabytes(progress.sent)} of ${megabytes(progress.size)} MB have arrived${
              progress.broken ? '. The line broke; it goes on from here as soon as it is back' : ''
            }`}
      </p>
    </div>
  );
}

const megabytes = (bytes: number) => (bytes / 1e6).toFixed(1);
