import { proxy, wrap } from 'comlink';
import type { Observation } from '../../core/coach/observation';
import type { PlanFile } from '../../schemas/plan-file';
import type { CoachService, Correction } from './protocol';

/** A worker that corrects one run. */
export interface Coach {
  correct(
    document: PlanFile,
    observations: readonly Observation[],
    then: readonly PlanFile[],
    now: number,
    plannedDone: number | null,
  ): void;
  end(): void;
}

/** Starts the coach; a coach that fails leaves the forecast uncorrected. */
export function createCoach(onCorrection: (correction: Correction) => void): Coach {
  const worker = new Worker(new URL('./coach.worker.ts', import.meta.url), { type: 'module' });
  const service = wrap<CoachService>(worker);
  const report = proxy(onCorrection);
  return {
    correct: (document, observations, then, now, plannedDone) =>
      void service.correct(document, observations, then, now, plannedDone, report).catch(() => undefined),
    end: () => worker.terminate(),
  };
}
