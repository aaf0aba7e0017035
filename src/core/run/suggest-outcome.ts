import { ANSWER_STEP } from '../coach/observation';
import type { RunState } from './run-state';

/** A look longer than this before the pull tells of other colours, s. Source: assumed; a swatch in the last minutes. */
const FRESH = 240;

/** Browning that the last look told, or null when nobody looked shortly before the pull. */
export function browningSeen(run: Pick<RunState, 'observations' | 'loadedAt' | 'doneAt'>): number | null {
  const last = run.observations.findLast((one) => one.kind === 'look' || one.kind === 'swatch');
  if (!last || run.loadedAt === null) return null;
  if (run.doneAt !== null && (run.doneAt - run.loadedAt) / 1000 - last.time > FRESH) return null;
  if (last.kind === 'swatch') return last.browning;
  if (last.kind !== 'look') return null;
  const factor = { 'as-shown': 1, paler: Math.exp(-ANSWER_STEP), darker: Math.exp(ANSWER_STEP) }[last.look];
  return Math.min(6, last.shown * factor);
}
