import { forecastToPull } from '../forecast/forecast';
import type { Plan } from '../plan/plan';

/** Minutes between two moments tried, s. Source: chosen; a cook reads no finer off a plan. */
const STEP = 60;

/** More right together than from the start that makes a later moment worth it. Source: assumed, one piece in fifty. */
const WORTH_WAITING = 0.02;

/** When more food goes in best, and what that gives. */
export interface JoinMoment {
  /** s after the first loading; 0 where it may as well go in with the others */
  readonly time: number;
  /** share of all pieces right when pulled */
  readonly share: number;
  /** the same at the moment planned */
  readonly planned: number;
}

/**
 * Tries every minute up to the pull for one opening that adds food, so that as many pieces as can be of all foods are right together.
 * Cost: a forecast for each minute.
 * @param index of the opening in the plan's events; it carries a part
 */
export function whenToAdd(plan: Plan, index: number, seed: number): JoinMoment {
  const shareAt = (time: number) =>
    forecastToPull({ ...plan, events: plan.events.map((event, i) => (i === index ? { ...event, time } : event)) }, seed)
      .pull;
  const first = shareAt(0);
  const planned = shareAt(plan.events[index]!.time).share;
  let best = { time: 0, share: first.share };
  for (let time = STEP; time <= first.time - STEP; time += STEP) {
    const { share } = shareAt(time);
    if (share > best.share + (best.time === 0 ? WORTH_WAITING : 0)) best = { time, share };
  }
  return { ...best, planned };
}
