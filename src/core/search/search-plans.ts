import { type Beginnings, createBeginnings } from '../batch/beginnings';
import { MEMBER_RESOLUTION, type Resolution, STANDARD_RESOLUTION } from '../batch/resolution';
import { forecastToPull } from '../forecast/forecast';
import { forecastLoads } from '../forecast/forecast-loads';
import { shareOfPlan } from '../plan/divide-plan';
import { equalLoads, type LoadShare } from '../plan/load-share';
import { type CookAction, isMixing, type Plan, type Stage } from '../plan/plan';
import { spreadOpenings } from './spread-openings';

/** What a plan costs and gives. */
export interface Score {
  /** s from the switch of the fryer to the last pull: preheat, all loads, emptying and filling between them */
  readonly time: number;
  /** share of pieces right when pulled, 0–1 */
  readonly evenness: number;
  /** openings of the drawer over all batches */
  readonly attention: number;
}

/** One way to cook what lies on the board. */
export interface Alternative {
  /** all that is on the board, with the stages, openings and preheat of this way */
  readonly plan: Plan;
  readonly batches: number;
  readonly score: Score;
  /** the plan as it stands on the bench, against which the others are held */
  readonly asItStands: boolean;
}

/** How much each point matters, 0 or more. */
export interface Weights {
  readonly time: number;
  readonly evenness: number;
  readonly attention: number;
}

/** Most batches tried. Source: assumed; nobody stands longer. */
const MOST_BATCHES = 3;

/** Openings tried. Source: chosen; more are spent on no batch that has them already. */
const OPENINGS = [0, 1, 2, 3, 4] as const;

/** A heap is tossed every so many s. Source: assumed, as cooks of heaps do. */
export const TOSS_EVERY = 240;

/** Share right below which a way is no proposal. Source: assumed, half. */
const LEAST_RIGHT = 0.5;

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
 * How coarsely ways are looked over before the likely ones are cooked as shown. Source: over the ways of four ordinary batches within
 * 1–2 % in time and 0.06 in evenness (median) and 6 % and 0.16 (nine of ten) of those, at a quarter of the cost.
 */
const LOOKED_OVER: Resolution = { ...MEMBER_RESOLUTION, interval: STANDARD_RESOLUTION.interval };

/** How far a way looked over may lie behind another and still be cooked as shown: share of its time, and evenness. Source: those errors. */
const TIME_ROOM = 0.05;
const EVENNESS_ROOM = 0.1;

/** Evenness from which no cook sees a difference. Source: assumed, one piece in twenty. */
const EVEN_ENOUGH = 0.95;

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

function scoreOf(
  plan: Plan,
  order: readonly LoadShare[],
  seed: number,
  resolution: Resolution = STANDARD_RESOLUTION,
  beginnings?: Beginnings,
) {
  const { time, evenness, inTime } = forecastLoads(plan, order, seed, resolution, beginnings);
  const attention = order.length * plan.events.length + (order.length - 1);
  return { score: { time: (plan.preheat?.duration ?? 0) + time, evenness, attention }, inTime };
}

/** A way looked over. */
interface Rough {
  readonly plan: Plan;
  readonly batches: number;
  readonly score: Score;
}

/** Looks over each dial programme × preheat × openings of as many loads; null for one that is no proposal. */
function* lookOver(plan: Plan, seed: number, batches: number): Generator<Rough | null, void> {
  const others = plan.events.filter((event) => !isMixing(event.action));
  for (const programme of programmes(plan)) {
    for (const preheat of preheats(plan, programme)) {
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
        const isLikely = inTime && score.evenness >= LEAST_RIGHT - EVENNESS_ROOM;
        yield isLikely ? { plan: candidate, batches, score } : null;
      }
    }
  }
}

/** Minutes at which a heap is tossed until shortly before a moment, s. */
function tossesUntil(pull: number): number[] {
  const count = Math.max(0, Math.floor((pull - 60) / TOSS_EVERY));
  return Array.from({ length: count }, (_, i) => ((i + 1) * TOSS_EVERY) / 60);
}

/** Whether one way is so far ahead of another, both looked over, that it will be when both are cooked as shown. */
function farAhead(one: Score, other: Score): boolean {
  const evenness = Math.min(one.evenness, EVEN_ENOUGH);
  return (
    one.attention <= other.attention &&
    one.time <= (1 - TIME_ROOM) * other.time &&
    (evenness === EVEN_ENOUGH || evenness >= other.evenness + EVENNESS_ROOM)
  );
}

/** What a search has come to: how many ways were tried so far, and the one that was just found to be a proposal. */
export interface SearchStep {
  readonly tried: number;
  readonly found: Alternative | null;
}

/**
 * Finds first the plan as it stands, then ways of loads × dial programme × preheat × openings that are done with at least half of the
 * pieces right together: all are looked over coarsely, and those that none is far ahead of are cooked as the bench would. Later loads
 * find the fryer warm. The caller may stop after any step. Same plan, order and seed, same ways.
 * Cost: some 700 coarse cooks and a few dozen as shown.
 * @param order of the plan's own loads
 */
export function* searchPlans(
  plan: Plan,
  seed: number,
  order: readonly LoadShare[] = equalLoads(1),
): Generator<SearchStep, void, void> {
  let tried = 1;
  yield { tried, found: { plan, batches: order.length, score: scoreOf(plan, order, seed).score, asItStands: true } };
  const ahead: Rough[] = [];
  for (let batches = 1; batches <= MOST_BATCHES; batches++) {
    const rough: Rough[] = [];
    for (const one of lookOver(plan, seed, batches)) {
      tried++;
      if (one) rough.push(one);
      yield { tried, found: null };
    }
    ahead.push(...rough);
    for (const one of rough) {
      if (ahead.some((other) => farAhead(other.score, one.score))) continue;
      const { score, inTime } = scoreOf(one.plan, equalLoads(batches), seed);
      if (inTime && score.evenness >= LEAST_RIGHT) {
        yield { tried, found: { plan: one.plan, batches, score, asItStands: false } };
      }
    }
  }
}

/** Up to the whole minute, s. */
function toMinute(seconds: number): number {
  return Math.ceil(seconds / 60) * 60;
}

/** Alternatives that no other beats in every point: the trade-off front, quickest first. */
export function tradeOffFront(alternatives: readonly Alternative[]): Alternative[] {
  const beats = (a: Score, b: Score) =>
    a.time <= b.time &&
    a.evenness >= b.evenness &&
    a.attention <= b.attention &&
    (a.time < b.time || a.evenness > b.evenness || a.attention < b.attention);
  return alternatives
    .filter((one) => !alternatives.some((other) => beats(other.score, one.score)))
    .sort((a, b) => a.score.time - b.score.time);
}

/** What must be gained, in those units, before a change is proposed at all. Source: assumed, half a minute. */
const WORTH_PROPOSING = 0.5;

/**
 * The alternative that suits the weights best, or null where there is none; a minute, a tenth of evenness and an opening count
 * one each. The plan as it stands stays the best unless another gains something that a cook would notice.
 */
export function bestByWeights<Found extends Pick<Alternative, 'score' | 'asItStands'>>(
  alternatives: readonly Found[],
  weights: Weights,
): Found | null {
  const cost = ({ score, asItStands }: Found) =>
    (weights.time * score.time) / 60 -
    weights.evenness * score.evenness * 10 +
    weights.attention * score.attention -
    (asItStands ? WORTH_PROPOSING : 0);
  return alternatives.reduce<Found | null>((best, one) => (!best || cost(one) < cost(best) ? one : best), null);
}
