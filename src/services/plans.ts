import { randomUUID } from 'node:crypto';
import { listFryers } from '@/db/queries/fryers';
import {
  findNewestPlan,
  findPlan,
  insertPlanVersion,
  listPlans,
  listPlanVersions,
  newestVersionAge,
  type PlanRow,
  setPlanArchived,
  upsertPlan,
} from '@/db/queries/plans';
import { transact } from '@/db/query';
import { planFileSchema, type PlanFile } from '@/schemas/plan-file';
import { writePlanFile } from '@/schemas/write-plan';
import { fail, type Result, succeed, withDatabase } from './result';

/** A plan that is kept. */
export interface SavedPlan {
  readonly id: string;
  readonly fryerId: string;
  readonly document: PlanFile;
  /** ms since 1970 */
  readonly changedAt: number;
  readonly archived: boolean;
}

/** What a plan was before it changed. */
export interface PlanVersion {
  readonly version: number;
  readonly document: PlanFile;
  /** ms since 1970 */
  readonly keptAt: number;
}

/** Changes within this time of the last kept version belong to one sitting, s. Source: chosen. */
const SITTING = 1200;

function savedPlan(row: PlanRow): SavedPlan[] {
  const parsed = planFileSchema.safeParse(row.document);
  if (!parsed.success) return [];
  return [
    {
      id: row.plan_id,
      fryerId: row.fryer_id,
      document: parsed.data,
      changedAt: row.updated_at.getTime(),
      archived: row.archived_at !== null,
    },
  ];
}

/** The newest plan, or null when there is none that today's format reads. */
export async function loadNewestPlan(kitchenId: string): Promise<SavedPlan | null> {
  const row = await findNewestPlan(kitchenId);
  return row ? (savedPlan(row)[0] ?? null) : null;
}

/** The plan with this id, or null when the kitchen has none that today's format reads. */
export async function loadPlan(kitchenId: string, planId: string): Promise<SavedPlan | null> {
  const row = await findPlan(kitchenId, planId);
  return row ? (savedPlan(row)[0] ?? null) : null;
}

/** Every plan of the kitchen that today's format reads; those in use first. */
export function loadPlans(kitchenId: string): Promise<Result<SavedPlan[]>> {
  return withDatabase(async () => succeed((await listPlans(kitchenId)).flatMap(savedPlan)));
}

/** What a plan was before, newest first. */
export function loadVersions(kitchenId: string, planId: string): Promise<Result<PlanVersion[]>> {
  return withDatabase(async () => {
    const rows = await listPlanVersions(kitchenId, planId);
    return succeed(
      rows.flatMap(({ version, document, kept_at }) => {
        const parsed = planFileSchema.safeParse(document);
        return parsed.success ? [{ version, document: parsed.data, keptAt: kept_at.getTime() }] : [];
      }),
    );
  });
}

/** Saves a plan under the id its device chose; what it was before a new sitting is kept as a version. */
export function savePlan(
  kitchenId: string,
  planId: string,
  plan: { fryerId: string; document: PlanFile },
): Promise<Result<null>> {
  return withDatabase(async () => {
    const fryers = await listFryers(kitchenId);
    if (!fryers.some((fryer) => fryer.fryer_id === plan.fryerId)) return fail({ code: 'unknown-fryer' });
    const stored = await transact(async (client) => {
      const before = await findPlan(kitchenId, planId, client);
      if (before) {
        const age = await newestVersionAge(kitchenId, planId, client);
        if (age === null || age > SITTING) await insertPlanVersion(kitchenId, planId, before.document, client);
      }
      const { fryerId, document } = plan;
      return upsertPlan(kitchenId, { planId, fryerId, name: document.name, document: writePlanFile(document) }, client);
    });
    return stored ? succeed(null) : fail({ code: 'other-kitchen' });
  });
}

/** Keeps the plan as it is now as a version. */
export function keepVersion(kitchenId: string, planId: string): Promise<Result<null>> {
  return withDatabase(async () => {
    const plan = await findPlan(kitchenId, planId);
    if (!plan) return fail({ code: 'not-found' });
    await insertPlanVersion(kitchenId, planId, plan.document);
    return succeed(null);
  });
}

/** Copies a plan under a new name. */
export function duplicatePlan(kitchenId: string, planId: string): Promise<Result<null>> {
  return withDatabase(async () => {
    const plan = await loadPlan(kitchenId, planId);
    if (!plan) return fail({ code: 'not-found' });
    const name = `${plan.document.name.slice(0, 110)}, copy`;
    await upsertPlan(kitchenId, {
      planId: randomUUID(),
      fryerId: plan.fryerId,
      name,
      document: writePlanFile({ ...plan.document, name }),
    });
    return succeed(null);
  });
}

/** Puts a plan away, or takes it out again. */
export function archivePlan(kitchenId: string, planId: string, archived: boolean): Promise<Result<null>> {
  return withDatabase(async () =>
    (await setPlanArchived(kitchenId, planId, archived)) ? succeed(null) : fail({ code: 'not-found' }),
  );
}
