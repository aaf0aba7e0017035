'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { PlanFile } from '@/schemas/plan-file';
import { isNotNow, send } from '@/ui/send';
import { NOT_HERE } from '@/ui/words/not-here';
import { writePlanFile } from '@/schemas/write-plan';
import { rememberSaved, savedSince } from '@/ui/outbox/newest-saved';
import { forgetUnsaved, keepUnsaved, unsavedPlan } from '@/ui/outbox/unsaved-plans';
import type { Elsewhere } from './read-elsewhere';
import { knownRevision } from './plan-shelf';

/** Waits this long after the last release before it saves, and before it tries again, ms. */
const SETTLE = 400;
const RETRY = 4000;

/** What came of one save. */
type Stored = 'stored' | 'refused' | 'away';

/** How saving stands. */
export interface Saving {
  /** what to show of it */
  readonly words: string;
  /** set where the plan was changed elsewhere; nothing is saved until the cook has chosen */
  readonly elsewhere: Elsewhere | null;
  /** goes on from what stands elsewhere: the next save writes over it */
  readonly settle: (with_: Elsewhere) => void;
  /** saves at once; false where it could not be stored */
  readonly saveNow: () => Promise<boolean>;
}

/** Saves the plan when it has come to rest, and again until it is stored; never over what was changed elsewhere. */
export function useSaving(
  planId: string,
  fryerId: string,
  document: PlanFile | null,
  initial: PlanFile,
  revision: number,
): Saving {
  const [words, setWords] = useState('');
  const [stored, setStored] = useState({ document: initial, fryerId });
  const [elsewhere, setElsewhere] = useState<Elsewhere | null>(null);
  const base = useRef(revision);
  const onItsWay = useRef<Promise<Stored> | null>(null);
  useEffect(() => {
    /* what this device could not store yet was made from an older revision, if the server has moved on */
    const newest = savedSince(planId, revision)?.revision ?? revision;
    base.current = unsavedPlan(planId)?.base ?? knownRevision(planId, newest);
  }, [planId, revision]);
  const isStored = document === null || (stored.document === document && stored.fryerId === fryerId);

  const store = useCallback(
    async (leaving: boolean): Promise<Stored> => {
      if (document === null) return 'stored';
      /* what is on its way will have made the next revision by the time this arrives */
      const ahead = leaving && onItsWay.current ? 1 : 0;
      const body = { fryerId, document: writePlanFile(document), base: base.current + ahead };
      /* nobody reads the answer of a page that is left */
      if (leaving) keepUnsaved(planId, body);
      const sent = await send('PUT', `/api/plans/${planId}`, body, leaving);
      if (sent.kind === 'done') {
        const { revision: told } = (sent.answer ?? {}) as { revision?: number };
        if (told !== undefined) {
          base.current = knownRevision(planId, told);
          rememberSaved(planId, told, body.document);
        }
        forgetUnsaved(planId);
        setStored({ document, fryerId });
        setWords('Saved');
        return 'stored';
      }
      if (sent.kind === 'away' || isNotNow(sent)) {
        keepUnsaved(planId, body);
        setWords(sent.kind === 'away' ? 'Not saved yet; trying again' : NOT_HERE);
        return 'away';
      }
      /* the parser is loaded only where it is needed */
      const { readElsewhere } = await import('./read-elsewhere');
      const other = readElsewhere(sent.answer);
      if (other) {
        setElsewhere(other);
        setWords('Changed elsewhere');
      } else setWords(`Not saved: ${sent.error}`);
      return 'refused';
    },
    [planId, fryerId, document],
  );
  /* one after the other: a save names the revision that the one before it made */
  const save = useCallback(async (): Promise<Stored> => {
    const own = (onItsWay.current ?? Promise.resolve()).then(() => store(false));
    onItsWay.current = own;
    const stored = await own;
    if (onItsWay.current === own) onItsWay.current = null;
    return stored;
  }, [store]);

  useEffect(() => {
    if (document === null || isStored || elsewhere) return;
    let stopped = false;
    let timer: ReturnType<typeof setTimeout>;
    let begun = false;
    /* what was moved in the last moment before the page is left is sent on the way out */
    const onLeave = () => {
      if (!begun) void store(true);
    };
    const attempt = async () => {
      begun = true;
      if ((await save()) === 'away' && !stopped) timer = setTimeout(attempt, RETRY);
    };
    timer = setTimeout(attempt, SETTLE);
    window.addEventListener('pagehide', onLeave);
    return () => {
      stopped = true;
      window.removeEventListener('pagehide', onLeave);
      clearTimeout(timer);
    };
  }, [document, isStored, elsewhere, save, store]);

  const settle = useCallback(
    (with_: Elsewhere) => {
      base.current = knownRevision(planId, with_.revision);
      setElsewhere(null);
    },
    [planId],
  );
  const saveNow = useCallback(async () => (await save()) === 'stored', [save]);

  /* “Saved” stands only for what is on the bench now */
  return { words: !isStored && words === 'Saved' ? 'Saving …' : words, elsewhere, settle, saveNow };
}
