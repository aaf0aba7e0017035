import { findNewestPlan, upsertPlan } from '@/db/queries/plans';
import { listFryers } from '@/db/queries/fryers';
import { planFileSchema, type PlanFile } from '@/schemas/plan-file';
import { fail, type Result, succeed, withDatabase } from './result';

/** The plan a kitchen worked on last. */
export interface SavedPlan {
  readonly id: string;
  readonly fryerId: string;
  readonly document: PlanFile;
}

/** The newest plan, or null when there is none that today's format reads. */
export async function loadNewestPlan(kitchenId: string): Promise<SavedPlan | null> {
  const row = await findNewestPlan(kitchenId);
  if (!row) return null;
  const parsed = planFileSchema.safeParse(row.document);
  return parsed.success ? { id: row.plan_id, fryerId: row.fryer_id, document: parsed.data } : null;
}

/** Saves a plan under the id its device chose. */
export function savePlan(
  kitchenId: string,
  planId: string,
  plan: { fryerId: string; document: PlanFile },
): Promise<Result<null>> {
  return withDatabase(async () => {
    const fryers = await listFryers(kitchenId);
    if (!fryers.some((fryer) => fryer.fryer_id === plan.fryerId)) return fail({ code: 'unknown-fryer' });
    const stored = await upsertPlan(kitchenId, {
      planId,
      fryerId: plan.fryerId,
      name: plan.document.name,
      document: plan.document,
    });
    return stored ? succeed(null) : fail({ code: 'other-kitchen' });
  });
}
