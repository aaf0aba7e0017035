'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { z } from 'zod';
import { type EveningFile, eveningFileSchema, writeEveningFile } from '@/schemas/evening-file';
import { keepValue, keptValue } from '@/ui/kept-value';
import { rememberSaved, savedSince } from '@/ui/outbox/newest-saved';
import { isNotNow, send } from '@/ui/send';
import { NOT_HERE } from '@/ui/words/not-here';

/** Rest after a change before it is saved, and before it is tried again, ms. */
const SETTLE = 500;
const RETRY = 4000;

/** Changes that can be taken back. */
const DEPTH = 50;

/** The evening as another tab or device has left it. */
export interface ChangedEvening {
  readonly revision: number;
  readonly document: EveningFile;
}

function readElsewhere(answer: unknown): ChangedEvening | null {
  const { code, revision, document } = (answer ?? {}) as { code?: string; revision?: number; document?: unknown };
  if (code !== 'changed-elsewhere' || revision === undefined) return null;
  const parsed = eveningFileSchema.safeParse(document);
  return parsed.success ? { revision, document: parsed.data } : null;
}

const keyOf = (id: string) => `drubek-evening-${id}-document`;
const keptSchema = z.object({ base: z.number(), document: eveningFileSchema });

/** The evening being planned: changed at once, saved when it has come to rest, never over what was changed elsewhere. */
export function useEvening(id: string, initial: EveningFile, revision: number) {
  const [document, setDocument] = useState(initial);
  const [past, setPast] = useState<readonly EveningFile[]>([]);
  const [stored, setStored] = useState(initial);
  const [words, setWords] = useState('');
  const [elsewhere, setElsewhere] = useState<ChangedEvening | null>(null);
  const base = useRef(revision);
  const change = useCallback((next: (before: EveningFile) => EveningFile) => {
    setDocument((before) => {
      const after = next(before);
      if (after !== before) setPast((all) => [...all, before].slice(-DEPTH));
      return after;
    });
  }, []);
  const undo = useCallback(() => {
    setPast((all) => {
      const before = all.at(-1);
      if (before) setDocument(before);
      return all.slice(0, -1);
    });
  }, []);
  useEffect(() => {
    /* what could not be saved before the page was left; where it was changed elsewhere since, saving asks which to keep */
    const kept = keptValue(keyOf(id), keptSchema);
    /* what was saved, where the page is the one that was kept before */
    const saved = kept ? null : savedSince(id, revision);
    const newer = kept?.document ?? eveningFileSchema.safeParse(saved?.document).data;
    if (!newer) return;
    base.current = kept?.base ?? saved!.revision;
    // eslint-disable-next-line react-hooks/set-state-in-effect
    setDocument(newer);
    if (saved) setStored(newer);
  }, [id, revision]);
  useEffect(() => {
    if (document === stored || elsewhere) return;
    let stopped = false;
    let timer: ReturnType<typeof setTimeout>;
    const store = async (leaving: boolean) => {
      const body = { document: writeEveningFile(document), base: base.current };
      keepValue(keyOf(id), body);
      const sent = await send('PUT', `/api/evenings/${id}`, body, leaving);
      if (sent.kind === 'done') {
        base.current = (sent.answer as { revision: number }).revision;
        rememberSaved(id, base.current, body.document);
        setStored(document);
        setWords('Saved');
        keepValue(keyOf(id), null);
      } else if (sent.kind === 'away' || isNotNow(sent)) {
        setWords(sent.kind === 'away' ? 'Not saved yet; trying again' : NOT_HERE);
        if (!stopped) timer = setTimeout(() => void store(false), RETRY);
      } else {
        const other = readElsewhere(sent.answer);
        if (other) setElsewhere(other);
        /* what the server will never take would come back with every reload */
        else keepValue(keyOf(id), null);
        setWords(other ? 'Changed elsewhere' : `Not saved: ${sent.error}`);
      }
    };
    const onLeave = () => void store(true);
    timer = setTimeout(() => void store(false), SETTLE);
    window.addEventListener('pagehide', onLeave);
    return () => {
      stopped = true;
      clearTimeout(timer);
      window.removeEventListener('pagehide', onLeave);
    };
  }, [id, document, stored, elsewhere]);
  const settle = useCallback(
    (keep: 'mine' | 'theirs') => {
      if (!elsewhere) return;
      base.current = elsewhere.revision;
      if (keep === 'theirs') {
        setDocument(elsewhere.document);
        setStored(elsewhere.document);
        keepValue(keyOf(id), null);
      }
      setElsewhere(null);
    },
    [id, elsewhere],
  );
  return {
    document,
    change,
    undo,
    canUndo: past.length > 0,
    words: document === stored ? words : words === 'Saved' ? 'Saving …' : words,
    elsewhere,
    settle,
  };
}
