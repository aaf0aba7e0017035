import type { Knowledge } from '../core/learn/knowledge';
import { learntFor } from '../core/learn/learnt';
import { sugarSensitivity } from '../core/prep/sugar-sensitivity';
import { learntToFile } from '../schemas/learnt-file';
import { madeWith } from '../schemas/made-with';
import type { PlanFile } from '../schemas/plan-file';
import { planFromFile } from '../schemas/plan-from-file';

/** The plan with what this kitchen has learnt of its fryer, food and taste, in the place of what another had; a kitchen that has learnt nothing leaves none. */
export function withKnowledge(document: PlanFile, fryerName: string, knowledge: Knowledge, day: Date): PlanFile {
  if (knowledge.batches === 0) return withoutKnowledge(document);
  const made = madeWith(document, fryerName, day);
  const bySugar = sugarSensitivity(planFromFile(withoutKnowledge(document)));
  const of = (drawer: number | null) => learntFor(knowledge, { ...made, drawer }, bySugar);
  const drawers = made.drawer === null ? undefined : [1, 2].map(of);
  const learnt = learntToFile(of(made.drawer), knowledge.batches, drawers);
  return JSON.stringify(learnt) === JSON.stringify(document.learnt) ? document : { ...document, learnt };
}

/** The plan as any kitchen would take it. */
export function withoutKnowledge(document: PlanFile): PlanFile {
  if (document.learnt === undefined) return document;
  const own = { ...document };
  delete own.learnt;
  return own;
}
