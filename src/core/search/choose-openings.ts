import { forecastPlan } from '../forecast/forecast';
import { type CookAction, type CookEvent, isMixing, type Plan } from '../plan/plan';
import { spreadOpenings } from './spread-openings';

/** Most openings tried. Source: chosen. */
const MOST_OPENINGS = 5;

/** Evenness given up for fewer openings. Source: assumed, one piece in twenty. */
const WORTH_AN_OPENING = 0.05;

/**
 * The fewest openings that reach nearly the best evenness, spread over the cook up to its own moment to pull; those that
 * carry something stay where they are. Cost: a forecast for each number tried, six at most; most plans need two.
 * @param action what is done at each; as the plan has it, or a shake
 */
export function chooseOpenings(plan: Plan, seed: number, action: CookAction = mixingOf(plan)): readonly CookEvent[] {
  const others = plan.events.filter((event) => !isMixing(event.action));
  const unshaken = forecastPlan({ ...plan, events: others }, seed);
  const tried = [{ events: others, share: unshaken.peak.share }];
  /* nothing can be better than all right: what is nearly that need not be compared */
  for (let count = 1; count <= MOST_OPENINGS && tried.at(-1)!.share < 1 - WORTH_AN_OPENING; count++) {
    const spread = spreadOpenings(count, unshaken.pull.time / 60).map((minute) => ({ time: minute * 60, action }));
    const events = [...others, ...spread];
    tried.push({ events, share: forecastPlan({ ...plan, events }, seed).peak.share });
  }
  const best = Math.max(...tried.map(({ share }) => share));
  return tried.find(({ share }) => share >= best - WORTH_AN_OPENING)!.events;
}

function mixingOf(plan: Plan): CookAction {
  return plan.events.map((event) => event.action).find(isMixing) ?? 'shake';
}
