'use client';

import { useEffect, useState } from 'react';
import type { PlanFile } from '../../schemas/plan-file';
import type { LoadsOutcome } from '../../workers/study/protocol';
import { useStudy } from './study-context';

/** How a plan turns out in its loads; undefined while it is being worked out, or nothing is asked. */
export function useLoads(document: PlanFile | null): LoadsOutcome | undefined {
  const study = useStudy();
  const question = document === null ? null : JSON.stringify(document);
  const [answer, setAnswer] = useState<{ question: string; loads: LoadsOutcome }>();
  useEffect(() => {
    if (!study || question === null) return;
    let callOff = () => {};
    const timer = setTimeout(() => {
      callOff = study.loads(JSON.parse(question) as PlanFile, (found) => setAnswer({ question, loads: found }));
    }, 200);
    return () => {
      clearTimeout(timer);
      callOff();
    };
  }, [study, question]);
  return answer && answer.question === question ? answer.loads : undefined;
}
