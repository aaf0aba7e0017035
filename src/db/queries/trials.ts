import type { WrittenPlan } from '@/schemas/write-plan';
import { change, find, list, type Runner } from '../query';

/** A trial; its plans are not yet trusted. */
export interface TrialRow {
  trial_id: string;
  fryer_id: string;
  name: string;
  one: unknown;
  other: unknown;
  word_one: string;
  word_other: string;
  begun_at: Date;
  ended_at: Date | null;
}

/** One pair of a trial, with what is sealed. */
export interface TrialPairRow {
  pair: number;
  code_one: string;
  code_other: string;
  other_first: boolean;
  side_by_side: boolean;
  drawn_at: Date;
  revealed_at: Date | null;
}

/** What one taster said of a pair: codes of bowls, or 'alike'. */
export interface TastingRow {
  pair: number;
  taster: 'A' | 'B';
  crisper: string;
  rather: string;
}

const COLUMNS = 'trial_id, fryer_id, name, one, other, word_one, word_other, begun_at, ended_at';

export async function listTrials(kitchenId: string): Promise<TrialRow[]> {
  return list<TrialRow>(`SELECT ${COLUMNS} FROM trials WHERE kitchen_id = $1 ORDER BY begun_at DESC LIMIT 50`, [
    kitchenId,
  ]);
}

export async function findTrial(kitchenId: string, trialId: string): Promise<TrialRow | null> {
  return find<TrialRow>(`SELECT ${COLUMNS} FROM trials WHERE kitchen_id = $1 AND trial_id = $2`, [kitchenId, trialId]);
}

/** Keeps a trial under the id its device chose; the same again changes nothing. */
export async function insertTrial(
  kitchenId: string,
  trial: {
    trialId: string;
    fryerId: string;
    name: string;
    one: WrittenPlan;
    other: WrittenPlan;
    wordOne: string;
    wordOther: string;
  },
  runner?: Runner,
): Promise<void> {
  const { trialId, fryerId, name, one, other, wordOne, wordOther } = trial;
  await change(
    `INSERT INTO trials (trial_id, kitchen_id, fryer_id, name, one, other, word_one, word_other)
     VALUES ($1, $2, $3, $4, $5, $6, $7, $8) ON CONFLICT (trial_id) DO NOTHING`,
    [trialId, kitchenId, fryerId, name, JSON.stringify(one), JSON.stringify(other), wordOne, wordOther],
    runner,
  );
}

export async function listPairs(kitchenId: string, trialId: string): Promise<TrialPairRow[]> {
  return list<TrialPairRow>(
    `SELECT pair, code_one, code_other, other_first, COALESCE(side_by_side, false) AS side_by_side, drawn_at, revealed_at FROM trial_pairs
     WHERE kitchen_id = $1 AND trial_id = $2 ORDER BY pair`,
    [kitchenId, trialId],
  );
}

export async function listTastings(kitchenId: string, trialId: string): Promise<TastingRow[]> {
  return list<TastingRow>(
    `SELECT pair, taster, crisper, rather FROM trial_tastings WHERE kitchen_id = $1 AND trial_id = $2 ORDER BY pair, taster`,
    [kitchenId, trialId],
  );
}

/** Draws a pair; false where it is drawn already. */
export async function insertPair(
  kitchenId: string,
  trialId: string,
  pair: { pair: number; codeOne: string; codeOther: string; otherFirst: boolean; sideBySide: boolean },
  runner?: Runner,
): Promise<boolean> {
  const changed = await change(
    `INSERT INTO trial_pairs (kitchen_id, trial_id, pair, code_one, code_other, other_first, side_by_side)
     VALUES ($1, $2, $3, $4, $5, $6, $7) ON CONFLICT (trial_id, pair) DO NOTHING`,
    [kitchenId, trialId, pair.pair, pair.codeOne, pair.codeOther, pair.otherFirst, pair.sideBySide],
    runner,
  );
  return changed === 1;
}

/** Notes that someone has looked which bowl holds which way. */
export async function setRevealed(kitchenId: string, trialId: string, pair: number): Promise<boolean> {
  const changed = await change(
    `UPDATE trial_pairs SET revealed_at = COALESCE(revealed_at, clock_timestamp())
     WHERE kitchen_id = $1 AND trial_id = $2 AND pair = $3`,
    [kitchenId, trialId, pair],
  );
  return changed === 1;
}

/** What a taster says; a later word takes the place of an earlier one. */
export async function upsertTasting(
  kitchenId: string,
  trialId: string,
  { pair, taster, crisper, rather }: TastingRow,
  runner?: Runner,
): Promise<void> {
  await change(
    `INSERT INTO trial_tastings (kitchen_id, trial_id, pair, taster, crisper, rather) VALUES ($1, $2, $3, $4, $5, $6)
     ON CONFLICT (trial_id, pair, taster) DO UPDATE SET crisper = EXCLUDED.crisper, rather = EXCLUDED.rather, tasted_at = clock_timestamp()
       WHERE trial_tastings.kitchen_id = EXCLUDED.kitchen_id`,
    [kitchenId, trialId, pair, taster, crisper, rather],
    runner,
  );
}

/** Ends a trial, or goes on with it. */
export async function setTrialEnded(kitchenId: string, trialId: string, ended: boolean): Promise<boolean> {
  const changed = await change(
    `UPDATE trials SET ended_at = CASE WHEN $3 THEN clock_timestamp() END WHERE kitchen_id = $1 AND trial_id = $2`,
    [kitchenId, trialId, ended],
  );
  return changed === 1;
}
