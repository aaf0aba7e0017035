import { createStandIns, type StandIns } from './stand-ins';

/** Most kitchens that are simulated at a time; the one that was asked for longest ago makes room. Source: chosen; each holds a basket. */
const MOST_KITCHENS = 64;

/** Stand-ins of many kitchens, each with a fryer of its own, made when they are first asked for. */
export interface KitchensOfStandIns {
  of(kitchenId: string): StandIns;
}

/** @param seed the first kitchen's; the next ones hide other fryers @param now ms since 1970 */
export function createKitchensOfStandIns(seed: number, now: () => number = Date.now): KitchensOfStandIns {
  const kitchens = new Map<string, StandIns>();
  let made = 0;
  return {
    of(kitchenId) {
      const own = kitchens.get(kitchenId) ?? createStandIns(seed + made++, now);
      /* the newest stands last */
      kitchens.delete(kitchenId);
      kitchens.set(kitchenId, own);
      const [oldest] = kitchens.keys();
      if (kitchens.size > MOST_KITCHENS && oldest !== undefined) kitchens.delete(oldest);
      return own;
    },
  };
}
