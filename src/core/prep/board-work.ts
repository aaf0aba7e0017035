import { batchYield } from '../cut/batch-yield';
import type { Plan } from '../plan/plan';

/** Washing and peeling, or trimming, s per kg of pieces. Source: assumed; half a kilogram of roots takes some two minutes. */
const PEELING = 240;

/** A piece off the knife, and one off a mandoline, s. Source: assumed; several come with each stroke. */
const BY_KNIFE = 2.2;
const BY_MANDOLINE = 0.5;

/** Scatter of thickness up to which it was a mandoline. Source: the Cut station, 3 %. */
const MANDOLINE_SCATTER = 0.035;

/** Longest that anyone cuts for one plan, s. Source: assumed. */
const MOST = 1800;

/** Foods that come ready for the bowl. */
const READY: ReadonlySet<string> = new Set(['chickpea-cooked', 'pasta-cooked']);

/** Hands on the board for all pieces of a plan, s: washing, peeling, cutting. None for what comes in pieces, formed or frozen. */
export function boardWork({ food, cut, mass, scatter, startTemperature }: Plan): number {
  if (cut.shape === 'formed' || food.coat !== null || READY.has(food.id) || startTemperature < 273.15) return 0;
  const each = scatter <= MANDOLINE_SCATTER ? BY_MANDOLINE : BY_KNIFE;
  return Math.min(MOST, PEELING * mass + each * batchYield(food, cut, mass).count);
}
