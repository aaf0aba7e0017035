import type { PieceGeometry } from '../cut/piece-geometry';

/** The outermost cell of a thin piece, share of its half thickness: there the crust is the piece. Source: numerics. */
const THIN_SHARE = 1 / 18;

/** Aimed thickness of the outermost cell, m. Source: crust forms within 0.1 mm in the first minutes; grid study in docs/model. */
const SKIN_CELL = 0.1e-3;

/** Boundaries of `cells` (odd) finite volumes over [−R, R], symmetric, thinnest at both skins; one cell straddles the middle. */
export function cellBoundaries(halfThickness: number, cells: number): Float64Array {
  const perHalf = (cells - 1) / 2;
  const skin = Math.min(SKIN_CELL, halfThickness * Math.min(THIN_SHARE, 1 / (perHalf + 0.5)));
  const growth = growthRatio(halfThickness / skin, perHalf);
  const boundaries = new Float64Array(cells + 1);
  let depth = 0;
  let width = skin;
  for (let i = 0; i <= perHalf; i++) {
    boundaries[i] = -(halfThickness - depth);
    boundaries[cells - i] = halfThickness - depth;
    depth += width;
    width *= growth;
  }
  return boundaries;
}

/** Ratio r with 1 + r + … + r^(n−1) + r^n / 2 = `total`, by bisection. */
function growthRatio(total: number, n: number): number {
  const sum = (r: number) => {
    let term = 1;
    let result = 0;
    for (let i = 0; i < n; i++, term *= r) result += term;
    return result + term / 2;
  };
  let low = 1;
  let high = 4;
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (sum(middle) < total) low = middle;
    else high = middle;
  }
  return low;
}

/** Volume of each cell per m² of one face, m³/m², for A(x) = (|x|/R)ⁿ. */
export function cellVolumes(boundaries: Float64Array, exponent: number): Float64Array {
  const radius = boundaries[boundaries.length - 1]!;
  const primitive = (x: number) => (Math.sign(x) * Math.abs(x / radius) ** (exponent + 1) * radius) / (exponent + 1);
  const volumes = new Float64Array(boundaries.length - 1);
  for (let i = 0; i < volumes.length; i++) {
    volumes[i] = primitive(boundaries[i + 1]!) - primitive(boundaries[i]!);
  }
  return volumes;
}

/** Cross-section at a signed place x, relative to a face. */
export function crossSection(x: number, geometry: PieceGeometry): number {
  return Math.abs(x / geometry.halfThickness) ** geometry.exponent;
}
