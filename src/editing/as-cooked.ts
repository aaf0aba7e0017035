import type { RunState } from '../core/run/run-state';
import { happenedEvents } from '../schemas/happened-events';
import type { PlanFile } from '../schemas/plan-file';
import { PLAN_LIMITS } from '../schemas/plan-limits';
import { withDialTurn } from './edit-cook';
import { withMinutes } from './edit-steps';

/** The plan as its preparation really went: steps left out are gone, those that were timed take that time. */
export function preparedPlan(document: PlanFile, run: Pick<RunState, 'prepSkipped' | 'prepTook'>): PlanFile {
  if (run.prepSkipped.size === 0 && run.prepTook.size === 0) return document;
  const prep = document.prep.flatMap((step, i) => {
    if (run.prepSkipped.has(i)) return [];
    const minutes = run.prepTook.get(i);
    return [minutes === undefined ? step : withMinutes(step, minutes)];
  });
  const preheatLeftOut = run.prepSkipped.has(document.prep.length);
  return { ...document, prep, fryer: { ...document.fryer, preheat: preheatLeftOut ? null : document.fryer.preheat } };
}

/** The plan as it really went: preparation, openings and turns of the dial as they happened, the last stage as long as added and until the pull. */
export function asCooked(planned: PlanFile, run: RunState): PlanFile {
  const document = preparedPlan(planned, run);
  const [, longest] = PLAN_LIMITS.stageMinutes;
  const allowed = document.cook.stages.reduce((sum, { minutes }) => sum + minutes, 0) + run.extraMinutes;
  const pulledAt = run.loadedAt !== null && run.doneAt !== null ? (run.doneAt - run.loadedAt) / 60_000 : 0;
  const more = run.extraMinutes + Math.max(0, pulledAt - allowed);
  const extended = document.cook.stages.map((stage, i) =>
    i === document.cook.stages.length - 1 ? { ...stage, minutes: Math.min(longest, stage.minutes + more) } : stage,
  );
  const stages = run.dialTurns.reduce((sofar, turn) => withDialTurn(sofar, turn.time / 60, turn.celsius), extended);
  return { ...document, cook: { ...document.cook, stages, events: happenedEvents(document, run.openings) } };
}
