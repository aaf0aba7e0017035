import { openingsToCome, type RunState } from '@/core/run/run-state';
import { withDialTurn } from '@/editing/edit-cook';
import { happenedEvents } from '@/schemas/happened-events';
import type { PlanFile } from '@/schemas/plan-file';
import { PLAN_LIMITS } from '@/schemas/plan-limits';

/** Openings are worked out anew this often, s, so that one that was missed drops out of the forecast. */
export const PLANNING_STEP = 30;

/** The plan as it goes on from now: openings as they happened, then those still to come; the last stage as long as added. */
export function effectivePlan(document: PlanFile, run: RunState, elapsed: number): PlanFile {
  const planned = document.cook.events.map((event) => ({ time: event.minute * 60, action: event.action, event }));
  const toCome = openingsToCome(planned, run.openings, elapsed).map(({ event }) => event);
  const [, longest] = PLAN_LIMITS.stageMinutes;
  const extended = document.cook.stages.map((stage, i) =>
    i === document.cook.stages.length - 1
      ? { ...stage, minutes: Math.min(longest, stage.minutes + run.extraMinutes) }
      : stage,
  );
  const stages = run.dialTurns.reduce((sofar, turn) => withDialTurn(sofar, turn.time / 60, turn.celsius), extended);
  return {
    ...document,
    cook: { ...document.cook, stages, events: [...happenedEvents(document, run.openings), ...toCome] },
  };
}
