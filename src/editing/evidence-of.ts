import { batchEvidence } from '../core/learn/batch-evidence';
import { type Evidence, NO_EVIDENCE } from '../core/learn/evidence';
import type { CameOut } from '../core/learn/what-came-out';
import { deriveRun } from '../core/run/run-state';
import { REAL_TIME } from '../core/run/shown-clock';
import type { Batch, Outcome } from '../schemas/batch';
import { planFromFile } from '../schemas/plan-from-file';
import type { PlanFile } from '../schemas/plan-file';
import { asCooked } from './as-cooked';
import { WISHED_BROWNING } from './wished-browning';
import { withoutKnowledge } from './with-knowledge';

/** What of an outcome can be held against a simulation: a tap on "as wished" tells how it was liked, not how brown it was. */
function cameOut({ browning, liked, crispness, heart }: Outcome, { target }: PlanFile): CameOut {
  const onlyLiked = liked === 'as-wished' && browning === WISHED_BROWNING[target.colour];
  return { browning: onlyLiked ? null : browning, liked, bite: crispness, heart };
}

/** What a batch says of fryer, food and taste: nothing before it is out and its outcome told, and never in a rehearsal. Cost: sixteen coarse cooks. */
export function evidenceOf(batch: Pick<Batch, 'document' | 'events' | 'outcome'>): Evidence {
  const run = deriveRun(batch.events);
  if (run.clock !== REAL_TIME || run.loadedAt === null || run.doneAt === null || !batch.outcome) return NO_EVIDENCE;
  const cooked = withoutKnowledge(asCooked(batch.document, run));
  const pulledAt = (run.doneAt - run.loadedAt) / 1000;
  const { outcome, document } = batch;
  return batchEvidence(planFromFile(cooked), run.observations, pulledAt, cameOut(outcome, document), run.called);
}
