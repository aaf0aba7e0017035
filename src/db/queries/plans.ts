import { change, find, type Runner } from '../query';

/** A saved plan; the document is not yet trusted. */
export interface PlanRow {
  plan_id: string;
  fryer_id: string;
  document: unknown;
  updated_at: Date;
}

export async function findNewestPlan(kitchenId: string): Promise<PlanRow | null> {
  return find<PlanRow>(
    `SELECT plan_id, fryer_id, document, updated_at FROM plans
     WHERE kitchen_id = $1 ORDER BY updated_at DESC LIMIT 1`,
    [kitchenId],
  );
}

/** Stores a plan under the id its device chose; a plan of another kitchen is left alone and false returned. */
export async function upsertPlan(
  kitchenId: string,
  plan: { planId: string; fryerId: string; name: string; document: unknown },
  runner?: Runner,
): Promise<boolean> {
  const changed = await change(
    `INSERT INTO plans (plan_id, kitchen_id, fryer_id, name, document) VALUES ($1, $2, $3, $4, $5)
     ON CONFLICT (plan_id) DO UPDATE
       SET fryer_id = EXCLUDED.fryer_id, name = EXCLUDED.name, document = EXCLUDED.document, updated_at = now()
       WHERE plans.kitchen_id = EXCLUDED.kitchen_id`,
    [plan.planId, kitchenId, plan.fryerId, plan.name, JSON.stringify(plan.document)],
    runner,
  );
  return changed === 1;
}
