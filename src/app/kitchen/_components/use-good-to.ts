'use client';

import { useEffect, useMemo, useState } from 'react';
import type { PullInterval } from '@/core/forecast/pull-interval';
import { withoutKnowledge } from '@/editing/with-knowledge';
import type { PlanFile } from '@/schemas/plan-file';
import { useStudy } from '@/ui/study/study-context';

/** Half the interval of a moment to pull, min; null where one end is not known. */
function halfOf({ p10, p90 }: PullInterval): number | null {
  return p10 === null || p90 === null ? null : (p90 - p10) / 120;
}

/** How surely the pull of each plan is known, ± min; null while it is worked out, or where it cannot be said. */
export function useHalves(documents: readonly PlanFile[]): readonly (number | null)[] | null {
  const study = useStudy();
  const [known, setKnown] = useState<{ of: string; halves: readonly (number | null)[] } | null>(null);
  const question = JSON.stringify(documents);
  useEffect(
    () =>
      study?.intervals(JSON.parse(question) as PlanFile[], (intervals) =>
        setKnown({ of: question, halves: intervals.map(halfOf) }),
      ),
    [study, question],
  );
  return known?.of === question ? known.halves : null;
}

/** How good a plan's forecast was by the label, and is with what was learnt, ± min. */
export function useGoodTo(plan: PlanFile | null): { readonly before: string; readonly now: string } | null {
  const documents = useMemo(() => (plan ? [withoutKnowledge(plan), plan] : []), [plan]);
  const [before, now] = useHalves(documents) ?? [];
  return before != null && now != null ? { before: before.toFixed(1), now: now.toFixed(1) } : null;
}
