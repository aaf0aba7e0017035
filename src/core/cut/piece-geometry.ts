import type { Cut, CutShape } from './cut';

/** What heat and air meet in one piece. */
export interface PieceGeometry {
  /** m³ of tissue */
  readonly volume: number;
  /** m², surface all round */
  readonly surface: number;
  /** m, from the skin to the thermal centre */
  readonly halfThickness: number;
  /** exponent n of the cross-section A(x) ∝ |x|ⁿ; 0 slab, 1 square bar, 2 cube */
  readonly exponent: number;
  /** share of the surface within an edge strip or a ragged rim, 0–1 */
  readonly edgeShare: number;
  /** share of the surface that looks straight up or down when the piece lies flat, 0–1; the rest is sides */
  readonly flatShare: number;
  /** m² of floor that a piece lying flat takes up */
  readonly projectedArea: number;
}

/** Width of the strip along an edge that dries and browns ahead, m, at most a quarter of the thickness. Source: assumed, about the later crust. */
const EDGE_STRIP = 1.5e-3;

/** Share of a ragged surface (florets, torn rims, rough skins) that stands out like edges. Source: assumed. */
const RAGGED = { floret: 0.5, disc: 0.12, formed: 0.15, sheet: 0.15 } as const;

/** Half thickness of the stems and buds of a floret over its diameter, and tissue over its ball. Source: assumed from heads of 40 mm with stems of 12–16 mm. */
const FLORET_HALF = 0.16;
const FLORET_SOLIDITY = 0.4;

/** Floor a crumpled leaf takes over its flat area. Source: assumed. */
const CRUMPLED = 0.5;

/** Length of a wedge that is full, its ends tapering. Source: assumed. */
const WEDGE_FULLNESS = 0.85;

/**
 * Share of h that reaches a face lying against a neighbour, by shape.
 * Source: design estimates, assumed: flat slices shade each other most, florets least; those not among them between.
 */
export const OPENNESS_BETWEEN: Record<CutShape, number> = {
  slice: 0.22,
  disc: 0.28,
  sheet: 0.3,
  stick: 0.42,
  wedge: 0.45,
  cylinder: 0.45,
  cube: 0.5,
  formed: 0.5,
  floret: 0.55,
};

/** Exponent that gives a body of half thickness R its true ratio of surface to volume. */
function exponentOf(halfThickness: number, surface: number, volume: number): number {
  return Math.max(0, (halfThickness * surface) / volume - 1);
}

function box(a: number, b: number, c: number): PieceGeometry {
  const surface = 2 * (a * b + b * c + a * c);
  const strip = Math.min(EDGE_STRIP, a / 4);
  return {
    volume: a * b * c,
    surface,
    halfThickness: a / 2,
    exponent: a / b + a / c,
    edgeShare: Math.min(1, (2 * strip * 4 * (a + b + c)) / surface),
    flatShare: (2 * b * c) / surface,
    projectedArea: b * c,
  };
}

function roundSlice(thickness: number, diameter: number, ragged: number): PieceGeometry {
  const face = (Math.PI / 4) * diameter ** 2;
  const surface = 2 * face + Math.PI * diameter * thickness;
  const strip = Math.min(EDGE_STRIP, thickness / 4);
  return {
    volume: face * thickness,
    surface,
    halfThickness: thickness / 2,
    exponent: (2 * thickness) / diameter,
    edgeShare: Math.min(1, ragged + (2 * strip * 2 * Math.PI * diameter) / surface),
    flatShare: (2 * face) / surface,
    projectedArea: face,
  };
}

function roundBar(diameter: number, length: number, ragged: number): PieceGeometry {
  const section = (Math.PI / 4) * diameter ** 2;
  const surface = Math.PI * diameter * length + 2 * section;
  const strip = Math.min(EDGE_STRIP, diameter / 4);
  return {
    volume: section * length,
    surface,
    halfThickness: diameter / 2,
    exponent: 1 + diameter / length,
    edgeShare: Math.min(1, ragged + (4 * strip * Math.PI * diameter) / surface),
    flatShare: (2 * diameter * length) / surface,
    projectedArea: diameter * length,
  };
}

