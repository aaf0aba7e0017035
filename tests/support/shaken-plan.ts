import { FIRST_PLAN } from '../../src/schemas/first-plan';
import type { PlanFile } from '../../src/schemas/plan-file';

/** The first plan with three shakes, as a cook may set them. */
export const SHAKEN_PLAN: PlanFile = {
  ...FIRST_PLAN,
  cook: {
    ...FIRST_PLAN.cook,
    openings: 'set',
    events: [7, 12, 17].map((minute) => ({ minute, action: 'shake' as const })),
  },
};
