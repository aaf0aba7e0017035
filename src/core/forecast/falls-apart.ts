import { BINDER_STRENGTH } from '../food/binder';
import { cutAsLoaded } from '../plan/cut-as-loaded';
import { outerCoat } from '../plan/outer-ramp';
import type { Plan } from '../plan/plan';

/** Share of starch and protein, kg/kg, from which a formed mass holds its shape. Source: assumed; mash of potato has 0.17. */
export const BINDS_ITSELF = 0.12;

/** What an hour or more in the cold adds to it. Source: assumed; starch sets, fat grows firm. */
const SET_BY_COLD = 0.05;

/** Share of formed pieces that likely fall apart in the basket, 0–1; 0 for what is cut from one piece. */
export function fallsApart(plan: Plan): number {
  if (cutAsLoaded(plan).shape !== 'formed' || outerCoat(plan) !== null) return 0;
  const { protein, carbohydrate } = plan.food.composition;
  const bound = plan.preparation.reduce((sum, step) => {
    if (step.step === 'bind') return sum + (BINDER_STRENGTH[step.binder] * step.mass) / plan.mass;
    return step.step === 'chill' || step.step === 'freeze' ? sum + SET_BY_COLD : sum;
  }, protein + carbohydrate);
  return Math.max(0, 1 - bound / BINDS_ITSELF);
}