/** A triangular bar; its thermal centre lies an inradius from each side. */
function wedge(thickness: number, width: number, length: number): PieceGeometry {
  const section = (thickness * width) / 2;
  const perimeter = thickness + 2 * Math.hypot(width, thickness / 2);
  const volume = section * length * WEDGE_FULLNESS;
  const surface = perimeter * length * WEDGE_FULLNESS + 2 * section;
  const halfThickness = (2 * section) / perimeter;
  const strip = Math.min(EDGE_STRIP, thickness / 4);
  return {
    volume,
    surface,
    halfThickness,
    exponent: exponentOf(halfThickness, surface, volume),
    edgeShare: Math.min(1, (2 * strip * 3 * length) / surface),
    flatShare: Math.min(1, (2 * width * length * WEDGE_FULLNESS) / surface),
    projectedArea: width * length * WEDGE_FULLNESS,
  };
}

function floret(diameter: number): PieceGeometry {
  const volume = FLORET_SOLIDITY * (Math.PI / 6) * diameter ** 3;
  const halfThickness = FLORET_HALF * diameter;
  const projectedArea = (Math.PI / 4) * diameter ** 2;
  const surface = (3 * volume) / halfThickness;
  return {
    volume,
    surface,
    halfThickness,
    exponent: 2,
    edgeShare: RAGGED.floret,
    flatShare: Math.min(1, (2 * projectedArea) / surface),
    projectedArea,
  };
}

function sheet(thickness: number, width: number, length: number): PieceGeometry {
  const flat = box(thickness, width, length);
  return { ...flat, edgeShare: Math.min(1, flat.edgeShare + RAGGED.sheet), projectedArea: CRUMPLED * width * length };
}

/**
 * Volume, surface, exponent and floor of a piece. The exponent follows from the true ratio of surface to volume,
 * n + 1 = R · surface / volume, so that one solver along the thickness serves every cut.
 * Source: one-dimensional shape-factor analogue; box n = a/b + a/c, disc n = 2a/D, cylinder n = 1 + a/L, ball n = 2.
 */
export function pieceGeometry(cut: Cut): PieceGeometry {
  switch (cut.shape) {
    case 'stick':
      return box(cut.thickness, cut.width, cut.length);
    case 'cube':
      return box(cut.thickness, cut.thickness, cut.thickness);
    case 'slice':
      return roundSlice(cut.thickness, cut.diameter, 0);
    case 'disc':
      return roundSlice(cut.thickness, cut.diameter, RAGGED.disc);
    case 'cylinder':
      return roundBar(cut.diameter, cut.length, 0);
    case 'formed':
      return roundBar(cut.diameter, cut.length, RAGGED.formed);
    case 'wedge':
      return wedge(cut.thickness, cut.width, cut.length);
    case 'floret':
      return floret(cut.diameter);
    case 'sheet':
      return sheet(cut.thickness, cut.width, cut.length);
  }
}

/** The same cut with its thickness (and what a cutter moves with it) scaled by `factor`. */
export function scaleThickness(cut: Cut, factor: number): Cut {
  switch (cut.shape) {
    case 'stick':
    case 'wedge':
      return { ...cut, thickness: cut.thickness * factor, width: cut.width * factor };
    case 'slice':
    case 'disc':
    case 'sheet':
    case 'cube':
      return { ...cut, thickness: cut.thickness * factor };
    case 'floret':
    case 'cylinder':
    case 'formed':
      return { ...cut, diameter: cut.diameter * factor };
  }
}

/** Longest side over the thinnest. */
export function cutSlenderness(cut: Cut): number {
  const longest = 'length' in cut ? cut.length : 'diameter' in cut ? cut.diameter : cut.thickness;
  return longest / cutThickness(cut);
}

/** The number a cook would call the thickness of a piece, m. */
export function cutThickness(cut: Cut): number {
  return 'thickness' in cut ? cut.thickness : cut.diameter;
}
