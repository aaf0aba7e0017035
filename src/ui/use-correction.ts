'use client';

import { useEffect, useRef, useState } from 'react';
import type { Observation } from '../core/coach/observation';
import type { PlanFile } from '../schemas/plan-file';
import { type Coach, createCoach } from '../workers/coach/client';
import type { Correction } from '../workers/coach/protocol';

const AS_NOW: readonly PlanFile[] = [];

/** What was learnt in a run from what was told; null until the first answer. `plannedDone` in s. @param then the plan as it was at each observation; as now unless given */
export function useCorrection(
  document: PlanFile,
  observations: readonly Observation[],
  elapsed: number,
  plannedDone: number | null,
  then: readonly PlanFile[] = AS_NOW,
): Correction | null {
  const [correction, setCorrection] = useState<Correction | null>(null);
  const coach = useRef<Coach | null>(null);
  const now = useRef(elapsed);
  useEffect(() => {
    now.current = elapsed;
  });
  useEffect(() => {
    coach.current = createCoach((next) =>
      setCorrection((before) => ({
        ...next,
        advice: next.advice ?? (next.taken > 0 ? (before?.advice ?? null) : null),
      })),
    );
    return () => {
      coach.current?.end();
      coach.current = null;
    };
  }, []);
  useEffect(() => {
    coach.current?.correct(document, observations, then, now.current, plannedDone);
  }, [document, observations, then, plannedDone]);
  return correction;
}
