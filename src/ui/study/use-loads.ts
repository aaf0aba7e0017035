'use client';

import { useEffect, useState } from 'react';
import type { PlanFile } from '../../schemas/plan-file';
import type { LoadsOutcome } from '../../workers/study/protocol';
import { useStudy } from './study-context';

/** How a plan turns out in `count` loads one after the other; undefined while it is being worked out. */
export function useLoads(document: PlanFile, count: number): LoadsOutcome | undefined {
  const study = useStudy();
  const question = JSON.stringify([document, count]);
  const [answer, setAnswer] = useState<{ question: string; loads: LoadsOutcome }>();
  useEffect(() => {
    if (!study) return;
    let callOff = () => {};
    const timer = setTimeout(() => {
      const [asked, loads] = JSON.parse(question) as [PlanFile, number];
      callOff = study.loads(asked, loads, (found) => setAnswer({ question, loads: found }));
    }, 200);
    return () => {
      clearTimeout(timer);
      callOff();
    };
  }, [study, question]);
  return answer?.question === question ? answer.loads : undefined;
}
