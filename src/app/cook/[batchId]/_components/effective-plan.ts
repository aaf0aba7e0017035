import { openingsToCome, type RunState } from '@/core/cook/run-state';
import type { CookEvent } from '@/core/plan/plan';
import type { PlanFile } from '@/schemas/plan-file';
import { PLAN_LIMITS } from '@/schemas/plan-limits';

/** Openings are worked out anew this often, s, so that one that was missed drops out of the forecast. */
export const PLANNING_STEP = 30;

function eventOf(opening: CookEvent): PlanFile['cook']['events'][number] {
  const { time, action, oilMass } = opening;
  return { minute: time / 60, action, ...(oilMass === undefined ? {} : { mass_g: oilMass * 1000 }) };
}

/** The plan as it goes on from now: openings as they happened, then those still to come; the last stage as long as added. */
export function effectivePlan(document: PlanFile, run: RunState, elapsed: number): PlanFile {
  const planned = document.cook.events.map(({ minute, action, mass_g }) => ({
    time: minute * 60,
    action,
    ...(mass_g === undefined ? {} : { oilMass: mass_g / 1000 }),
  }));
  const events = [...run.openings, ...openingsToCome(planned, run.openings, elapsed)].map(eventOf);
  const [, longest] = PLAN_LIMITS.stageMinutes;
  const stages = document.cook.stages.map((stage, i) =>
    i === document.cook.stages.length - 1
      ? { ...stage, minutes: Math.min(longest, stage.minutes + run.extraMinutes) }
      : stage,
  );
  return { ...document, cook: { stages, events } };
}
