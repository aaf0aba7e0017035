import type { Forecast } from '@/core/forecast/forecast';
import { pullTimeIn } from '@/core/forecast/pull-time-in';
import type { Plan } from '@/core/plan/plan';
import { boardWork } from '@/core/prep/board-work';
import { prepDuration, prepTasks } from '@/core/prep/prep-tasks';
import { type RecipeJsonLd, recipeFromPlan } from '@/editing/recipe';
import type { PlanFile } from '@/schemas/plan-file';
import type { UnitSystem } from '@/ui/words/format';
import { cardSteps } from '@/ui/words/prep-steps';

/** A plan with its forecast as a recipe in schema.org's words. */
export function recipeOf(document: PlanFile, plan: Plan, forecast: Forecast, units: UnitSystem): RecipeJsonLd {
  const pullTime = pullTimeIn(forecast);
  return recipeFromPlan(
    document,
    cardSteps(document, forecast, units).map((step) => step.text),
    (boardWork(plan) + prepDuration(prepTasks(plan))) / 60,
    pullTime === null ? null : pullTime / 60,
  );
}
