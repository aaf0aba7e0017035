import { cutThickness } from '@/core/cut/piece-geometry';
import type { Plan } from '@/core/plan/plan';
import type { StationId } from './station';

/** Starch below which a soak has little to wash off, kg/kg. Source: as for acrylamide, 2 %. */
const LITTLE_STARCH = 0.02;

/** Softening dose below which a piece is soft before it is crisp, s at 100 °C. Source: assumed, courgette and the like. */
const SOFT_SOON = 160;

/** Thickness below which the heart is soft before the skin is crisp, m. Source: assumed. */
const THIN = 0.005;

/** Why a station is folded away for this food and cut, or null where it is needed or in use. */
export function stationFold(station: StationId, plan: Plan): string | null {
  const uses = (...steps: readonly string[]) => plan.preparation.some(({ step }) => steps.includes(step));
  switch (station) {
    case 'soak':
      if (uses('soak', 'rinse')) return null;
      return plan.food.starch < LITTLE_STARCH
        ? `${plan.food.name} has little starch to wash off; a soak would only wet it. Open it all the same if you like to.`
        : null;
    case 'press':
      if (uses('press', 'freeze-thaw')) return null;
      return plan.food.id.startsWith('tofu') ? null : 'Only blocks that hold whey are pressed: tofu.';
    case 'parcook':
      if (uses('parcook')) return null;
      if (plan.food.softeningDose <= SOFT_SOON)
        return `${plan.food.name} is soft long before it is crisp; par-cooking buys nothing.`;
      return cutThickness(plan.cut) < THIN ? 'Pieces this thin are soft before they are crisp.' : null;
    default:
      return null;
  }
}
