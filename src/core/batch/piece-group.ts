import { batchYield } from '../cut/batch-yield';
import { OPENNESS_BETWEEN, pieceGeometry, scaleThickness } from '../cut/piece-geometry';
import { layersOf } from '../fryer/layers';
import type { Surrounded } from '../fryer/surroundings.kernel';
import type { RandomSource } from '../numeric/seeded-random';
import type { BatchPart, Plan } from '../plan/plan';
import type { InHand } from '../prep/in-hand';
import { type CookInHand, type Preparation, prepareBatch } from '../prep/prepare-batch';
import { WATER_SPECIFIC_HEAT } from '../properties/water';
import type { PieceState } from '../piece/piece-state';
import { rawPieces } from '../piece/raw-pieces';
import { prepareOnce } from '../prep/prepare-once';
import { stockOf } from '../prep/ledger';
import { sampleThickness } from '../piece/sample-thickness';

/** Pieces that go in together: a sample of them, and what each stands for in the batch. */
export interface PieceGroup extends Surrounded {
  readonly part: BatchPart;
  readonly state: PieceState;
  /** m² of one face that each sample piece stands for */
  readonly area: Float64Array;
  /** m², cut surface of all of them */
  readonly surface: number;
  /** layers they fill when fresh */
  readonly layersFresh: number;
  readonly prepared: Preparation;
  /** kg of water in and on the pieces when they were ready */
  readonly waterAtStart: number;
  /** kg of it that has left as steam */
  steamed: number;
  /** s, longest step that the thinnest piece bears */
  readonly longestStep: number;
  /** whether they have been put in */
  joined: boolean;
}

/** Prepares `count` sample pieces of a part, ready to be put in. @param first number of the first in the bed @param cook the fryer, for cooks before the last */
export function createGroup(
  part: BatchPart,
  plan: Plan,
  count: number,
  cells: number,
  first: number,
  random: RandomSource,
  cook: CookInHand,
): PieceGroup {
  const factors = sampleThickness(count, part.scatter, random);
  const ready = prepareOnce(part, factors, cells, plan.browningScale, (browningScale) => {
    const geometries = Array.from(factors, (factor) => pieceGeometry(scaleThickness(part.cut, factor)));
    const yielded = batchYield(part.food, part.cut, part.mass);
    const meanVolume = geometries.reduce((sum, g) => sum + g.volume, 0) / count;
    const pieces = yielded.volume / meanVolume / count;
    const area = Float64Array.from(geometries, (g) => (pieces * g.surface) / 2);
    return prepareBatch(rawPieces(part, geometries, cells), part, area, browningScale, cook);
  });
  const { extraFilm } = plan;
  if (extraFilm !== undefined) {
    const { film } = ready.state;
    for (let f = 0; f < film.length; f++) film[f]! += extraFilm;
  }
  return { ...groupOf(ready, plan, first), prepared: ready.prepared };
}

/** Pieces as they are, put in together. @param first number of the first in the bed */
export function groupOf(
  { state, area, part }: Pick<InHand, 'state' | 'area' | 'part'>,
  plan: Pick<Plan, 'fryer'>,
  first: number,
): Omit<PieceGroup, 'prepared'> {
  const { water } = stockOf(state, area);
  return {
    part,
    state,
    first,
    between: OPENNESS_BETWEEN[part.cut.shape],
    area,
    surface: 2 * area.reduce((sum, one) => sum + one, 0),
    layersFresh: layersOf(part, plan.fryer.basketArea),
    waterAtStart: water,
    steamed: 0,
    longestStep: longestStep(state, plan.fryer.heatTransferCoefficient),
    joined: first === 0,
  };
}

/** Share of a piece's own response time that a step may take. Source: chosen; halving it changes no done minute by 1 %. */
const STEP_SHARE = 1 / 8;

/** Longest step, s: an eighth of the time in which the thinnest piece, as it goes in, warms by h alone. */
function longestStep(state: PieceState, heatTransferCoefficient: number): number {
  let shortest = Infinity;
  for (let p = 0; p < state.count; p++) {
    let capacity = 0;
    for (let i = p * state.cells; i < (p + 1) * state.cells; i++) {
      capacity += state.solidsCapacity[i]! + WATER_SPECIFIC_HEAT * state.solids[i]! * state.moisture[i]!;
    }
    shortest = Math.min(shortest, capacity / 2 / heatTransferCoefficient);
  }
  return STEP_SHARE * shortest;
}
