'use client';

import { useEffect, useState } from 'react';
import type { Complaint } from '@/core/trouble/diagnose';
import type { PlanFile } from '@/schemas/plan-file';
import { useStudy } from '@/ui/study/study-context';
import type { TriedDiagnosis } from '@/workers/study/protocol';

/** What may have spoilt a batch of this plan; null while it is worked out. */
export function useDiagnosis(document: PlanFile, complaint: Complaint | null): TriedDiagnosis | null {
  const study = useStudy();
  const [tried, setTried] = useState<{ of: Complaint; found: TriedDiagnosis } | null>(null);
  useEffect(() => {
    if (complaint) return study?.diagnose(document, complaint, (found) => setTried({ of: complaint, found }));
  }, [study, document, complaint]);
  return tried && tried.of === complaint ? tried.found : null;
}
