import { forecastToPull } from '../forecast/forecast';
import { forecastLoads } from '../forecast/forecast-loads';
import { shareOfPlan } from '../plan/divide-plan';
import { equalLoads, type LoadShare } from '../plan/load-share';
import { isMixing, type Plan, type Stage } from '../plan/plan';
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

/** Openings tried. Source: chosen; two by two, as the gain of one more is small. */
const OPENINGS = [0, 2, 4] as const;

/** A heap is tossed every so many s. Source: assumed, as cooks of heaps do. */
export const TOSS_EVERY = 240;

/** Share right below which a way is no proposal. Source: assumed, half. */
const LEAST_RIGHT = 0.5;

/** How much longer than planned a way may take, so that a cooler dial or a heap still gets there. Source: chosen. */
const LONGER = 1.8;

/** Dials tried beside the plan's own, K from it. Source: chosen. */
const COOLER = -15;
const HOTTER = 10;

/** Two stages tried, s and K from the plan's dial: gentle then hot, hot then gentle. Source: assumed, as cooks do either. */
const GENTLE_FIRST = { duration: 480, first: -25, then: 5 } as const;
const HOT_FIRST = { duration: 420, first: 10, then: -20 } as const;

/** How long after the unshaken pull the stages of a way still run, share of it: shaking may delay it, nobody waits longer. Source: chosen. */
const RUNS_ON = 1.4;

/** A preheat tried where the plan has none, s. Source: chosen, what most manuals name. */
const USUAL_PREHEAT = 240;

/** Dial programmes tried: as planned, cooler, hotter, gentle then hot, hot then gentle. */
function programmes({ stages }: Plan): Stage[][] {
  const total = stages.reduce((sum, stage) => sum + stage.duration, 0);
  const dial = stages.at(-1)!.temperature;
  const flat = (by: number) => [{ duration: total * LONGER, temperature: dial + by }];
  const two = ({ duration, first, then }: typeof GENTLE_FIRST | typeof HOT_FIRST) => [
    { duration, temperature: dial + first },
    { duration: Math.max(60, total * LONGER - duration), temperature: dial + then },
  ];
  const own = stages.map((stage, i) =>
    i === stages.length - 1 ? { ...stage, duration: stage.duration * LONGER } : stage,
  );
  return [own, flat(COOLER), flat(HOTTER), two(GENTLE_FIRST), two(HOT_FIRST)];
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

function scored(plan: Plan, order: readonly LoadShare[], seed: number): { score: Score; inTime: boolean } {
  const { time, evenness, inTime } = forecastLoads(plan, order, seed);
  const attention = order.length * plan.events.length + (order.length - 1);
  return { score: { time: (plan.preheat?.duration ?? 0) + time, evenness, attention }, inTime };
}

/**
 * Yields first the plan as it stands, then each way of loads × dial programme × preheat × openings that is done with at least
 * half of the pieces right together, as it is found; the caller may stop at any time. Later loads find the fryer warm. Same
 * plan, order and seed, same ways. Cost: some 150 forecasts, more where there are several loads.
 * @param order of the plan's own loads
 */
export function* searchPlans(
  plan: Plan,
  seed: number,
  order: readonly LoadShare[] = equalLoads(1),
): Generator<Alternative, void, void> {
  yield { plan, batches: order.length, score: scored(plan, order, seed).score, asItStands: true };
  const others = plan.events.filter((event) => !isMixing(event.action));
  for (let batches = 1; batches <= MOST_BATCHES; batches++) {
    for (const programme of programmes(plan)) {
      for (const preheat of preheats(plan, programme)) {
        const whole = { ...plan, stages: programme, preheat, events: others };
        const unshaken = forecastToPull(shareOfPlan(whole, 1 / batches), seed);
        const pull = unshaken.pull.time;
        const stages = unshaken.inTime ? stagesUntil(programme, toMinute(pull * RUNS_ON)) : programme;
        const ways = [
          ...OPENINGS.map((count) => ({ action: 'shake' as const, minutes: spreadOpenings(count, pull / 60) })),
          /* what the bench offers for a heap, here among the others */
          ...(batches === 1
            ? [
                {
                  action: 'toss' as const,
                  minutes: Array.from(
                    { length: Math.floor((pull - 60) / TOSS_EVERY) },
                    (_, i) => ((i + 1) * TOSS_EVERY) / 60,
                  ),
                },
              ]
            : []),
        ];
        for (const { action, minutes } of ways) {
          const events = [...others, ...minutes.map((minute) => ({ time: minute * 60, action }))];
          const candidate: Plan = { ...plan, stages, preheat, events };
          const { score, inTime } = scored(candidate, equalLoads(batches), seed);
          if (inTime && score.evenness >= LEAST_RIGHT) yield { plan: candidate, batches, score, asItStands: false };
        }
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
