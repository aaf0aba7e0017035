import { proxy, wrap } from 'comlink';
import type { Observation } from '../../core/coach/observation';
import type { PlanFile } from '../../schemas/plan-file';
import { mendedService } from '../mended-service';
import { faultIfSilent } from '../ready';
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

/** Starts the coach. One that ends by a fault is started anew and learns all that was told again; one that fails leaves the forecast uncorrected. */
export function createCoach(onCorrection: (correction: Correction) => void): Coach {
  const coach = mendedService(() => {
    const worker = faultIfSilent(new Worker(new URL('./coach.worker.ts', import.meta.url), { type: 'module' }));
    return { worker, service: wrap<CoachService>(worker) };
  });
  const report = proxy(onCorrection);
  let newest = 0;
  return {
    correct(document, observations, then, now, plannedDone) {
      const own = ++newest;
      void coach
        .askWhile(
          () => own === newest,
          (service) => service.correct(document, observations, then, now, plannedDone, report),
        )
        .catch(() => undefined);
    },
    end: () => coach.end(),
  };
}
