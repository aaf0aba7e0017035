import type { PieceGeometry } from '../cut/piece-geometry';
import { WATER_SPECIFIC_HEAT } from '../properties/water';
import { createPieceState, emptyState, type PieceState } from './piece-state';

/** What is held per m² of face, by cell and by face: it grows denser as the face shrinks. */
const PER_CELL_AREA = ['solids', 'solidsCapacity', 'sugar', 'protein', 'volume'] as const;
const PER_FACE_AREA = ['film', 'oil', 'seasoning'] as const;

/** What goes along unchanged. */
const PER_CELL = ['temperature', 'moisture', 'gelatinised', 'softening'] as const;
const PER_FACE = ['skinTemperature', 'browning', 'edgeBrowning', 'browningFactor'] as const;

/** m³ of tissue per m² of one face of piece p. */
export function tissueVolume(state: PieceState, p: number): number {
  let sum = 0;
  for (let i = state.coatCells; i < state.cells - state.coatCells; i++) sum += state.volume[p * state.cells + i]!;
  return sum;
}

/**
 * The same pieces in another shape: every cell keeps its content and its order from skin to heart; widths and cross-sections are
 * those of the new shape. @param shape what all pieces come to be like; its volume per face is taken, its size is not
 */
export function reshapedState(state: PieceState, shape: PieceGeometry): PieceState {
  const { count, cells, coatCells, tissue, coat, coatThickness } = state;
  const next = emptyState(count, cells, { tissue, coat, coatCells, coatThickness });
  const perFace = (2 * shape.volume) / shape.surface;
  let thinned = 0;
  for (let p = 0; p < count; p++) {
    const denser = perFace / tissueVolume(state, p);
    thinned += denser / count;
    const [from, to] = [p * cells, (p + 1) * cells];
    for (const name of PER_CELL_AREA) for (let at = from; at < to; at++) next[name][at] = state[name][at]! * denser;
    for (const name of PER_FACE_AREA) for (let f = 2 * p; f < 2 * p + 2; f++) next[name][f] = state[name][f]! * denser;
    next.halfThickness[p] = shape.halfThickness;
    next.edgeShare[p] = shape.edgeShare;
    layCells(next, p, shape);
    for (let i = 0; i < coatCells; i++) {
      for (const at of [from + i, to - 1 - i]) next.halfWidth[at] = state.halfWidth[at]! * denser;
    }
  }
  for (const name of PER_CELL) next[name].set(state[name]);
  for (const name of PER_FACE) next[name].set(state[name]);
  next.hottestCentre.set(state.hottestCentre);
  next.holdsIce = state.holdsIce;
  return { ...next, coatThickness: coatThickness * thinned };
}

/** Widths and cross-sections of tissue cells whose volumes are given: the boundary that has a share c of the half inside it lies at R·c^(1/(n+1)). */
function layCells(state: PieceState, p: number, shape: PieceGeometry): void {
  const { cells, coatCells } = state;
  const half = tissueVolume(state, p) / 2;
  let inside = -half;
  let boundary = -shape.halfThickness;
  for (let i = 0; i < cells - 1; i++) {
    const at = p * cells + i;
    if (i < coatCells || i >= cells - coatCells) {
      state.interfaceArea[at] = 1;
      continue;
    }
    inside += state.volume[at]!;
    const share = Math.min(1, Math.abs(inside) / half);
    const next =
      i === cells - coatCells - 1
        ? shape.halfThickness
        : Math.sign(inside) * shape.halfThickness * share ** (1 / (shape.exponent + 1));
    state.halfWidth[at] = (next - boundary) / 2;
    state.interfaceArea[at] = i === cells - coatCells - 1 ? 1 : Math.abs(next / shape.halfThickness) ** shape.exponent;
    boundary = next;
  }
  if (coatCells === 0) state.halfWidth[(p + 1) * cells - 1] = (shape.halfThickness - boundary) / 2;
  else state.interfaceArea[p * cells + coatCells - 1] = 1;
}

/**
 * Pieces cut from what was cooked whole, alike all through: everything the old pieces held, in and on them, shared out evenly.
 * @param area m² of one face that each old piece stands for @param spread the same of each new one
 */
export function uniformState(
  whole: PieceState,
  area: Float64Array,
  geometries: readonly PieceGeometry[],
  spread: Float64Array,
): PieceState {
  const sum = heldBy(whole, area);
  const next = createPieceState(geometries, whole.cells - 2 * whole.coatCells, whole.tissue, sum.heat / sum.capacity);
  const faces = 2 * spread.reduce((total, one) => total + one, 0);
  let raw = 0;
  for (let at = 0; at < next.solids.length; at++) raw += next.solids[at]! * spread[Math.floor(at / next.cells)]!;
  for (let at = 0; at < next.solids.length; at++) {
    const solids = (next.solids[at]! * sum.solids) / raw;
    const share = solids / sum.solids;
    next.solids[at] = solids;
    next.solidsCapacity[at] = share * sum.solidsCapacity;
    next.sugar[at] = share * sum.sugar;
    next.protein[at] = share * sum.protein;
    next.moisture[at] = sum.water / sum.solids;
    next.gelatinised[at] = sum.gelatinised / sum.solids;
    next.softening[at] = sum.softening / sum.solids;
  }
  next.film.fill(sum.film / faces);
  next.oil.fill(sum.oil / faces);
  next.seasoning.fill(sum.seasoning / faces);
  next.hottestCentre.fill(Math.min(...whole.hottestCentre));
  next.holdsIce = whole.holdsIce;
  return next;
}

function heldBy(state: PieceState, area: Float64Array) {
  const sum = {
    solids: 0,
    solidsCapacity: 0,
    water: 0,
    sugar: 0,
    protein: 0,
    capacity: 0,
    heat: 0,
    gelatinised: 0,
    softening: 0,
    film: 0,
    oil: 0,
    seasoning: 0,
  };
  for (let at = 0; at < state.solids.length; at++) {
    const own = area[Math.floor(at / state.cells)]!;
    const solids = state.solids[at]! * own;
    const capacity = state.solidsCapacity[at]! * own + WATER_SPECIFIC_HEAT * solids * state.moisture[at]!;
    sum.solids += solids;
    sum.solidsCapacity += state.solidsCapacity[at]! * own;
    sum.water += solids * state.moisture[at]!;
    sum.sugar += state.sugar[at]! * own;
    sum.protein += state.protein[at]! * own;
    sum.capacity += capacity;
    sum.heat += capacity * state.temperature[at]!;
    sum.gelatinised += solids * state.gelatinised[at]!;
    sum.softening += solids * state.softening[at]!;
  }
  for (let f = 0; f < state.film.length; f++) {
    const own = area[f >> 1]!;
    sum.film += state.film[f]! * own;
    sum.oil += state.oil[f]! * own;
    sum.seasoning += state.seasoning[f]! * own;
  }
  return sum;
}
