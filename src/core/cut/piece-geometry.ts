import type { Cut, CutShape } from './cut';

/** What heat and air meet in one piece. */
export interface PieceGeometry {
  /** m³ */
  readonly volume: number;
  /** m², cut surface all round */
  readonly surface: number;
  /** m, half of the thickness */
  readonly halfThickness: number;
  /** exponent n of the cross-section A(x) ∝ |x|ⁿ; 0 slab, 1 square bar, 2 cube */
  readonly exponent: number;
  /** share of the surface within an edge strip, 0–1 */
  readonly edgeShare: number;
}

/** Width of the strip along an edge that dries and browns ahead, m, at most a quarter of the thickness. Source: assumed, about the later crust. */
const EDGE_STRIP = 1.5e-3;

/**
 * Share of h that reaches a face lying against a neighbour, by shape.
 * Source: feasibility values, assumed: flat slices shade each other most, cubes least.
 */
export const OPENNESS_BETWEEN: Record<CutShape, number> = { slice: 0.22, stick: 0.42, cube: 0.5 };

function box(a: number, b: number, c: number): PieceGeometry {
  const surface = 2 * (a * b + b * c + a * c);
  const strip = Math.min(EDGE_STRIP, a / 4);
  return {
    volume: a * b * c,
    surface,
    halfThickness: a / 2,
    exponent: a / b + a / c,
    edgeShare: Math.min(1, (2 * strip * 4 * (a + b + c)) / surface),
  };
}

/**
 * Volume, surface and exponent of a piece. The exponent follows from the true ratio of surface to volume,
 * n + 1 = R · surface / volume, so that one solver along the thickness serves every cut.
 * Source: one-dimensional shape-factor analogue; box n = a/b + a/c, disc n = 2a/D.
 */
export function pieceGeometry(cut: Cut): PieceGeometry {
  switch (cut.shape) {
    case 'stick':
      return box(cut.thickness, cut.width, cut.length);
    case 'cube':
      return box(cut.thickness, cut.thickness, cut.thickness);
    case 'slice': {
      const face = (Math.PI / 4) * cut.diameter ** 2;
      const surface = 2 * face + Math.PI * cut.diameter * cut.thickness;
      const strip = Math.min(EDGE_STRIP, cut.thickness / 4);
      return {
        volume: face * cut.thickness,
        surface,
        halfThickness: cut.thickness / 2,
        exponent: (2 * cut.thickness) / cut.diameter,
        edgeShare: (2 * strip * 2 * Math.PI * cut.diameter) / surface,
      };
    }
  }
}

/** The same cut with its thickness (and what a cutter moves with it) scaled by `factor`. */
export function scaleThickness(cut: Cut, factor: number): Cut {
  switch (cut.shape) {
    case 'stick':
      return { ...cut, thickness: cut.thickness * factor, width: cut.width * factor };
    case 'slice':
      return { ...cut, thickness: cut.thickness * factor };
    case 'cube':
      return { ...cut, thickness: cut.thickness * factor };
  }
}
