import { z } from 'zod';
import { type PlanFile, planFileSchema } from '@/schemas/plan-file';

/** What another tab or device made of the plan in the meantime. */
export interface Elsewhere {
  readonly revision: number;
  /** null where it cannot be read */
  readonly document: PlanFile | null;
}

const schema = z.object({ code: z.literal('changed-elsewhere'), revision: z.int(), document: z.unknown() });

/** What a refused save says of the plan as it stands elsewhere, or null where it was refused for another reason. */
export function readElsewhere(answer: unknown): Elsewhere | null {
  const { data } = schema.safeParse(answer);
  if (!data) return null;
  return { revision: data.revision, document: readPlan(data.document) };
}

/** A plan as it was sent or kept, or null where it cannot be read. */
export function readPlan(document: unknown): PlanFile | null {
  return planFileSchema.safeParse(document).data ?? null;
}
