import type { RandomSource } from '../numeric/seeded-random';
import { type Plan, planParts } from '../plan/plan';
import { type CookRun, putIn } from './cook-run';
import { cookEarlier } from './earlier-cook';
import { createGroup, type PieceGroup } from './piece-group';
import type { Resolution } from './resolution';

/** Fewest sample pieces of a part that is added. Source: numerics. */
const LEAST_ADDED = 4;

/** Prepared pieces in a basket that goes in now; those to be added later wait beside it. */
export function startRun(plan: Plan, random: RandomSource, resolution: Resolution): CookRun<PieceGroup> {
  const cook = cookEarlier(plan, random, resolution);
  const groups: PieceGroup[] = [];
  let first = 0;
  for (const part of planParts(plan)) {
    const wanted = Math.round((resolution.pieces * part.mass) / plan.mass);
    const count = first === 0 ? resolution.pieces : Math.min(resolution.pieces, Math.max(LEAST_ADDED, wanted));
    groups.push(createGroup(part, plan, count, resolution.cells, first, random, cook));
    first += count;
  }
  return putIn(groups, plan, random);
}
