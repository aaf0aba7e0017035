import { ANSWER_STEP } from '../coach/observation';
import type { RunState } from './run-state';

/** Browning that the last look told, or null when nobody looked. */
export function browningSeen(run: Pick<RunState, 'observations'>): number | null {
  const last = run.observations.findLast((one) => one.kind === 'look' || one.kind === 'swatch');
  if (!last) return null;
  if (last.kind === 'swatch') return last.browning;
  if (last.kind !== 'look') return null;
  const factor = { 'as-shown': 1, paler: Math.exp(-ANSWER_STEP), darker: Math.exp(ANSWER_STEP) }[last.look];
  return Math.min(6, last.shown * factor);
}
