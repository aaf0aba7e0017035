import type { Evidence } from '../../core/learn/evidence';
import type { Batch } from '../../schemas/batch';

/** Works out what finished batches say. */
export interface LearningService {
  evidence(batch: Pick<Batch, 'document' | 'events' | 'outcome'>): Evidence;
}
