import { createBeginnings } from '../batch/beginnings';
import { MEMBER_RESOLUTION, type Resolution, STANDARD_RESOLUTION } from '../batch/resolution';
import { forecastToPull } from '../forecast/forecast';
import { shareOfPlan } from '../plan/divide-plan';
import { equalLoads } from '../plan/load-share';
import { type CookAction, isMixing, type Plan, type Stage } from '../plan/plan';
import { type Score, scoreOf } from './score-way';
import { spreadOpenings } from './spread-openings';

/** Openings tried. Source: chosen. */
const OPENINGS = [0, 1, 2, 3, 4] as const;

/** A heap is tossed every so many s. Source: assumed, as cooks of heaps do. */
export const TOSS_EVERY = 240;

/** How much longer than planned a way may take, so that a cooler dial or a heap still gets there. Source: chosen. */
const LONGER = 1.8;

/** Dials tried beside the plan's own, K from it. Source: chosen. */
const OTHER_DIALS = [-10, -20, -30, 10] as const;

/** Two stages tried, s and K from the plan's dial: gentle then hot, hot then gentle. Source: assumed, as cooks do either. */
const TWO_STAGES = [
  { duration: 300, first: -35, then: 5 },
  { duration: 480, first: -25, then: 5 },
  { duration: 720, first: -30, then: 5 },
  { duration: 240, first: 10, then: -30 },
  { duration: 420, first: 10, then: -20 },
] as const;

/** K on the dial between which ways are tried. Source: what a plan may have, 60–250 °C. */
const DIALS = [333.15, 523.15] as const;

/** How long after the unshaken pull the stages of a way still run, share of it: shaking may delay it, nobody waits longer. Source: chosen. */
const RUNS_ON = 1.4;

/** A preheat tried where the plan has none, s. Source: chosen, what most manuals name. */
const USUAL_PREHEAT = 240;

/**
 * How coarsely ways are looked over before the likely ones are cooked as shown. Source: over the ways of five ordinary batches within
 * 1–2 % in time and 0.05 in evenness (medians) and 6 % and 0.16 (nine of ten) of those, at a quarter of the cost.
 */
const LOOKED_OVER: Resolution = { ...MEMBER_RESOLUTION, interval: STANDARD_RESOLUTION.interval };

/** Dial programmes tried: as planned, cooler, hotter, gentle then hot, hot then gentle. */
function programmes({ stages }: Plan): Stage[][] {
  const total = stages.reduce((sum, stage) => sum + stage.duration, 0);
  const dial = stages.at(-1)!.temperature;
  const own = stages.map((stage, i) =>
    i === stages.length - 1 ? { ...stage, duration: stage.duration * LONGER } : stage,
  );
  const flat = OTHER_DIALS.map((by) => [{ duration: total * LONGER, temperature: dial + by }]);
  const two = TWO_STAGES.map(({ duration, first, then }) => [
    { duration, temperature: dial + first },
    { duration: Math.max(60, total * LONGER - duration), temperature: dial + then },
  ]);
  const [coldest, hottest] = DIALS;
  const fits = (programme: readonly Stage[]) =>
    programme.every(({ temperature }) => temperature >= coldest && temperature <= hottest);
  return [own, ...[...flat, ...two].filter(fits)];
}

/** With and without a preheat; with is as the plan has it, else the usual one at the first stage's dial. */
function preheats({ preheat }: Plan, [first]: readonly Stage[]): Plan['preheat'][] {
  return [{ duration: preheat?.duration ?? USUAL_PREHEAT, temperature: first!.temperature }, null];
}

/** The stages up to a moment, s. */
function stagesUntil(stages: readonly Stage[], end: number): Stage[] {
  let from = 0;
  return stages.flatMap((stage) => {
    const left = Math.min(stage.duration, end - from);
    from += stage.duration;
    return left > 0 ? [{ ...stage, duration: left }] : [];
  });
}

/** A way looked over. */
export interface Rough {
  readonly plan: Plan;
  readonly batches: number;
  readonly score: Score;
}

/** One of as many parts into which the ways are dealt. */
export interface PartOfWays {
  /** from 0 */
  readonly index: number;
  readonly of: number;
}

export const ALL_WAYS: PartOfWays = { index: 0, of: 1 };

/**
 * Looks over each dial programme × preheat × openings of as many loads; null for one that is not done within its stages.
 * @param part of the programmes and preheats
 */
export function* lookOver(plan: Plan, seed: number, batches: number, part: PartOfWays): Generator<Rough | null, void> {
  const others = plan.events.filter((event) => !isMixing(event.action));
  for (const [i, programme] of programmes(plan).entries()) {
    for (const [j, preheat] of preheats(plan, programme).entries()) {
      if ((i + j) % part.of !== part.index) continue;
      const whole = { ...plan, stages: programme, preheat, events: others };
      /* its ways are one cook until the first opening */
      const beginnings = createBeginnings();
      const unshaken = forecastToPull(shareOfPlan(whole, 1 / batches), seed, LOOKED_OVER, beginnings);
      const pull = unshaken.pull.time;
      const stages = unshaken.inTime ? stagesUntil(programme, toMinute(pull * RUNS_ON)) : programme;
      const ways = OPENINGS.map((count) => ({
        action: 'shake' as CookAction,
        minutes: spreadOpenings(count, pull / 60),
      }));
      /* what the bench offers for a heap, here among the others */
      if (batches === 1) ways.push({ action: 'toss', minutes: tossesUntil(pull) });
      for (const { action, minutes } of ways) {
        const events = [...others, ...minutes.map((minute) => ({ time: minute * 60, action }))];
        const candidate: Plan = { ...plan, stages, preheat, events };
        const { score, inTime } = scoreOf(candidate, equalLoads(batches), seed, LOOKED_OVER, beginnings);
        yield inTime ? { plan: candidate, batches, score } : null;
      }
    }
  }
}

/** Minutes at which a heap is tossed until shortly before a moment, s. */
function tossesUntil(pull: number): number[] {
  const count = Math.max(0, Math.floor((pull - 60) / TOSS_EVERY));
  return Array.from({ length: count }, (_, i) => ((i + 1) * TOSS_EVERY) / 60);
}

/** Up to the whole minute, s. */
function toMinute(seconds: number): number {
  return Math.ceil(seconds / 60) * 60;
}
