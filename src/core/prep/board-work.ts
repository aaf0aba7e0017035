import { batchYield } from '../cut/batch-yield';
import { type BatchPart, type Plan, planParts } from '../plan/plan';
import { handsOnDuration, prepTasks } from './prep-tasks';

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

/** Washing, peeling and cutting the pieces of one food, s. None for what comes in pieces, formed or frozen. */
function cutting({ food, cut, mass, scatter, startTemperature }: BatchPart): number {
  if (cut.shape === 'formed' || food.coat !== null || READY.has(food.id) || startTemperature < 273.15) return 0;
  const each = scatter <= MANDOLINE_SCATTER ? BY_MANDOLINE : BY_KNIFE;
  return PEELING * mass + each * batchYield(food, cut, mass).count;
}

/**
 * Hands on the board for all pieces of a plan, s: washing, peeling, cutting; for foods that are added later also the hands of their
 * own preparation, since they stand ready when the first go in. What of theirs waits runs beside the rest.
 */
export function boardWork(plan: Plan): number {
  const parts = planParts(plan);
  const cuts = parts.reduce((sum, part) => sum + cutting(part), 0);
  const madeReady = parts
    .slice(1)
    .reduce((sum, { preparation }) => sum + handsOnDuration(prepTasks({ preparation, preheat: null })), 0);
  return Math.min(MOST, cuts) + madeReady;
}
