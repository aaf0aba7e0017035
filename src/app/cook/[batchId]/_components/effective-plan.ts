import { openingsToCome, type RunState } from '@/core/cook/run-state';
import type { PlanFile } from '@/schemas/plan-file';

/** Openings are worked out anew this often, s, so that one that was missed drops out of the forecast. */
export const PLANNING_STEP = 30;

/** Minutes beyond the planned stages that stay in the picture when the cook adds time. */
const LATEST_MINUTES = 90;

/** The plan as it goes on from now: openings as they happened, then those still to come; the last stage as long as added. */
export function effectivePlan(document: PlanFile, run: RunState, elapsed: number): PlanFile {
  const planned = document.cook.events.map((event) => ({ time: event.minute * 60, action: event.action }));
  const events = [...run.openings, ...openingsToCome(planned, run.openings, elapsed)];
  const stages = document.cook.stages.map((stage, i) =>
    i === document.cook.stages.length - 1
      ? { ...stage, minutes: Math.min(LATEST_MINUTES, stage.minutes + run.extraMinutes) }
      : stage,
  );
  return {
    ...document,
    cook: { stages, events: events.map((event) => ({ minute: event.time / 60, action: event.action })) },
  };
}
