import { change, find, get, list, type Runner } from '../query';
import type { WrittenPlan } from '@/schemas/write-plan';

/** A saved plan; the document is not yet trusted. */
export interface PlanRow {
  plan_id: string;
  fryer_id: string;
  name: string;
  document: unknown;
  updated_at: Date;
  archived_at: Date | null;
  /** counts its changes */
  revision: number;
}

const COLUMNS = 'plan_id, fryer_id, name, document, updated_at, archived_at, revision';

export async function findNewestPlan(kitchenId: string): Promise<PlanRow | null> {
  return find<PlanRow>(
    `SELECT ${COLUMNS} FROM plans
     WHERE kitchen_id = $1 AND archived_at IS NULL ORDER BY updated_at DESC LIMIT 1`,
    [kitchenId],
  );
}

export async function findPlan(kitchenId: string, planId: string, runner?: Runner): Promise<PlanRow | null> {
  return find<PlanRow>(
    `SELECT ${COLUMNS} FROM plans WHERE kitchen_id = $1 AND plan_id = $2`,
    [kitchenId, planId],
    runner,
  );
}

/** The same, locked until the transaction ends. */
export async function lockPlan(kitchenId: string, planId: string, runner: Runner): Promise<PlanRow | null> {
  return find<PlanRow>(
    `SELECT ${COLUMNS} FROM plans WHERE kitchen_id = $1 AND plan_id = $2 FOR UPDATE`,
    [kitchenId, planId],
    runner,
  );
}

/** Plans in use, then those put away, each newest first; at most 200. */
export async function listPlans(kitchenId: string): Promise<PlanRow[]> {
  return list<PlanRow>(
    `SELECT ${COLUMNS} FROM plans
     WHERE kitchen_id = $1 ORDER BY archived_at IS NOT NULL, updated_at DESC LIMIT 200`,
    [kitchenId],
  );
}

/** Stores a plan under the id its device chose and returns its revision; a plan of another kitchen is left alone and null returned. */
export async function upsertPlan(
  kitchenId: string,
  plan: { planId: string; fryerId: string; name: string; document: WrittenPlan },
  runner?: Runner,
): Promise<number | null> {
  const row = await find<{ revision: number }>(
    `INSERT INTO plans (plan_id, kitchen_id, fryer_id, name, document, updated_at)
     VALUES ($1, $2, $3, $4, $5, clock_timestamp())
     ON CONFLICT (plan_id) DO UPDATE
       SET fryer_id = EXCLUDED.fryer_id, name = EXCLUDED.name, document = EXCLUDED.document,
           updated_at = clock_timestamp(), archived_at = NULL, revision = plans.revision + 1
       WHERE plans.kitchen_id = EXCLUDED.kitchen_id RETURNING revision`,
    [plan.planId, kitchenId, plan.fryerId, plan.name, JSON.stringify(plan.document)],
    runner,
  );
  return row?.revision ?? null;
}

/** Puts a plan away or takes it out again; false when this kitchen has none of that id. */
export async function setPlanArchived(kitchenId: string, planId: string, archived: boolean): Promise<boolean> {
  const changed = await change(
    `UPDATE plans SET archived_at = CASE WHEN $3 THEN clock_timestamp() END WHERE kitchen_id = $1 AND plan_id = $2`,
    [kitchenId, planId, archived],
  );
  return changed === 1;
}

/** What a plan once was; the document is not yet trusted. */
export interface PlanVersionRow {
  version: number;
  document: unknown;
  kept_at: Date;
}

/** Versions of a plan, newest first; at most 50. */
export async function listPlanVersions(kitchenId: string, planId: string): Promise<PlanVersionRow[]> {
  return list<PlanVersionRow>(
    `SELECT version, document, kept_at FROM plan_versions
     WHERE kitchen_id = $1 AND plan_id = $2 ORDER BY version DESC LIMIT 50`,
    [kitchenId, planId],
  );
}

/** Age in seconds of a plan's newest version, or null where there is none. */
export async function newestVersionAge(kitchenId: string, planId: string, runner?: Runner): Promise<number | null> {
  const row = await get<{ age: number | null }>(
    `SELECT EXTRACT(EPOCH FROM clock_timestamp() - max(kept_at))::float8 AS age FROM plan_versions
     WHERE kitchen_id = $1 AND plan_id = $2`,
    [kitchenId, planId],
    runner,
  );
  return row.age;
}

/** Keeps a document as the next version of its plan. */
export async function insertPlanVersion(
  kitchenId: string,
  planId: string,
  document: unknown,
  runner?: Runner,
): Promise<void> {
  await change(
    `INSERT INTO plan_versions (plan_id, kitchen_id, version, document)
     SELECT $2, $1, coalesce(max(version), 0) + 1, $3 FROM plan_versions WHERE plan_id = $2`,
    [kitchenId, planId, JSON.stringify(document)],
    runner,
  );
}
