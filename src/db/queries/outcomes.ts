import { change, list, type Runner } from '../query';

/** What a cook said of a batch. */
export interface OutcomeRow {
  batch_id: string;
  crispness: string;
  browning: number;
  evenness: string;
  faults: string[];
  note: string;
  fingerprint: number[];
  liked: string | null;
  heart: string | null;
  next_time: string | null;
}

export async function listOutcomes(kitchenId: string, batchIds: readonly string[]): Promise<OutcomeRow[]> {
  return list<OutcomeRow>(
    `SELECT batch_id, crispness, browning, evenness, faults, note, fingerprint, liked, heart, next_time FROM outcomes
     WHERE kitchen_id = $1 AND batch_id = ANY($2)`,
    [kitchenId, batchIds],
  );
}

export async function upsertOutcome(
  kitchenId: string,
  batchId: string,
  outcome: Omit<OutcomeRow, 'batch_id'>,
  runner?: Runner,
): Promise<void> {
  await change(
    `INSERT INTO outcomes (batch_id, kitchen_id, crispness, browning, evenness, faults, note, fingerprint, liked, heart, next_time)
     VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11)
     ON CONFLICT (batch_id) DO UPDATE SET crispness = EXCLUDED.crispness, browning = EXCLUDED.browning,
       evenness = EXCLUDED.evenness, faults = EXCLUDED.faults, note = EXCLUDED.note,
       fingerprint = EXCLUDED.fingerprint, liked = EXCLUDED.liked, heart = EXCLUDED.heart, next_time = EXCLUDED.next_time, recorded_at = now()
       WHERE outcomes.kitchen_id = EXCLUDED.kitchen_id`,
    [
      batchId,
      kitchenId,
      outcome.crispness,
      outcome.browning,
      outcome.evenness,
      outcome.faults,
      outcome.note,
      outcome.fingerprint,
      outcome.liked,
      outcome.heart,
      outcome.next_time,
    ],
    runner,
  );
}
