import { change, list, type Runner } from '../query';

/** What a batch says, as kept beside it; not yet trusted. */
export interface EvidenceRow {
  batch_id: string;
  fryer_name: string;
  begun_at: Date;
  left_out: boolean;
  name: string;
  made_with: unknown;
  evidence: unknown;
  /** when the evidence was kept */
  made_at: Date;
}

/** Which events and which outcome a batch is told by: evidence of another is out of date. */
const TOLD_BY = `(b.last_seq || '/' || floor(extract(epoch FROM o.recorded_at) * 1000000))`;

/** What the newest batches of the kitchen say that are finished and not removed, oldest first; those whose evidence is out of date are left out. */
export async function listEvidence(kitchenId: string, version: number, limit: number): Promise<EvidenceRow[]> {
  return list<EvidenceRow>(
    `SELECT * FROM (
       SELECT b.batch_id, b.fryer_name, b.begun_at, b.left_out_at IS NOT NULL AS left_out, b.document->>'name' AS name,
         e.made_with, e.evidence, e.made_at
     FROM batch_evidence AS e
     JOIN batches AS b USING (kitchen_id, batch_id)
     JOIN outcomes AS o USING (kitchen_id, batch_id)
     WHERE e.kitchen_id = $1 AND e.version = $2 AND e.told_by = ${TOLD_BY} AND b.removed_at IS NULL
     ORDER BY b.begun_at DESC, b.batch_id LIMIT $3) AS newest
     ORDER BY begun_at, batch_id`,
    [kitchenId, version, limit],
  );
}

/** Finished batches that still have to be worked out, newest first, and what each is told by. */
export async function listUntold(
  kitchenId: string,
  version: number,
  limit: number,
  runner?: Runner,
): Promise<{ batch_id: string; told_by: string }[]> {
  return list<{ batch_id: string; told_by: string }>(
    `SELECT b.batch_id, ${TOLD_BY} AS told_by
     FROM batches AS b
     JOIN outcomes AS o USING (kitchen_id, batch_id)
     LEFT JOIN batch_evidence AS e USING (kitchen_id, batch_id)
     WHERE b.kitchen_id = $1 AND b.removed_at IS NULL AND (e.batch_id IS NULL OR e.version <> $2 OR e.told_by <> ${TOLD_BY})
     ORDER BY b.begun_at DESC LIMIT $3`,
    [kitchenId, version, limit],
    runner,
  );
}

/** Keeps what a batch says; false where it was told otherwise in the meantime, or is another kitchen's. */
export async function upsertEvidence(
  kitchenId: string,
  batchId: string,
  told: { version: number; toldBy: string; madeWith: unknown; evidence: unknown },
  runner?: Runner,
): Promise<boolean> {
  const changed = await change(
    `INSERT INTO batch_evidence (batch_id, kitchen_id, version, told_by, made_with, evidence)
     SELECT b.batch_id, b.kitchen_id, $3, $4, $5, $6
     FROM batches AS b JOIN outcomes AS o USING (kitchen_id, batch_id)
     WHERE b.kitchen_id = $1 AND b.batch_id = $2 AND ${TOLD_BY} = $4
     ON CONFLICT (batch_id) DO UPDATE SET version = EXCLUDED.version, told_by = EXCLUDED.told_by,
       made_with = EXCLUDED.made_with, evidence = EXCLUDED.evidence, made_at = clock_timestamp()
       WHERE batch_evidence.kitchen_id = EXCLUDED.kitchen_id`,
    [kitchenId, batchId, told.version, told.toldBy, JSON.stringify(told.madeWith), JSON.stringify(told.evidence)],
    runner,
  );
  return changed === 1;
}

/** Leaves a batch out of what is learnt, or takes it in again. */
export async function setLeftOut(
  kitchenId: string,
  batchId: string,
  leftOut: boolean,
  runner?: Runner,
): Promise<boolean> {
  const changed = await change(
    `UPDATE batches SET left_out_at = CASE WHEN $3 THEN clock_timestamp() END WHERE kitchen_id = $1 AND batch_id = $2`,
    [kitchenId, batchId, leftOut],
    runner,
  );
  return changed === 1;
}

/** Takes a batch out of the log, or puts it back. */
export async function setBatchRemoved(kitchenId: string, batchId: string, removed: boolean): Promise<boolean> {
  const changed = await change(
    `UPDATE batches SET removed_at = CASE WHEN $3 THEN clock_timestamp() END WHERE kitchen_id = $1 AND batch_id = $2`,
    [kitchenId, batchId, removed],
  );
  return changed === 1;
}

/** Whether forecasts use what was learnt of a fryer, and from when on batches count for it; null counts all, what is not named stays. */
export async function setFryerLearning(
  kitchenId: string,
  fryerId: string,
  { inUse, from }: { inUse?: boolean | undefined; from?: Date | null | undefined },
): Promise<boolean> {
  const changed = await change(
    `UPDATE fryers SET
       not_learnt_at = CASE WHEN $3::boolean IS NULL THEN not_learnt_at WHEN $3 THEN NULL ELSE clock_timestamp() END,
       learns_from = CASE WHEN $4 THEN $5 ELSE learns_from END
     WHERE kitchen_id = $1 AND fryer_id = $2`,
    [kitchenId, fryerId, inUse ?? null, from !== undefined, from ?? null],
  );
  return changed === 1;
}
