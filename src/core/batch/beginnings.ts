import type { CookEvent, Plan, Stage } from '../plan/plan';
import type { ClockPlace } from './cook-clock';
import type { CookArrays } from './cook-recorder';
import type { CookRun } from './cook-run';
import type { PieceGroup } from './piece-group';
import type { Resolution } from './resolution';

/** Samples between two moments that are kept. Source: chosen; two minutes of a cook as shown, four of a run's guesses, where more cost a tenth. */
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

/** The cook whose beginning others may share; empty until it is cooked. */
export interface Beginnings {
  kept: KeptCook | null;
  /** whether each cook takes the place of the one before */
  readonly renewed: boolean;
}

/**
 * Room for cooks that share the beginning of the first; or, `renewed`, of the one before, for a plan that is changed again and again
 * while it is cooked.
 */
export function createBeginnings(renewed = false): Beginnings {
  return { kept: null, renewed };
}

/** The last moment kept up to which a plan is cooked the same; null where there is none. */
export function sharedBeginning(
  { kept }: Beginnings,
  plan: Plan,
  seed: number,
  resolution: Resolution,
): { kept: KeptCook; checkpoint: Checkpoint } | null {
  if (!kept || kept.seed !== seed || kept.resolution !== resolution) return null;
  const part = partAt(kept.plan, plan);
  const checkpoint = kept.checkpoints.findLast(({ clock }) => clock.time <= part);
  return checkpoint ? { kept, checkpoint } : null;
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
  /* what was read from a file again is another object and the same plan */
  return [...names].every(
    (name) => one[name] === other[name] || JSON.stringify(one[name]) === JSON.stringify(other[name]),
  );
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
