import { batchYield } from '../../core/cut/batch-yield';
import type { Spooned } from '../../core/units/spoons';
import type { LoadOf } from './step-order';
import type { AnyStep } from './step-names';

/** Something that spoons can measure, and how much of it, g. */
export interface Measured {
  readonly what: Spooned;
  readonly massG: number;
}

/** What a step measures by the spoon, most of it first; null where nothing is, or where it takes several things. */
export function spoonedAt(step: AnyStep, load: LoadOf): Measured | null {
  switch (step.step) {
    case 'oil': {
      const { surface } = batchYield(load.food, load.cut, load.mass);
      return { what: 'liquid', massG: step.mass_g ?? (step.film_g_m2 ?? 0) * surface };
    }
    case 'starch':
      return { what: 'starch', massG: step.mass_g };
    case 'season':
      return step.salt_share >= 0.5
        ? { what: 'salt', massG: step.mass_g * step.salt_share }
        : { what: 'spice', massG: step.mass_g * (1 - step.salt_share) };
    default:
      return null;
  }
}
