import { medianOf } from '../numeric/quantile';
import { createSeededRandom, type RandomSource } from '../numeric/seeded-random';
import { heartOf } from '../piece/assess-piece';
import { RIGHT_BROWNING, SOFT_ENOUGH } from '../piece/judge-piece';
import type { PieceState } from '../piece/piece-state';
import { visibleBrowning } from '../piece/piece-step.kernel';
import { type BatchPart, type CookEnd, cookDuration, type Plan } from '../plan/plan';
import { enter } from '../prep/in-hand';
import type { CookInHand } from '../prep/prepare-batch';
import { createCook } from './cook-clock';
import { type LoadedGroup, putIn } from './cook-run';
import { groupOf } from './piece-group';
import type { Resolution } from './resolution';

/** How a cook leaves the fryer: K of the air, after which step of the preparation. */
export interface FryerLeft {
  readonly step: number;
  readonly temperature: number;
}

/** The fryer of a plan for cooks before its last: pieces in hand go through it until what was wished of them, at most to the end of its stages. */
export function cookEarlier(
  plan: Pick<Plan, 'fryer'>,
  random: RandomSource,
  resolution: Pick<Resolution, 'step'>,
  leave: (warmth: FryerLeft) => void = () => undefined,
): CookInHand {
  return (hand, step) => {
    const own = createSeededRandom(Math.floor(random() * 2 ** 31));
    const group = groupOf(hand, plan, 0);
    const cook = { fryer: plan.fryer, stages: step.stages, events: step.events, preheat: step.preheat };
    const run = putIn([group], cook, own);
    const clock = createCook(cook, run, own, resolution);
    const end = cookDuration(step);
    let time = 0;
    while (time < end && !isThere(step.until, group)) {
      time = Math.min(end, time + resolution.step);
      clock.goOn(time);
    }
    enter(hand, 'steam', 'water', -group.steamed);
    leave({ step: hand.step, temperature: run.cavity.temperature });
    return time;
  };
}

function isThere(until: CookEnd, { state, part }: LoadedGroup): boolean {
  switch (until) {
    case 'stages':
      return false;
    case 'soft':
      return medianOf(softness(state, part)) >= SOFT_ENOUGH;
    case 'pale':
      return medianOf(colour(state)) >= RIGHT_BROWNING.first.from;
  }
}

function softness(state: PieceState, part: BatchPart): number[] {
  return Array.from({ length: state.count }, (_, p) => heartOf(state, p, part));
}

function colour(state: PieceState): number[] {
  const faces = new Float64Array(2 * state.count);
  visibleBrowning(state, faces, 0);
  return Array.from({ length: state.count }, (_, p) => (faces[2 * p]! + faces[2 * p + 1]!) / 2);
}
