import type { CookEvent, Plan, Stage } from '../plan/plan';
import type { ClockPlace } from './cook-clock';
import type { CookArrays } from './cook-recorder';
import type { CookRun } from './cook-run';
import type { PieceGroup } from './piece-group';
import type { Resolution } from './resolution';

/** Samples between two moments that are kept. Source: chosen, two minutes of a cook as shown. */
export const KEPT_EVERY = 6;

/** A cook as it was at a sample. */
export interface Checkpoint {
  readonly sample: number;
  readonly clock: ClockPlace;
  readonly run: CookRun<PieceGroup>;
  /** of the random source */
  readonly random: number;
}

/** A cook with moments from which others can go on that differ from it only later. */
export interface KeptCook {
  readonly plan: Plan;
  readonly seed: number;
  readonly resolution: Resolution;
  readonly record: CookArrays;
  readonly checkpoints: Checkpoint[];
}

/** The first cook of several that may share its beginning; empty until it is cooked. */
export interface Beginnings {
  first: KeptCook | null;
}

/** Room for cooks that share the beginning of the first. */
export function createBeginnings(): Beginnings {
  return { first: null };
}

/** The last moment kept of the first cook up to which a plan is cooked the same; null where there is none. */
export function sharedBeginning(
  { first }: Beginnings,
  plan: Plan,
  seed: number,
  resolution: Resolution,
): { kept: KeptCook; checkpoint: Checkpoint } | null {
  if (!first || first.seed !== seed || first.resolution !== resolution) return null;
  const part = partAt(first.plan, plan);
  const checkpoint = first.checkpoints.findLast(({ clock }) => clock.time <= part);
  return checkpoint ? { kept: first, checkpoint } : null;
}

/** s from which two plans are no longer cooked the same; 0 where they differ in more than stages and openings. */
function partAt(one: Plan, other: Plan): number {
  const [{ stages, events, ...rest }, { stages: otherStages, events: otherEvents, ...otherRest }] = [one, other];
  if (!sameFields(rest, otherRest)) return 0;
  /* what is added is prepared before the start */
  if (events.some(({ part }) => part) || otherEvents.some(({ part }) => part)) {
    if (events !== otherEvents) return 0;
  }
  return Math.min(stagesPart(stages, otherStages), eventsPart(inOrder(events), inOrder(otherEvents)));
}

function sameFields(one: object, other: object): boolean {
  const names = new Set([...Object.keys(one), ...Object.keys(other)]) as Set<never>;
  return [...names].every((name) => one[name] === other[name]);
}

function stagesPart(one: readonly Stage[], other: readonly Stage[]): number {
  let from = 0;
  for (let i = 0; ; i++) {
    const [a, b] = [one[i], other[i]];
    if (!a && !b) return Infinity;
    if (a?.temperature !== b?.temperature) return from;
    if (a!.duration !== b!.duration) return from + Math.min(a!.duration, b!.duration);
    from += a!.duration;
  }
}

const inOrder = (events: readonly CookEvent[]) => [...events].sort((a, b) => a.time - b.time);

function eventsPart(one: readonly CookEvent[], other: readonly CookEvent[]): number {
  for (let i = 0; ; i++) {
    const [a, b] = [one[i], other[i]];
    if (!a && !b) return Infinity;
    if (!a || !b || !sameFields(a, b)) return Math.min(a?.time ?? Infinity, b?.time ?? Infinity);
  }
}
