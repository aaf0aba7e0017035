import type { ColourRamp } from '../../core/food/colour-ramp';
import { outerRamp } from '../../core/plan/outer-ramp';
import { type Plan, planParts } from '../../core/plan/plan';

/** One of the foods in the basket, as the field and the drawer show it. */
export interface FieldPart {
  readonly name: string;
  readonly ramp: ColourRamp;
  /** s after the first loading when it goes in */
  readonly from: number;
}

/** The foods of a plan in the order in which they go in, each with its own colours. */
export function fieldParts(plan: Plan): readonly FieldPart[] {
  const added = plan.events.filter(({ part }) => part).toSorted((a, b) => a.time - b.time);
  return planParts(plan).map((part, i) => ({
    name: part.food.name,
    ramp: outerRamp(part),
    from: i === 0 ? 0 : added[i - 1]!.time,
  }));
}
