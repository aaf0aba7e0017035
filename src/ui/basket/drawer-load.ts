import { batchYield } from '../../core/cut/batch-yield';
import { placeAt } from '../../core/fryer/places';
import { cutAsLoaded } from '../../core/plan/cut-as-loaded';
import { outerCoat, outerRamp } from '../../core/plan/outer-ramp';
import { type Plan, planParts } from '../../core/plan/plan';
import { type DrawerLoad, POSE, type SettledLoad } from '../../workers/basket/protocol';
import type { KindOfPiece } from './basket-scene';

/** Most pieces that are drawn where they are large, and where they are small. Source: chosen, what a phone's worker settles in seconds. */
const MOST_LARGE = 150;
const MOST_SMALL = 450;

/** Times that what is drawn covers the floor at least: those below are not seen anyway. Source: chosen by looking. */
const COVER = 1.4;

/** Dimensions are rounded to this, m, so that a hair's breadth does not settle the load anew. */
const ROUNDED = 1e-4;

/** mm, inner side of the drawer taken as a square. */
export function drawerSide({ fryer }: Pick<Plan, 'fryer'>): number {
  return Math.round(Math.sqrt(fryer.basketArea) * 1000);
}

/** What is tipped into the drawer by a plan; of many pieces each food has its share. @param most pieces, rather than as many as are seen */
export function drawerLoad(plan: Plan, most?: number): DrawerLoad {
  const parts = planParts(plan).map((part) => {
    const cut = cutAsLoaded(part);
    return { cut, ...batchYield(part.food, cut, part.mass) };
  });
  const all = parts.reduce((sum, { count }) => sum + count, 0);
  const layers = parts.reduce((sum, { floor }) => sum + floor, 0) / plan.fryer.basketArea;
  const seen = Math.min(MOST_SMALL, Math.max(MOST_LARGE, (COVER / layers) * all));
  const drawn = Math.min(1, (most ?? seen) / all);
  return {
    side: drawerSide(plan),
    parts: parts.map(({ cut, count }) => ({
      cut: JSON.parse(
        JSON.stringify(cut, (_, value: unknown) =>
          typeof value === 'number' ? Math.max(ROUNDED, Math.round(value / ROUNDED) * ROUNDED) : value,
        ),
      ) as typeof cut,
      count: Math.max(1, Math.round(count * drawn)),
    })),
  };
}

/** How the pieces of each part look. */
export function kindsOfPieces(plan: Plan): KindOfPiece[] {
  return planParts(plan).map((part) => ({
    cut: cutAsLoaded(part),
    ramp: outerRamp(part),
    coated: outerCoat(part) !== null,
  }));
}

/** Whether the pieces of one load may lie for a moment as those of another do: same drawer, same shapes. */
export function liesLike(load: DrawerLoad, other: DrawerLoad): boolean {
  const shapes = ({ parts }: DrawerLoad) => parts.map(({ cut }) => cut.shape).join();
  return load.side === other.side && shapes(load) === shapes(other);
}

/** The poses of a load that has as many pieces of each part, or all there are: the lowest are left out. */
export function cutToSize({ part, pose }: SettledLoad, { parts }: DrawerLoad): SettledLoad {
  const left = parts.map(({ count }) => count);
  const kept = Array.from(part.keys()).filter((i) => left[part[i]!]!-- > 0);
  const poses = new Float32Array(kept.length * POSE);
  kept.forEach((i, n) => poses.set(pose.subarray(i * POSE, (i + 1) * POSE), n * POSE));
  return { part: Uint8Array.from(kept, (i) => part[i]!), pose: poses };
}

/** The place of the floor that each piece of a settled load lies over. @param side mm */
export function placesOf({ part, pose }: SettledLoad, side: number): Uint8Array {
  return Uint8Array.from(part, (_, i) => placeAt(pose[i * POSE]! / side + 0.5, pose[i * POSE + 2]! / side + 0.5));
}
