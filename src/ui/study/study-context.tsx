'use client';

import { createContext, type ReactNode, useContext, useEffect, useState } from 'react';
import type { PlanOutcome } from '../../core/forecast/plan-outcome';
import type { PlanFile } from '../../schemas/plan-file';
import { createStudy, type Study } from '../../workers/study/client';

const StudyContext = createContext<Study | null>(null);

/** Gives the parts below a worker for slower questions; started after the first paint, so that it does not delay it. */
export function StudyProvider({ children }: { children: ReactNode }) {
  const [study, setStudy] = useState<Study | null>(null);
  useEffect(() => {
    let started: Study | null = null;
    const timer = setTimeout(() => {
      started = createStudy();
      setStudy(started);
    });
    return () => {
      clearTimeout(timer);
      started?.end();
    };
  }, []);
  return <StudyContext value={study}>{children}</StudyContext>;
}

/** The study worker, or null while it starts and where there is none. */
export function useStudy(): Study | null {
  return useContext(StudyContext);
}

/** Rest after the last change before slower questions are asked, ms. */
const SETTLE = 250;

/** Answers kept, newest last. */
const KEPT = 400;

/** Outcomes of plans by their text; undefined while not known. Asks for those not asked before, once nothing moves. */
export function useOutcomes(documents: readonly PlanFile[]): readonly (PlanOutcome | undefined)[] {
  const study = useStudy();
  const [known, setKnown] = useState<ReadonlyMap<string, PlanOutcome>>(new Map());
  const keys = documents.map((document) => JSON.stringify(document));
  const question = keys.join('\n');

  useEffect(() => {
    if (!study || question === '') return;
    const missing = question.split('\n').filter((key) => !known.has(key));
    if (missing.length === 0) return;
    let callOff: (() => void) | null = null;
    const timer = setTimeout(() => {
      callOff = study.outcomes(
        missing.map((key) => JSON.parse(key) as PlanFile),
        (outcomes) =>
          setKnown((before) => {
            const all = [...before, ...outcomes.map((outcome, i) => [missing[i]!, outcome] as const)];
            return new Map(all.slice(-KEPT));
          }),
      );
    }, SETTLE);
    return () => {
      clearTimeout(timer);
      callOff?.();
    };
  }, [study, question, known]);

  return keys.map((key) => known.get(key));
}
