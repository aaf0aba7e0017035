import type { CookRecord } from '../engine/cook-record';
import { RIGHT_BROWNING } from './judge-piece';
import type { TargetColour } from '../plan/plan';
import { firstReached, type ShareTrack } from './shares';

/** Share of right pieces at which a cook calls the batch done. Source: plan-file definition, most pieces. */
const DONE_SHARE = 0.5;

/**
 * When the typical cook would call it done, s: most pieces right; when they never are together, the moment the median
 * piece has the wished colour. Null when neither comes within the stages.
 */
export function findDoneTime(track: ShareTrack, record: CookRecord, colour: TargetColour): number | null {
  return firstReached(track, 1, DONE_SHARE) ?? medianReaches(record, RIGHT_BROWNING[colour].from);
}

function medianReaches(record: CookRecord, browning: number): number | null {
  const { samples, pieces } = record;
  for (let s = 0; s < samples; s++) {
    let reached = 0;
    for (let p = 0; p < pieces; p++) {
      const at = 2 * (s * pieces + p);
      if ((record.browning[at]! + record.browning[at + 1]!) / 2 >= browning) reached++;
    }
    if (reached * 2 >= pieces) return s * record.interval;
  }
  return null;
}
