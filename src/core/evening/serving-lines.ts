import { arrangeEvening } from './arrange-evening';
import type { EveningProblem, EveningSchedule } from './evening-problem';
import { servedLater } from './ways-out';

/** A time at which it can be served, s after the one that was wished, and how. */
export interface ServingLine {
  readonly by: number;
  readonly schedule: EveningSchedule;
}

/** Delays that are tried, s. Source: chosen, two minutes apart for the first half hour, then ten. */
const DELAYS = [...Array.from({ length: 16 }, (_, i) => i * 120), 2400, 3000, 3600, 5400, 7200];

/** Partial schedules for each delay. Source: numerics. */
const LOOKS = 200;

/** Loss by which a later time must be better before it is worth saying, points. Source: chosen, a twentieth of a dish. */
const WORTH_WAITING = 5;

/**
 * When it can be served: the soonest that is possible, and, where that costs something at the table, the soonest that costs nearly as
 * little as any. @param isOver whether time is up, for who has a clock: then the soonest alone is looked for
 * @returns one or two, soonest first; none where nothing helps within two hours
 */
export function servingLines(problem: EveningProblem, isOver: () => boolean = () => false): ServingLine[] {
  const lines: ServingLine[] = [];
  for (const by of DELAYS) {
    if (lines.length > 0 && isOver()) break;
    const { best } = arrangeEvening(servedLater(problem, by), LOOKS, isOver);
    if (best) lines.push({ by, schedule: best });
  }
  const [soonest] = lines;
  if (!soonest) return [];
  const least = Math.min(...lines.map(({ schedule }) => schedule.loss));
  const best = lines.find(({ schedule }) => schedule.loss <= least + 1)!;
  return best !== soonest && soonest.schedule.loss - best.schedule.loss >= WORTH_WAITING ? [soonest, best] : [soonest];
}
