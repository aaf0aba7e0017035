import type { Complaint } from '@/core/trouble/diagnose';
import type { Explained } from '@/editing/explain-difference';
import type { ChosenOpening } from '@/editing/openings-for';
import type { PlanFile } from '@/schemas/plan-file';
import type { TriedDiagnosis } from '@/workers/study/protocol';
import { createStudyService } from '@/workers/study/service';

/** What the log asks of the study worker, answered at once by the core itself. */
export function createStudyStandIn() {
  const service = createStudyService();
  const answer = <T>(asked: Promise<T | null>, onAnswer: (value: T) => void) => {
    void asked.then((value) => value && onAnswer(value));
    return () => undefined;
  };
  return {
    diagnose: (document: PlanFile, complaint: Complaint, onAnswer: (tried: TriedDiagnosis) => void) =>
      answer(service.diagnose(1, document, complaint), onAnswer),
    openings: (document: PlanFile, onAnswer: (chosen: ChosenOpening[]) => void) =>
      answer(service.openings(2, document), onAnswer),
    explain: (one: PlanFile, other: PlanFile, onAnswer: (explained: Explained) => void) =>
      answer(service.explain(3, one, other), onAnswer),
  };
}
