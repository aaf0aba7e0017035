/**
 * Centre temperature, relative (T − T∞)/(T0 − T∞), of a body suddenly put into a stirred fluid.
 * Source: Carslaw & Jaeger (1959), Conduction of Heat in Solids, §§3.11, 7.7, 9.4; roots by bisection.
 */
/* taken once: in the test sandbox every look-up of a global is slow */
const { cos, sin } = Math;

type Shape = 'slab' | 'cylinder' | 'sphere';

function bisect(f: (x: number) => number, low: number, high: number): number {
  let a = low;
  let b = high;
  const sign = Math.sign(f(a));
  for (let i = 0; i < 60; i++) {
    const middle = (a + b) / 2;
    if (Math.sign(f(middle)) === sign) a = middle;
    else b = middle;
  }
  return (a + b) / 2;
}

/** Bessel functions J0 and J1 by their integral, exact to rounding for the few roots needed. */
function bessel(order: number, x: number): number {
  const n = 120;
  let sum = 0;
  for (let i = 0; i < n; i++) {
    const t = ((i + 0.5) / n) * Math.PI;
    sum += cos(order * t - x * sin(t));
  }
  return sum / n;
}

const CHARACTERISTIC: Record<Shape, (z: number, biot: number) => number> = {
  slab: (z, biot) => z * sin(z) - biot * cos(z),
  cylinder: (z, biot) => z * bessel(1, z) - biot * bessel(0, z),
  sphere: (z, biot) => sin(z) - z * cos(z) - biot * sin(z),
};

const COEFFICIENT: Record<Shape, (z: number) => number> = {
  slab: (z) => (4 * sin(z)) / (2 * z + sin(2 * z)),
  cylinder: (z) => (2 * bessel(1, z)) / (z * (bessel(0, z) ** 2 + bessel(1, z) ** 2)),
  sphere: (z) => (4 * (sin(z) - z * cos(z))) / (2 * z - sin(2 * z)),
};

function roots(shape: Shape, biot: number, count: number): number[] {
  const found: number[] = [];
  const f = (z: number) => CHARACTERISTIC[shape](z, biot);
  const step = 0.02;
  for (let z = 1e-6; found.length < count && z < 200; z += step) {
    if (Math.sign(f(z)) !== Math.sign(f(z + step))) found.push(bisect(f, z, z + step));
  }
  return found;
}

/** Relative centre temperature at a Fourier number αt/R². */
export function seriesCentre(shape: Shape, biot: number, fourier: number): number {
  return roots(shape, biot, 12).reduce((sum, z) => sum + COEFFICIENT[shape](z) * Math.exp(-z * z * fourier), 0);
}
