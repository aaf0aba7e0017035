/** What an eater loses while food waits, against the wait; it never falls. Beyond the last value it goes on as it rose last. */
export interface LossCurve {
  /** s between values */
  readonly interval: number;
  readonly values: readonly number[];
}

/** No loss however long the wait. */
export const KEEPS: LossCurve = { interval: 60, values: [0, 0] };

/** The curve made never to fall. */
export function risingCurve(interval: number, values: readonly number[]): LossCurve {
  let most = -Infinity;
  return { interval, values: values.map((value) => (most = Math.max(most, value))) };
}

/** The loss after `wait` s, linear between values. */
export function lossAfter({ interval, values }: LossCurve, wait: number): number {
  const at = Math.max(0, wait) / interval;
  const from = Math.min(Math.floor(at), values.length - 2);
  const before = values[from]!;
  return before + (values[from + 1]! - before) * (at - from);
}
