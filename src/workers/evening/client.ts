import { proxy, wrap } from 'comlink';
import { mendedService } from '../mended-service';
import { faultIfSilent } from '../ready';
import type { EveningQuestion, EveningService, EveningView } from './protocol';

/** Puts evenings in order in a worker. */
export interface EveningPlanner {
  /** null where a newer question was asked meanwhile */
  arrange(question: EveningQuestion, report: (done: number, of: number) => void): Promise<EveningView | null>;
  end(): void;
}

/** Starts the worker. */
export function createEveningPlanner(): EveningPlanner {
  const planner = mendedService(() => {
    const worker = faultIfSilent(new Worker(new URL('./evening.worker.ts', import.meta.url), { type: 'module' }));
    return { worker, service: wrap<EveningService>(worker) };
  });
  return {
    arrange: (question, report) => planner.ask((service) => service.arrange(question, proxy(report))),
    end: () => planner.end(),
  };
}
