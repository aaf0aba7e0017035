'use client';

import { useRouter } from 'next/navigation';
import { useCallback, useEffect, useRef, useState } from 'react';
import { Button } from '@/ui/controls/button';
import { newId } from '@/ui/new-id';
import { send } from '@/ui/send';
import { useUnits } from '@/ui/units-context';
import { planPhrases } from '@/ui/words/plan-text';
import { LARGEST_FILE, type Reading } from '@/editing/read-plan';
import { readApart } from '@/workers/reading/client';
import { writePlanFile } from '@/schemas/write-plan';

/** A file, a pasted text, or what the link carried: read, reported, and then put on the bench. */
export function OpenPlan({ fryerId }: { fryerId: string }) {
  const router = useRouter();
  const [reading, setReading] = useState<Reading | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  /* counts what was asked to be read: an answer that was overtaken is dropped */
  const newest = useRef(0);
  const read = useCallback(async (kind: 'text' | 'link', value: string) => {
    const ticket = ++newest.current;
    const found = value.trim() === '' ? null : await readApart(kind, value);
    if (ticket === newest.current) setReading(found);
  }, []);
  useEffect(() => {
    const take = () => {
      const packed = /^#p=(.+)$/.exec(window.location.hash)?.[1];
      if (packed) void read('link', packed);
    };
    take();
    window.addEventListener('hashchange', take);
    return () => window.removeEventListener('hashchange', take);
  }, [read]);
  const takeFile = async (file: File | undefined) => {
    if (!file) return;
    if (file.size > LARGEST_FILE) {
      newest.current++;
      setReading({ kind: 'refused', lines: ['This file is larger than 1 MB, which no plan or recipe is.'] });
    } else await read('text', await file.text());
  };
  const putOnBench = async () => {
    if (reading?.kind !== 'plan') return;
    const planId = newId();
    const sent = await send('PUT', `/api/plans/${planId}`, {
      fryerId,
      document: writePlanFile(reading.document),
      base: 0,
    });
    if (sent.kind === 'done') router.push(`/?plan=${planId}`);
    else setProblem(`${sent.error} The plan is still here; try again.`);
  };
  return (
    <article className="tray p-5">
      <h1 className="text-[26px]">Open a plan</h1>
      <p className="mt-1 max-w-[70ch] text-[15px]">
        A plan file of Drubek (JSON), or a recipe as JSON-LD, also inside a saved web page. Nothing leaves this browser
        until you put it on the bench.
      </p>
      <div
        className="mt-3 rounded-part border-2 border-dashed border-rim bg-paper p-4"
        onDragOver={(event) => event.preventDefault()}
        onDrop={(event) => {
          event.preventDefault();
          void takeFile(event.dataTransfer.files[0]);
        }}
      >
        <label className="block text-[15px] font-semibold">
          Choose a file, or drop it here
          <input
            type="file"
            accept=".json,.jsonld,.html,.htm,application/json,application/ld+json"
            className="mt-2 block min-h-11 w-full text-[15px] font-normal"
            onChange={(event) => void takeFile(event.target.files?.[0])}
          />
        </label>
        <label className="mt-3 block text-[15px] font-semibold">
          or paste its text
          <textarea
            rows={4}
            className="mt-1 block w-full rounded-part border-2 border-enamel-deep bg-paper p-2 font-normal"
            onChange={(event) => void read('text', event.target.value)}
          />
        </label>
      </div>
      {reading && <Report reading={reading} putOnBench={putOnBench} />}
      {problem && (
        <p role="alert" className="mt-2 text-[15px] text-alarm">
          {problem}
        </p>
      )}
    </article>
  );
}

function Report({ reading, putOnBench }: { reading: Reading; putOnBench: () => void }) {
  const units = useUnits();
  if (reading.kind === 'refused') {
    return (
      <div role="alert" className="mt-4 border-l-4 border-alarm pl-3">
        <h2 className="text-[18px]">This cannot be a plan yet</h2>
        <ul className="mt-1 text-[15px]">
          {reading.lines.slice(0, 20).map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      </div>
    );
  }
  return (
    <div role="status" className="mt-4">
      <h2 className="text-[20px]">{reading.document.name}</h2>
      <p className="text-[15px]">
        Read as a {reading.from}: {planPhrases(reading.document, units).join(' · ')}.
      </p>
      {reading.understood.length > 0 && (
        <p className="mt-1 text-[15px]">
          <strong>Understood:</strong> {reading.understood.join(', ')}.
        </p>
      )}
      {reading.assumed.length > 0 && (
        <p className="mt-1 text-[15px]">
          <strong>Not found, so as in an ordinary plan:</strong> {reading.assumed.join(', ')}. Look these over on the
          bench.
        </p>
      )}
      <Button look="main" className="mt-3" onClick={putOnBench}>
        Put it on the bench
      </Button>
    </div>
  );
}
