import { weightedQuantile } from '../numeric/quantile';

/** Quantiles of the moment to pull, s; null where that member is not done half again as long as the stages. */
export interface PullInterval {
  readonly p10: number | null;
  readonly p50: number | null;
  readonly p90: number | null;
}

/** When one kitchen in a set would pull, s (null when later than was looked), and how much it counts. */
export interface PullTime {
  readonly time: number | null;
  readonly weight: number;
}

/** Quantiles over weighted pull times; one that is not known counts as later than all others. */
export function pullInterval(times: readonly PullTime[]): PullInterval {
  const values = times.map(({ time }) => time ?? Infinity);
  const weights = times.map(({ weight }) => weight);
  const at = (share: number) => {
    const value = weightedQuantile(values, weights, share);
    return Number.isFinite(value) ? value : null;
  };
  return { p10: at(0.1), p50: at(0.5), p90: at(0.9) };
}

/** When a cook of the plan as expected would pull, s; null where not within its stages. */
export interface Expected {
  readonly pull: { readonly time: number };
  readonly inTime: boolean;
}

/**
 * The interval of members that are coarser than what is shown, drawn to it: as a member of the plan as expected pulls a little
 * earlier or later than the standard cook of the same, so does each.
 * @param coarse the plan as expected at the members' resolution @param shown the same at the standard one
 */
export function intervalAround(times: readonly PullTime[], coarse: Expected, shown: Expected): PullInterval {
  const ratio = coarse.inTime && shown.inTime ? shown.pull.time / coarse.pull.time : 1;
  return pullInterval(times.map(({ time, weight }) => ({ time: time === null ? null : time * ratio, weight })));
}
