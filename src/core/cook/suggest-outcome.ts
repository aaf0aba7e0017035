import type { RunState } from './run-state';

/** Colour one answer away from the picture shown, as a factor. Source: the step of the coach's likelihood, e^0.45. */
const ANSWER_STEP = 1.57;

/** Browning that the last look told, or null when nobody looked. */
export function browningSeen(run: Pick<RunState, 'observations'>): number | null {
  const last = run.observations.findLast((one) => one.kind === 'look' || one.kind === 'swatch');
  if (!last) return null;
  if (last.kind === 'swatch') return last.browning;
  if (last.kind !== 'look') return null;
  const factor = { 'as-shown': 1, paler: 1 / ANSWER_STEP, darker: ANSWER_STEP }[last.look];
  return Math.min(6, last.shown * factor);
}
