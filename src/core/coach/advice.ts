import { createBeginnings } from '../batch/beginnings';
import { STANDARD_RESOLUTION } from '../batch/resolution';
import { type Forecast, forecastToPull } from '../forecast/forecast';
import { pullTimeIn } from '../forecast/pull-time-in';
import { type Unknowns, withUnknowns } from '../forecast/unknowns';
import { cookDuration, dialTemperature, type Plan, type Stage } from '../plan/plan';

/** What to do otherwise for the rest of the run. */
export type Advice =
  /** go on; pull `shift` s later (or sooner) than planned */
  | { readonly kind: 'time'; readonly shift: number }
  /** turn the dial by `by` K now: so many more pieces right at best */
  | {
      readonly kind: 'dial';
      readonly by: number;
      readonly gain: number;
      readonly reason: 'colour-ahead' | 'colour-behind';
    };

/** Turns of the dial that are tried, K. Source: chosen; what a cook would turn at once. */
const TURNS = [-15, 15] as const;

/** Pieces that a turn of the dial must win. Source: assumed, one in ten; less is not worth touching it. */
const WORTH_TURNING = 0.1;

/** Highest dial, K. Source: usual for the kind, 220 °C. */
const HOTTEST = 493.15;

/** The plan with its dial turned by `by` K from `now` on. */
export function withTurnedDial(plan: Plan, now: number, by: number): Plan {
  const end = cookDuration(plan);
  if (now >= end) return plan;
  const before: Stage[] = [];
  const after: Stage[] = [];
  let from = 0;
  for (const stage of plan.stages) {
    const to = from + stage.duration;
    if (from < now) before.push({ ...stage, duration: Math.min(to, now) - from });
    if (to > now) {
      after.push({ duration: to - Math.max(from, now), temperature: Math.min(HOTTEST, stage.temperature + by) });
    }
    from = to;
  }
  return { ...plan, stages: [...before, ...after] };
}

/**
 * What is best for the rest of the run under the likeliest unknowns. Cost: three coarse forecasts.
 * @param now s @param plannedPull s, as forecast before the run
 */
export function advise(plan: Plan, unknowns: Unknowns, now: number, plannedPull: number | null, seed: number): Advice {
  const likely = withUnknowns(plan, unknowns);
  /* they are one cook until now */
  const beginnings = createBeginnings();
  const asIs = forecastToPull(likely, seed, STANDARD_RESOLUTION, beginnings);
  let best: { by: number; forecast: Forecast } | null = null;
  for (const by of TURNS) {
    if (dialTemperature(plan.stages, now) + by > HOTTEST) continue;
    const forecast = forecastToPull(withTurnedDial(likely, now, by), seed, STANDARD_RESOLUTION, beginnings);
    if (!forecast.inTime || forecast.peak.time < now) continue;
    if (!best || forecast.peak.share > best.forecast.peak.share) best = { by, forecast };
  }
  const gain = best ? best.forecast.peak.share - asIs.peak.share : 0;
  if (best && gain >= WORTH_TURNING) {
    return { kind: 'dial', by: best.by, gain, reason: best.by < 0 ? 'colour-ahead' : 'colour-behind' };
  }
  const pull = pullTimeIn(asIs) ?? cookDuration(plan);
  return { kind: 'time', shift: pull - (plannedPull ?? pull) };
}
