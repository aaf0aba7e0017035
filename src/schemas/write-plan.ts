import type { PlanFile } from './plan-file';

/** A plan as a file of version 2, steps in the order done: what goes to a server, a link or another app. */
export type WrittenPlan = ReturnType<typeof writePlanFile>;

/** Writes one; apart from the schema, so that a page can send a plan without carrying the parser. */
export function writePlanFile({ prep, cook: lastCook, after, fryer: { preheat: warm, ...own }, ...file }: PlanFile) {
  return { ...file, fryer: own, steps: [...prep, { step: 'cook' as const, ...lastCook, preheat: warm }, ...after] };
}
