import { type Beginnings, createBeginnings } from '../batch/beginnings';
import { STANDARD_RESOLUTION } from '../batch/resolution';
import { clings, MOVED_BY } from '../forecast/clinging-slices';
import { forecastToPull } from '../forecast/forecast';
import type { Warning } from '../forecast/warning';
import { type CookAction, type CookEvent, isMixing, type Plan } from '../plan/plan';
import { spreadOpenings } from './spread-openings';

/** Most openings tried. Source: chosen. */
const MOST_OPENINGS = 5;

/** Evenness given up for fewer openings. Source: assumed, one piece in twenty. */
const WORTH_AN_OPENING = 0.05;

/** A stretch in which enough pieces are right that nobody misses it, s, and the share of the longest that will do where none is that long. Source: assumed; a cook turns to the table for a minute or two. */
const LONG_ENOUGH = 180;
const NEARLY_LONGEST = 0.7;

/** When slices that cling are first moved, share of the time by which they must be. Source: chosen. */
const WELL_BEFORE = 0.8;

/** Nearer to the one that moves clinging slices no other is chosen, s. Source: chosen; nobody opens twice within two minutes. */
const APART = 120;

/** What is said against the openings themselves: none are chosen of which the cook would then be warned. */
const AGAINST: ReadonlySet<Warning['code']> = new Set(['never-turned', 'slices-stick', 'peeking']);

interface Tried {
  readonly events: readonly CookEvent[];
  readonly share: number;
  /** s for which at least 80 % are right; 0 when never */
  readonly width: number;
  readonly warned: boolean;
  /** s */
  readonly pull: number;
}

function tryOut(plan: Plan, events: readonly CookEvent[], seed: number, beginnings: Beginnings): Tried {
  const { peak, window, warnings, pull } = forecastToPull({ ...plan, events }, seed, STANDARD_RESOLUTION, beginnings);
  const warned = warnings.some(({ code }) => AGAINST.has(code));
  return { events, share: peak.share, width: window.held ? window.to - window.from : 0, warned, pull: pull.time };
}

/**
 * The fewest openings that reach nearly the best evenness for nearly as long as can be, or for long enough, spread over the cook up to its own moment to pull; those that
 * carry something stay where they are. Cost: a forecast for each number tried, six at most; most plans need two.
 * None are chosen of which the cook would be warned: pieces never turned, thin slices left to cling, a drawer open too long.
 * @param action what is done at each; as the plan has it, or a shake
 */
export function chooseOpenings(plan: Plan, seed: number, action: CookAction = mixingOf(plan)): readonly CookEvent[] {
  const kept = plan.events.filter((event) => !isMixing(event.action));
  const others = clings(plan) ? [...kept, { time: WELL_BEFORE * MOVED_BY, action }] : kept;
  const beginnings = createBeginnings();
  const tried: Tried[] = [tryOut(plan, others, seed, beginnings)];
  const unshaken = tried[0]!.pull;
  const isGood = ({ share, width, warned }: Tried) => !warned && share >= 1 - WORTH_AN_OPENING && width >= LONG_ENOUGH;
  /* nothing need be better than all right for long enough: what is nearly that is not compared with more */
  for (let count = 1; count <= MOST_OPENINGS && !isGood(tried.at(-1)!); count++) {
    const spread = spreadOpenings(count, unshaken / 60)
      .map((minute) => ({ time: minute * 60, action }))
      .filter(({ time }) => others.every((other) => !isMixing(other.action) || Math.abs(other.time - time) >= APART));
    const events = [...others, ...spread];
    tried.push(tryOut(plan, events, seed, beginnings));
  }
  const unwarned = tried.filter(({ warned }) => !warned);
  const open = unwarned.length > 0 ? unwarned : tried;
  const best = Math.max(...open.map(({ share }) => share));
  const even = open.filter(({ share }) => share >= best - WORTH_AN_OPENING);
  const longest = Math.max(...even.map(({ width }) => width));
  return even.find(({ width }) => width >= Math.min(LONG_ENOUGH, NEARLY_LONGEST * longest))!.events;
}

function mixingOf(plan: Plan): CookAction {
  return plan.events.map((event) => event.action).find(isMixing) ?? 'shake';
}
