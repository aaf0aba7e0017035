'use client';

import { useEffect, useMemo, useRef, useState, useSyncExternalStore } from 'react';
import type { PlanFile } from '@/schemas/plan-file';
import { savedSince } from '@/ui/outbox/newest-saved';
import { unsavedPlan } from '@/ui/outbox/unsaved-plans';

type Kept = { readonly document: unknown } | null;

const never = () => () => undefined;

function once(look: () => Kept): () => Kept {
  let found: Kept | undefined;
  return () => (found === undefined ? (found = look()) : found);
}

/**
 * Takes up what this device holds of a plan that is newer than the page: what it could not store before it was reloaded, or has stored
 * since the page was kept that stands here now. True while that is still being read: the plan that stands here is not the last word.
 */
export function useKeptPlan(planId: string, revision: number, takeUp: (document: PlanFile) => void): boolean {
  /* looked for once for each page that comes: what is moved on the bench since is newer */
  const look = useMemo(() => once(() => unsavedPlan(planId) ?? savedSince(planId, revision)), [planId, revision]);
  const kept = useSyncExternalStore(never, look, () => null);
  const [read, setRead] = useState<Kept>(null);
  const begun = useRef<Kept>(null);
  useEffect(() => {
    if (!kept || begun.current === kept) return;
    begun.current = kept;
    void import('./read-elsewhere')
      .then(({ readPlan }) => {
        const document = readPlan(kept.document);
        if (document) takeUp(document);
      })
      .finally(() => setRead(kept));
  }, [kept, takeUp]);
  return kept !== read && kept !== null;
}
