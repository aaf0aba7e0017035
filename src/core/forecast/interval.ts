import type { CookRecord } from '../batch/cook-record';
import { MEMBER_RESOLUTION, type Resolution, STANDARD_RESOLUTION } from '../batch/resolution';
import { simulateCook } from '../batch/simulate-cook';
import { normalQuantile } from '../numeric/normal-quantile';
import { cookDuration, type Plan } from '../plan/plan';
import { findBestMoment } from './best-moment';
import { watchMoment } from './known-moment';
import { intervalAround, type PullInterval, type PullTime } from './pull-interval';
import { trackShares } from './shares';
import { AS_EXPECTED, browningScaleOf, type Unknowns, withUnknowns } from './unknowns';

/** Beyond the stages a pull is still looked for, this share of them and s at least: a number helps more than none. Source: chosen. */
const LOOK_BEYOND = { share: 0.5, least: 600 };

/** The plan with its last stage going on. */
export function goingOn(plan: Plan): Plan {
  const last = plan.stages[plan.stages.length - 1]!;
  const more = Math.max(LOOK_BEYOND.least, LOOK_BEYOND.share * cookDuration(plan));
  return { ...plan, stages: [...plan.stages.slice(0, -1), { ...last, duration: last.duration + more }] };
}

/** When to pull by a record, s, or null when it ends before. @param scale of browning, see `trackShares` */
export function pullTimeOf(record: CookRecord, plan: Plan, scale = 1): number | null {
  const { pull, inTime } = findBestMoment(trackShares(record, plan, scale));
  return inTime ? pull.time : null;
}

/** Distance of a sigma point, standard deviations: in three dimensions six points at ±√3 have the mean and the variance of a normal distribution. Source: spherical-radial cubature of degree three, Arasaratnam & Haykin (2009). */
const SIGMA_POINT = Math.sqrt(3);

/** Brownings that each cook stands for, at evenly spaced quantiles. Source: numerics. */
const BROWNINGS = 15;

/** Those brownings, in standard deviations. */
const DEVIATIONS = Array.from({ length: BROWNINGS }, (_, i) => normalQuantile((i + 0.5) / BROWNINGS));

/** Brownings cooked apart where pieces are pulled in between: three nodes of Gauss–Hermite, deviations and weights. Source: Abramowitz & Stegun (1964), table 25.10. */
const BROWNING_NODES = [
  { deviation: -SIGMA_POINT, weight: 1 / 6 },
  { deviation: 0, weight: 2 / 3 },
  { deviation: SIGMA_POINT, weight: 1 / 6 },
] as const;

/** The unknowns that need a cook of their own: two points for each of h, thermostat and power. */
export const SIGMA_POINTS: readonly Unknowns[] = (['heatTransfer', 'offset', 'power'] as const).flatMap((name) =>
  [-SIGMA_POINT, SIGMA_POINT].map((deviation) => ({ ...AS_EXPECTED, [name]: deviation })),
);

/**
 * When the kitchens of one sigma point would pull. Multiplying a record's browning gives the same cook as another food would, as
 * long as nothing is pulled by colour in between, so that one cook serves every browning.
 * Cost: one coarse cook, or three where pieces are pulled in between.
 */
export function pullTimesAt(
  plan: Plan,
  unknowns: Unknowns,
  seed: number,
  resolution: Resolution = MEMBER_RESOLUTION,
): PullTime[] {
  const longer = goingOn(plan);
  if (plan.events.some(({ action }) => action === 'pull')) {
    return BROWNING_NODES.map(({ deviation, weight }) => {
      const member = withUnknowns(longer, { ...unknowns, browning: deviation });
      return { time: pullTimeOf(simulateCook(member, seed, resolution, watchMoment(member)), member), weight };
    });
  }
  const member = withUnknowns(longer, unknowns);
  const scales = DEVIATIONS.map((deviation) => browningScaleOf(deviation, plan.spread));
  const record = simulateCook(member, seed, resolution, watchMoment(member, scales));
  return scales.map((scale) => ({ time: pullTimeOf(record, longer, scale), weight: 1 / BROWNINGS }));
}

/** The record of a food that browns `scale` times as fast. */
export function withBrowning(record: CookRecord, scale: number): CookRecord {
  return { ...record, browning: record.browning.map((browning) => browning * scale) };
}

/** The 80 % interval of the moment to pull over the fryer's and the food's unknowns. Cost: seven coarse cooks and one of the standard. */
export function forecastInterval(plan: Plan, seed: number): PullInterval {
  const [coarse, shown] = [MEMBER_RESOLUTION, STANDARD_RESOLUTION].map((resolution) =>
    findBestMoment(trackShares(simulateCook(plan, seed, resolution, watchMoment(plan)), plan)),
  );
  return intervalAround(
    SIGMA_POINTS.flatMap((unknowns) => pullTimesAt(plan, unknowns, seed)),
    coarse!,
    shown!,
  );
}
