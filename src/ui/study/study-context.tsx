'use client';

import { createContext, type ReactNode, useContext, useEffect, useState, useSyncExternalStore } from 'react';
import type { PlanOutcome } from '../../core/forecast/plan-outcome';
import type { PlanFile } from '../../schemas/plan-file';
import { createStudy, type Study } from '../../workers/study/client';
import { createOutcomeStore, type OutcomeStore } from './outcome-store';

interface Desk {
  readonly study: Study;
  readonly outcomes: OutcomeStore;
}

const DeskContext = createContext<Desk | null>(null);

/** Gives the parts below a worker for slower questions; started after the first paint, so that it does not delay it. */
export function StudyProvider({ children }: { children: ReactNode }) {
  const [desk, setDesk] = useState<Desk | null>(null);
  useEffect(() => {
    let started: Desk | null = null;
    const timer = setTimeout(() => {
      const study = createStudy();
      started = { study, outcomes: createOutcomeStore(study.outcomes) };
      setDesk(started);
    });
    return () => {
      clearTimeout(timer);
      started?.outcomes.end();
      started?.study.end();
    };
  }, []);
  useEffect(() => {
    if (!desk) return;
    const press = ({ button }: PointerEvent) => desk.outcomes.hold(button === 0);
    const letGo = () => desk.outcomes.hold(false);
    const ends = ['pointerup', 'pointercancel'] as const;
    window.addEventListener('pointerdown', press, true);
    ends.forEach((end) => window.addEventListener(end, letGo, true));
    /* of the window itself: that of a control does not bubble up to it */
    window.addEventListener('blur', letGo);
    return () => {
      window.removeEventListener('pointerdown', press, true);
      ends.forEach((end) => window.removeEventListener(end, letGo, true));
      window.removeEventListener('blur', letGo);
    };
  }, [desk]);
  return <DeskContext value={desk}>{children}</DeskContext>;
}

/** The study worker, or null while it starts and where there is none. */
export function useStudy(): Study | null {
  return useContext(DeskContext)?.study ?? null;
}

const NEVER = () => () => undefined;

/** Outcomes of plans, in their order; undefined while not known, null where a plan cannot be worked out. */
export function useOutcomes(documents: readonly PlanFile[]): readonly (PlanOutcome | null | undefined)[] {
  const store = useContext(DeskContext)?.outcomes ?? null;
  const keys = documents.map((document) => JSON.stringify(document));
  const question = keys.join('\n');
  useEffect(() => (store && question !== '' ? store.want(question.split('\n')) : undefined), [store, question]);
  /* a text that changes exactly when one of the outcomes does */
  const snapshot = useSyncExternalStore(
    store ? store.subscribe : NEVER,
    () => (store ? keys.map((key) => (store.outcome(key) === undefined ? '0' : '1')).join('') : ''),
    () => '',
  );
  return keys.map((key, i) => (snapshot[i] === '1' ? store?.outcome(key) : undefined));
}
