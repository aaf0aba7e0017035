import type { PieceGeometry } from '../cut/piece-geometry';
import { FREEZING_POINT } from '../properties/freezing';
import { cellBoundaries, cellVolumes, crossSection } from './piece-grid';
import type { Material } from './material';

/**
 * All pieces of a sample, flat. A cell of piece p is at p · cells + i, a face at 2p (left, −R) and 2p + 1 (right, +R).
 * Quantities "per face area" are divided by the area of one of the two faces.
 */
export interface PieceState {
  readonly count: number;
  readonly cells: number;
  /** cells of a coat on each side of a piece, outermost first; 0 for bare pieces */
  readonly coatCells: number;
  readonly tissue: Material;
  /** what the coat's cells are made of, or null */
  readonly coat: Material | null;
  /** m, thickness of the coat on one face */
  readonly coatThickness: number;
  /** kg of dry solids per m² of face, per cell */
  readonly solids: Float64Array;
  /** J/K of those solids per m² of face, per cell */
  readonly solidsCapacity: Float64Array;
  /** kg of reducing sugars and of protein among the solids, per m² of face, per cell */
  readonly sugar: Float64Array;
  readonly protein: Float64Array;
  /** K, per cell */
  readonly temperature: Float64Array;
  /** kg/kg dry basis, per cell */
  readonly moisture: Float64Array;
  /** share of starch gelatinised, per cell */
  readonly gelatinised: Float64Array;
  /** s at 100 °C, per cell */
  readonly softening: Float64Array;
  /** K, the warmest the thermal centre has been, per piece: what was once safe stays so while it rests */
  readonly hottestCentre: Float64Array;
  /** m³ per m² of face, per cell */
  readonly volume: Float64Array;
  /** m, per cell */
  readonly halfWidth: Float64Array;
  /** cross-section between cell i and i + 1, relative to a face; the last of each piece is unused */
  readonly interfaceArea: Float64Array;
  /** m, per piece */
  readonly halfThickness: Float64Array;
  /** kg/m² of liquid water lying on a face */
  readonly film: Float64Array;
  /** kg/m² of oil on a face */
  readonly oil: Float64Array;
  /** kg/m² of salt and spice on a face; it weighs, and takes no part in heat and water */
  readonly seasoning: Float64Array;
  /** K, per face */
  readonly skinTemperature: Float64Array;
  /** browning of the flat of a face, 1 = golden, per face */
  readonly browning: Float64Array;
  /** browning along its edges, per face */
  readonly edgeBrowning: Float64Array;
  /** share of the surface that lies along an edge, per piece */
  readonly edgeShare: Float64Array;
  /** factor on the browning rate (sugar, oil, coat), per face */
  readonly browningFactor: Float64Array;

  /* what surrounds each face during a step, set by the caller */
  /** K */
  readonly airTemperature: Float64Array;
  /** W/(m² K) */
  readonly convection: Float64Array;
  /** W/(m² K), towards radiantTemperature */
  readonly radiation: Float64Array;
  /** K */
  readonly radiantTemperature: Float64Array;
  /** Pa of water vapour in the air */
  readonly vapourPressure: Float64Array;

  /* what the last step did */
  /** J/m² taken up by a face from air and radiation */
  readonly heatTaken: Float64Array;
  /** kg/m² of face that left the piece as steam; negative when more condensed */
  readonly evaporated: Float64Array;
  /** J/m² of face carried off by that steam, against liquid water at 0 K */
  readonly vapourEnthalpy: Float64Array;
  /** boiling front, kept between steps as the first guess of the next, per cell: 0 below boiling, 1 held at it, 2 held at what is left */
  readonly front: Int8Array;
  /** number of times a piece ran dry within a step and steam had to be taken back, since the start; thin leaves only */
  repairs: number;
  /** active-set passes, since the start */
  passes: number;
  /** heat solves that were taken as they stood at the pass limit, since the start */
  unsettled: number;

  /** whether vapour diffuses through the pores: while pieces wait; in the fryer steam sweeps them by its own pressure */
  stillPores: boolean;

  /** whether starch and softening are followed in every cell; nothing is cut after the last cook, where only hearts are read */
  ripensThroughout: boolean;

  /** whether any cell has been below its freezing point: ice melts and forms with its heat from then on */
  holdsIce: boolean;

  readonly scratch: PieceScratch;
}

/** s, length of the step under way, one long: a bare number would be boxed at every call of a kernel. */
export type StepLength = Float64Array;

/** Work space of one piece, `cells` long, or two long for faces. */
export interface PieceScratch {
  readonly lower: Float64Array;
  readonly diagonal: Float64Array;
  readonly upper: Float64Array;
  readonly solution: Float64Array;
  readonly capacity: Float64Array;
  readonly conductance: Float64Array;
  readonly conductivity: Float64Array;
  readonly outflow: Float64Array;
  readonly backflow: Float64Array;
  readonly boiling: Float64Array;
  readonly boilingSlope: Float64Array;
  readonly evaporation: Float64Array;
  readonly skinConductance: Float64Array;
  readonly evaporationAtSkin: Float64Array;
  readonly evaporationSlope: Float64Array;
  readonly skinGuess: Float64Array;
  /** kg/m² that each skin draws from its outer cell in the step */
  readonly drawn: Float64Array;
}

