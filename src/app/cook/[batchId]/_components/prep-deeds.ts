import { isWaiting, type PrepTask } from '@/core/prep/prep-tasks';
import type { RunState } from '@/core/run/run-state';
import type { Plan } from '@/core/plan/plan';
import { celsiusFromKelvin } from '@/core/units/temperature';
import { firstStepOfEachLoad, stepOfLoad } from '@/schemas/each-load';
import { planFromFile } from '@/schemas/plan-from-file';
import type { PrepStep } from '@/schemas/plan-steps';
import type { PlanFile } from '@/schemas/plan-file';
import { STEP_CAUTIONS } from '@/ui/words/cautions';
import { temperatureText, type UnitSystem } from '@/ui/words/format';
import { STEP_NAMES } from '@/ui/words/step-names';
import { type Measured, spoonedAt } from '@/ui/words/step-spoons';
import { stepOrder } from '@/ui/words/step-orders';
import type { StepOrder } from '@/ui/words/step-order';

/** One thing to do before loading, as it stands now. */
export interface Deed {
  readonly index: number;
  readonly name: string;
  readonly task: PrepTask;
  readonly order: StepOrder;
  /** what of it spoons measure, or null */
  readonly spooned: Measured | null;
  /** whether a timer runs it; else it takes hands */
  readonly waits: boolean;
  /** ms since 1970, where it has begun */
  readonly begun: number | undefined;
  readonly done: boolean;
  readonly skipped: boolean;
  /** min it was said to have taken */
  readonly took: number | undefined;
  /** s that are left of its time; negative once over */
  readonly left: number;
}

/** Everything before loading, in working order, the preheat last. @param now ms since 1970 */
export function deedsOf(
  document: PlanFile,
  plan: Plan,
  tasks: readonly PrepTask[],
  run: RunState,
  now: number,
  units: UnitSystem,
): Deed[] {
  const each = firstStepOfEachLoad(document);
  const loadPlan = planFromFile(document);
  /* what is done for each load has the amounts of one */
  const asDone = (step: PrepStep, index: number) => (index < each ? step : stepOfLoad(step, document));
  const of = (index: number) => (index < each ? plan : loadPlan);
  return tasks.map((task, index) => {
    const step = document.prep[index];
    const begun = run.prepBegun.get(index);
    return {
      index,
      name: STEP_NAMES[task.kind],
      task,
      order: step ? stepOrder(asDone(step, index), of(index), units) : preheatOrder(task, units),
      spooned: step ? spoonedAt(asDone(step, index), of(index)) : null,
      waits: isWaiting(task),
      begun,
      done: run.prepDone.has(index),
      skipped: run.prepSkipped.has(index),
      took: run.prepTook.get(index),
      left: begun === undefined ? task.duration : task.duration - (now - begun) / 1000,
    };
  });
}

function preheatOrder(task: PrepTask, units: UnitSystem): StepOrder {
  return {
    text: `Preheat the empty fryer to ${temperatureText(celsiusFromKelvin(task.temperature!), units)}`,
    amount: null,
    caution: STEP_CAUTIONS.fryer,
  };
}
