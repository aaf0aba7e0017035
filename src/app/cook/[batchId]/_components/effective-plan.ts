import { openingsToCome, type RunState } from '@/core/run/run-state';
import { asCooked } from '@/editing/as-cooked';
import type { PlanFile } from '@/schemas/plan-file';

/** Openings are worked out anew this often, s, so that one that was missed drops out of the forecast. */
export const PLANNING_STEP = 30;

/** The plan as it went on at a moment of the run, s after loading: what had happened by then, and what was then to come. */
export function planAsOf(planned: PlanFile, run: RunState, time: number): PlanFile {
  const until = <Timed extends { readonly time: number }>(all: readonly Timed[]) =>
    all.filter((one) => one.time <= time);
  const then = { ...run, openings: until(run.openings), dialTurns: until(run.dialTurns) };
  return effectivePlan(planned, then, Math.floor(time / PLANNING_STEP) * PLANNING_STEP);
}

/** The plan as it goes on from now: all as it happened, then the openings still to come. */
export function effectivePlan(planned: PlanFile, run: RunState, elapsed: number): PlanFile {
  const document = asCooked(planned, run);
  const openings = planned.cook.events.map((event) => ({ time: event.minute * 60, action: event.action, event }));
  const toCome = openingsToCome(openings, run.openings, elapsed).map(({ event }) => event);
  return { ...document, cook: { ...document.cook, events: [...document.cook.events, ...toCome] } };
}