/** What browns among the solids of a raw piece, kg/kg of them. */
export interface BrowningSolids {
  readonly sugar: number;
  readonly protein: number;
}

/** Pieces at one temperature and moisture, dry outside, uncooked. `geometries` has one entry per piece; `cells` is odd. */
export function createPieceState(
  geometries: readonly PieceGeometry[],
  cells: number,
  tissue: Material,
  initialTemperature: number,
  browning: BrowningSolids = { sugar: 0, protein: 0 },
): PieceState {
  const state = emptyState(geometries.length, cells, { tissue, coat: null, coatCells: 0, coatThickness: 0 });
  state.temperature.fill(initialTemperature);
  state.holdsIce = initialTemperature < FREEZING_POINT;
  state.moisture.fill(tissue.fullMoisture);
  state.hottestCentre.fill(initialTemperature);
  state.skinTemperature.fill(initialTemperature);
  state.airTemperature.fill(initialTemperature);
  state.radiantTemperature.fill(initialTemperature);
  state.browningFactor.fill(1);
  geometries.forEach((geometry, p) => layGrid(state, p, geometry));
  for (let at = 0; at < state.solids.length; at++) {
    const solids = tissue.solidsDensity * state.volume[at]!;
    state.solids[at] = solids;
    state.solidsCapacity[at] = solids * tissue.solidsHeat;
    state.sugar[at] = solids * browning.sugar;
    state.protein[at] = solids * browning.protein;
  }
  return state;
}

/** Pieces as they are, to go on from apart. */
export function copyPieceState(state: PieceState): PieceState {
  const copy = emptyState(state.count, state.cells, state);
  copy.stillPores = state.stillPores;
  copy.ripensThroughout = state.ripensThroughout;
  copy.holdsIce = state.holdsIce;
  for (const name of Object.keys(state) as (keyof PieceState)[]) {
    const [from, to] = [state[name], copy[name]];
    if (from instanceof Float64Array) (to as Float64Array).set(from);
  }
  copy.front.set(state.front);
  copy.repairs = state.repairs;
  copy.passes = state.passes;
  copy.unsettled = state.unsettled;
  return copy;
}

/** All arrays of a state, zero. */
export function emptyState(
  count: number,
  cells: number,
  { tissue, coat, coatCells, coatThickness }: Pick<PieceState, 'tissue' | 'coat' | 'coatCells' | 'coatThickness'>,
): PieceState {
  const perCell = () => new Float64Array(count * cells);
  const perFace = () => new Float64Array(count * 2);
  const perScratch = () => new Float64Array(cells);
  return {
    count,
    cells,
    coatCells,
    tissue,
    coat,
    coatThickness,
    solids: perCell(),
    solidsCapacity: perCell(),
    sugar: perCell(),
    protein: perCell(),
    temperature: perCell(),
    moisture: perCell(),
    gelatinised: perCell(),
    softening: perCell(),
    hottestCentre: new Float64Array(count),
    volume: perCell(),
    halfWidth: perCell(),
    interfaceArea: perCell(),
    halfThickness: new Float64Array(count),
    film: perFace(),
    oil: perFace(),
    seasoning: perFace(),
    skinTemperature: perFace(),
    browning: perFace(),
    edgeBrowning: perFace(),
    edgeShare: new Float64Array(count),
    browningFactor: perFace(),
    airTemperature: perFace(),
    convection: perFace(),
    radiation: perFace(),
    radiantTemperature: perFace(),
    vapourPressure: perFace(),
    heatTaken: perFace(),
    evaporated: new Float64Array(count),
    vapourEnthalpy: new Float64Array(count),
    front: new Int8Array(count * cells),
    repairs: 0,
    passes: 0,
    unsettled: 0,
    stillPores: false,
    ripensThroughout: true,
    holdsIce: false,
    scratch: {
      lower: perScratch(),
      diagonal: perScratch(),
      upper: perScratch(),
      solution: perScratch(),
      capacity: perScratch(),
      conductance: perScratch(),
      conductivity: perScratch(),
      outflow: perScratch(),
      backflow: perScratch(),
      boiling: perScratch(),
      boilingSlope: perScratch(),
      evaporation: perScratch(),
      skinConductance: new Float64Array(2),
      evaporationAtSkin: new Float64Array(2),
      evaporationSlope: new Float64Array(2),
      skinGuess: new Float64Array(2),
      drawn: new Float64Array(2),
    },
  };
}

function layGrid(state: PieceState, p: number, geometry: PieceGeometry): void {
  const { cells } = state;
  const boundaries = cellBoundaries(geometry.halfThickness, cells);
  state.volume.set(cellVolumes(boundaries, geometry.exponent), p * cells);
  state.edgeShare[p] = geometry.edgeShare;
  state.halfThickness[p] = geometry.halfThickness;
  for (let i = 0; i < cells; i++) {
    state.halfWidth[p * cells + i] = (boundaries[i + 1]! - boundaries[i]!) / 2;
    if (i < cells - 1) state.interfaceArea[p * cells + i] = crossSection(boundaries[i + 1]!, geometry);
  }
}
