import { wrap } from 'comlink';
import type { Evidence } from '../../core/learn/evidence';
import type { Batch } from '../../schemas/batch';
import { faultIfSilent } from '../ready';
import type { LearningService } from './protocol';

/** What one finished batch says, worked out in a worker of its own; null where that failed. */
export async function evidenceApart(batch: Pick<Batch, 'document' | 'events' | 'outcome'>): Promise<Evidence | null> {
  const worker = faultIfSilent(new Worker(new URL('./learning.worker.ts', import.meta.url), { type: 'module' }));
  try {
    return await Promise.race([
      wrap<LearningService>(worker).evidence({
        document: batch.document,
        events: batch.events,
        outcome: batch.outcome,
      }),
      new Promise<null>((resolve) => (worker.onerror = () => resolve(null))),
    ]);
  } catch {
    return null;
  } finally {
    worker.terminate();
  }
}
