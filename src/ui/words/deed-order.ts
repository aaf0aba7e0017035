import type { DrawerDeed } from '@/core/evening/evening-problem';
import { safeHeart } from '@/core/run/safe-heart';
import { loadOrder } from '@/schemas/load-order';
import type { EveningDishFile } from '@/schemas/evening-file';
import { planFromFile, wholePlanFromFile } from '@/schemas/plan-from-file';
import type { PlacedStep } from '@/workers/evening/protocol';
import { ACTION_CAUTIONS, STEP_CAUTIONS } from './cautions';
import { massText, temperatureText, type UnitSystem } from './format';
import { cutText } from './plan-text';
import { stepOrder } from './step-orders';

/** What a deed of an evening needs besides its name: how it is done, how much of what, and what to beware of. */
export interface DeedOrder {
  readonly how: string | null;
  readonly caution: string | null;
}

const NOTHING: DeedOrder = { how: null, caution: null };

function lowerFirst(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}

/** The number at the end of a step's id, from 0 on. */
function placeOf(step: string): number {
  return Number(/-(\d+)$/.exec(step)?.[1] ?? 1) - 1;
}

/** A deed as an order to hands, for all the guests of the evening. @param deed what is done at the drawer; undefined elsewhere */
export function deedOrder(
  step: Pick<PlacedStep, 'id' | 'kind'>,
  deed: DrawerDeed | undefined,
  dish: EveningDishFile | undefined,
  units: UnitSystem,
): DeedOrder {
  if (dish?.kind !== 'plan') return NOTHING;
  const { plan } = dish;
  if (deed === 'empty') {
    const safe = safeHeart(planFromFile(plan));
    const heart = safe === null ? '' : ` Not done before the heart is at ${temperatureText(safe, units)}, by a probe.`;
    return { how: null, caution: `${ACTION_CAUTIONS.pull}${heart}` };
  }
  if (deed !== undefined && deed !== 'fill') return { how: null, caution: ACTION_CAUTIONS[deed] };
  switch (step.kind) {
    case 'board':
      return { how: `${massText(plan.mass_g, units)} ${lowerFirst(cutText(plan, units))}`, caution: STEP_CAUTIONS.cut };
    case 'load': {
      const { share } = loadOrder(plan)[placeOf(step.id)] ?? { share: 1 };
      const dial = temperatureText(plan.cook.stages[0]!.temperature_c, units);
      return { how: `${massText(plan.mass_g * share, units)}, dial ${dial}`, caution: STEP_CAUTIONS.load };
    }
    case 'back':
      return { how: null, caution: STEP_CAUTIONS.refresh };
    case 'serve':
    case 'own':
      return NOTHING;
    default: {
      const own = plan.prep[placeOf(step.id)];
      if (!own) return NOTHING;
      const { text, amount, caution } = stepOrder(own, wholePlanFromFile(plan), units);
      return { how: amount === null ? text : `${text}: ${amount}`, caution };
    }
  }
}
