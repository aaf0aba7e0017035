'use client';

import { useEffect, useState } from 'react';
import type { HoldForecast, HoldPlace } from '../../core/forecast/hold';
import type { PlanFile } from '../../schemas/plan-file';
import { useStudy } from './study-context';

/** How the bite lasts at each place after pulling at `pulledAt` s; null while it is being worked out. */
export function useHold(document: PlanFile, pulledAt: number | null): Record<HoldPlace, HoldForecast> | null {
  const study = useStudy();
  const [holds, setHolds] = useState<Record<HoldPlace, HoldForecast> | null>(null);
  /* resting does not change the cook, so its own levers ask nothing anew */
  const question = JSON.stringify({ ...document, after: [] });
  useEffect(() => {
    if (!study || pulledAt === null) return;
    let callOff = () => {};
    const timer = setTimeout(() => {
      callOff = study.hold(JSON.parse(question) as PlanFile, pulledAt, setHolds);
    }, 200);
    return () => {
      clearTimeout(timer);
      callOff();
    };
  }, [study, question, pulledAt]);
  return pulledAt === null ? null : holds;
}
