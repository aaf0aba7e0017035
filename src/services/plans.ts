import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import type { Knowledge } from '@/core/learn/knowledge';
import { type FryerRow, listFryers } from '@/db/queries/fryers';
import {
  findNewestPlan,
  findPlan,
  insertPlanVersion,
  listPlans,
  lockPlan,
  listPlanVersions,
  newestVersionAge,
  type PlanRow,
  setPlanArchived,
  upsertPlan,
} from '@/db/queries/plans';
import { inKitchen, transact } from '@/db/query';
import { planFileSchema, type PlanFile } from '@/schemas/plan-file';
import { cutText } from '@/schemas/storable-text';
import { writePlanFile } from '@/schemas/write-plan';
import { withKnowledge } from '@/editing/with-knowledge';
import { loadLearning } from './learning';
import { fail, type Result, succeed, withKitchen } from './result';

/** A plan that is kept. */
export interface SavedPlan {
  readonly id: string;
  readonly fryerId: string;
  readonly document: PlanFile;
  /** ms since 1970 */
  readonly changedAt: number;
  readonly archived: boolean;
  /** counts its changes; a save names the one it was made from */
  readonly revision: number;
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

/** What a kitchen knows of its fryers, for the plans that are read. */
interface Known {
  readonly fryers: readonly FryerRow[];
  readonly knowledge: Knowledge;
}

async function loadKnown(kitchenId: string): Promise<Known> {
  const [fryers, { knowledge }] = await Promise.all([listFryers(kitchenId), loadLearning(kitchenId)]);
  return { fryers, knowledge };
}

/** A row as a plan, with what the kitchen knows by now. */
function savedPlan(row: PlanRow, { fryers, knowledge }: Known): SavedPlan[] {
  const parsed = planFileSchema.safeParse(row.document);
  if (!parsed.success) return [];
  const fryer = fryers.find(({ fryer_id }) => fryer_id === row.fryer_id);
  return [
    {
      id: row.plan_id,
      fryerId: row.fryer_id,
      document: fryer ? withKnowledge(parsed.data, fryer.name, knowledge, new Date()) : parsed.data,
      changedAt: row.updated_at.getTime(),
      archived: row.archived_at !== null,
      revision: row.revision,
    },
  ];
}

/** The newest plan, or null when there is none that today's format reads. */
export async function loadNewestPlan(kitchenId: string): Promise<SavedPlan | null> {
  const row = await inKitchen(kitchenId, () => findNewestPlan(kitchenId));
  return row ? known(kitchenId, row) : null;
}

/** The plan with this id, or null when the kitchen has none that today's format reads. */
export async function loadPlan(kitchenId: string, planId: string): Promise<SavedPlan | null> {
  const row = await inKitchen(kitchenId, () => findPlan(kitchenId, planId));
  return row ? known(kitchenId, row) : null;
}

async function known(kitchenId: string, row: PlanRow): Promise<SavedPlan | null> {
  const [plan] = savedPlan(row, await inKitchen(kitchenId, () => loadKnown(kitchenId)));
  return plan ?? null;
}

/** Every plan of the kitchen that today's format reads, those in use first, and how many others there are. */
export function loadPlans(kitchenId: string): Promise<Result<{ plans: SavedPlan[]; unreadable: number }>> {
  return withKitchen(kitchenId, async () => {
    const rows = await listPlans(kitchenId);
    const all = await loadKnown(kitchenId);
    const plans = rows.flatMap((row) => savedPlan(row, all));
    return succeed({ plans, unreadable: rows.length - plans.length });
  });
}

/** What a plan was before, newest first. */
export function loadVersions(kitchenId: string, planId: string): Promise<Result<PlanVersion[]>> {
  return withKitchen(kitchenId, async () => {
    const rows = await listPlanVersions(kitchenId, planId);
    return succeed(
      rows.flatMap(({ version, document, kept_at }) => {
        const parsed = planFileSchema.safeParse(document);
        return parsed.success ? [{ version, document: parsed.data, keptAt: kept_at.getTime() }] : [];
      }),
    );
  });
}

/**
 * Saves a plan under the id its device chose, if it is still as it was when the change began (revision `base`; null writes over
 * whatever is there); what it was before a new sitting is kept as a version. The same save again changes nothing.
 */
export function savePlan(
  kitchenId: string,
  planId: string,
  plan: { fryerId: string; document: PlanFile; base: number | null },
): Promise<Result<{ revision: number }>> {
  return withKitchen(kitchenId, async () => {
    const fryers = await listFryers(kitchenId);
    if (!fryers.some((fryer) => fryer.fryer_id === plan.fryerId)) return fail({ code: 'unknown-fryer' });
    const document = writePlanFile(plan.document);
    return transact(async (client) => {
      const before = await lockPlan(kitchenId, planId, client);
      if (before && plan.base !== null && before.revision !== plan.base) {
        const { revision } = before;
        if (isDeepStrictEqual(before.document, JSON.parse(JSON.stringify(document)))) return succeed({ revision });
        return fail({ code: 'changed-elsewhere', revision, document: before.document });
      }
      if (before) {
        const age = await newestVersionAge(kitchenId, planId, client);
        if (age === null || age > SITTING) await insertPlanVersion(kitchenId, planId, before.document, client);
      }
      const { fryerId } = plan;
      const revision = await upsertPlan(kitchenId, { planId, fryerId, name: document.name, document }, client);
      return revision === null ? fail({ code: 'other-kitchen' }) : succeed({ revision });
    });
  });
}

/** Keeps the plan as it is now as a version. */
export function keepVersion(kitchenId: string, planId: string): Promise<Result<null>> {
  return withKitchen(kitchenId, async () => {
    /* two at once take their numbers one after the other */
    const kept = await transact(async (client) => {
      const plan = await lockPlan(kitchenId, planId, client);
      if (plan) await insertPlanVersion(kitchenId, planId, plan.document, client);
      return plan !== null;
    });
    return kept ? succeed(null) : fail({ code: 'not-found' });
  });
}

/** Copies a plan under a new name. */
export function duplicatePlan(kitchenId: string, planId: string): Promise<Result<null>> {
  return withKitchen(kitchenId, async () => {
    const plan = await loadPlan(kitchenId, planId);
    if (!plan) return fail({ code: 'not-found' });
    const name = `${cutText(plan.document.name, 110)}, copy`;
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
  return withKitchen(kitchenId, async () =>
    (await setPlanArchived(kitchenId, planId, archived)) ? succeed(null) : fail({ code: 'not-found' }),
  );
}
