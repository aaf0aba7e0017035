import type { CookRecord } from '../batch/cook-record';
import { quantileOfSorted } from '../numeric/quantile';
import { type Plan, planParts, type TargetColour } from '../plan/plan';
import { COOKED_THROUGH, RIGHT_BROWNING } from '../piece/judge-piece';

/** Share of pieces that have come right when a cook calls the batch done. Source: plan-file definition, most pieces. */
const DONE_SHARE = 0.5;

/**
 * When the typical cook would call it done, s: half of the pieces have come to the wished colour and bite and are cooked
 * through. Pieces that are dark by then count as having come right before. Null when that is not within the stages.
 */
export function findDoneTime(record: CookRecord, plan: Plan): number | null {
  const colours = planParts(plan).map((part) => part.target.colour);
  const times = Array.from({ length: record.pieces }, (_, p) => readyTime(record, p, colours[record.part[p]!]!)).sort(
    (a, b) => a - b,
  );
  const done = quantileOfSorted(times, DONE_SHARE);
  return Number.isFinite(done) ? done : null;
}

/** When one piece first has colour, bite and heart, s, linear between samples; Infinity when it never has. */
function readyTime(record: CookRecord, piece: number, colour: TargetColour): number {
  const { pieces, samples, interval } = record;
  const readiness = (s: number) => {
    const at = s * pieces + piece;
    const browning = (record.browning[2 * at]! + record.browning[2 * at + 1]!) / 2;
    return Math.min(
      browning / RIGHT_BROWNING[colour].from,
      record.crispness[at]!,
      record.softness[at]! / COOKED_THROUGH,
    );
  };
  let before = readiness(0);
  for (let s = 1; s < samples; s++) {
    const here = readiness(s);
    if (here >= 1) return (s - 1 + Math.max(0, (1 - before) / (here - before))) * interval;
    before = here;
  }
  return Infinity;
}
