import { COARSE_RESOLUTION } from '../batch/resolution';
import { forecastPlan } from '../forecast/forecast';
import { spreadOpenings } from './spread-openings';
import type { CookAction, CookEvent, Plan } from '../plan/plan';

/** Most openings tried. */
const MOST_OPENINGS = 6;

/** Evenness given up for fewer openings. Source: assumed, one piece in twenty. */
const WORTH_AN_OPENING = 0.05;

/** The openings of a shake plan and the share of right pieces it reaches. */
export interface ShakePlan {
  readonly events: readonly CookEvent[];
  readonly peakShare: number;
}

/** The fewest openings that reach nearly the best evenness, spread over the cook. Cost: eight coarse forecasts. */
export function chooseOpenings(plan: Plan, seed: number, action: CookAction = 'shake'): ShakePlan {
  const unshaken = forecastPlan({ ...plan, events: [] }, seed, COARSE_RESOLUTION);
  const end = plan.stages.reduce((sum, stage) => sum + stage.duration, 0);
  const minutes = (unshaken.doneTime ?? end) / 60;
  const tried: ShakePlan[] = [{ events: [], peakShare: unshaken.peak.share }];
  for (let count = 1; count <= MOST_OPENINGS; count++) {
    const events = spreadOpenings(count, minutes).map((minute) => ({ time: minute * 60, action }));
    tried.push({ events, peakShare: forecastPlan({ ...plan, events }, seed, COARSE_RESOLUTION).peak.share });
  }
  const best = Math.max(...tried.map((one) => one.peakShare));
  return tried.find((one) => one.peakShare >= best - WORTH_AN_OPENING)!;
}
