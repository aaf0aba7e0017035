import { quantileOfSorted } from '../numeric/quantile';
import type { Cut } from './cut';
import { pieceGeometry } from './piece-geometry';
import { type Produce, produceVolume, radiusAt } from './produce';

/** How a whole vegetable is cut: to a block first, or as it grew; with or without its skin. */
export interface CuttingStyle {
  readonly squaredOff: boolean;
  readonly skinOn: boolean;
}

/** One cell of the cut grid across the middle of a vegetable, m from its axis; share of it that is flesh. */
export interface GridCell {
  readonly x: number;
  readonly y: number;
  readonly share: number;
  /** whether it becomes a piece, or an offcut */
  readonly kept: boolean;
}

/** What one whole vegetable gives. */
export interface ProduceYield {
  /** pieces */
  readonly count: number;
  /** kg of pieces */
  readonly mass: number;
  /** kg of flesh that is not a piece of the wished shape */
  readonly offcuts: number;
  /** kg of peel, core and ends */
  readonly trimmed: number;
  /** m, tenth, middle and ninetieth percentile of piece length */
  readonly lengths: readonly [short: number, middle: number, long: number];
  readonly grid: readonly GridCell[];
}

/** Share of the trimming that is the skin alone. Source: assumed. */
const SKIN_SHARE = 1 / 3;

/** A cell with less flesh than this is an offcut when cut as it grew. Source: assumed. */
const RUSTIC_SHARE = 0.35;

/** Pieces shorter than this share of the wished length are offcuts. Source: assumed. */
const SHORTEST = 0.45;

/** Points along one side at which a cell is sampled. Source: numerics. */
const SAMPLES = 5;

/**
 * Pieces, offcuts and lengths from one whole vegetable, by laying the cut grid over its body: sticks and cubes as cells of
 * their cross-section along the axis, slices across it; other shapes take the trimmed flesh by volume.
 * @param density kg/m³
 */
export function yieldOfOne(produce: Produce, cut: Cut, style: CuttingStyle, density: number): ProduceYield {
  const whole = produceVolume(produce) * density;
  const trimmed = whole * produce.trim * (style.skinOn ? 1 - SKIN_SHARE : 1);
  const flesh = whole - trimmed;
  /* trimming makes the body smaller all round; its shape stays */
  const shrink = Math.cbrt(flesh / whole);
  const body: Produce = { ...produce, length: produce.length * shrink, diameter: produce.diameter * shrink };
  if (cut.shape === 'stick' || cut.shape === 'cube') return gridYield(body, cut, style, density, flesh, trimmed);
  if (cut.shape === 'slice' || cut.shape === 'disc') return sliceYield(body, cut, density, flesh, trimmed);
  const count = Math.max(1, Math.floor(flesh / density / pieceGeometry(cut).volume));
  const mass = Math.min(flesh, count * pieceGeometry(cut).volume * density);
  const length = 'length' in cut ? cut.length : cut.diameter;
  return { count, mass, offcuts: flesh - mass, trimmed, lengths: [length, length, length], grid: [] };
}

function gridYield(
  body: Produce,
  cut: Cut & { shape: 'stick' | 'cube' },
  style: CuttingStyle,
  density: number,
  flesh: number,
  trimmed: number,
): ProduceYield {
  const across = cut.thickness;
  const up = cut.shape === 'stick' ? cut.width : cut.thickness;
  const wished = cut.shape === 'stick' ? cut.length : cut.thickness;
  const grid: GridCell[] = [];
  const lengths: number[] = [];
  let volume = 0;
  const half = body.diameter / 2;
  const columns = Math.ceil(half / across + 0.5);
  const rows = Math.ceil(half / up + 0.5);
  for (let i = -columns; i <= columns; i++) {
    for (let j = -rows; j <= rows; j++) {
      const [x, y] = [i * across, j * up];
      const share = insideShare(body, x, y, across, up);
      if (share <= 0) continue;
      const kept = style.squaredOff ? share === 1 : share >= RUSTIC_SHARE;
      grid.push({ x, y, share, kept });
      if (!kept) continue;
      const run = runLength(body, Math.hypot(x, y));
      for (const length of divide(run, wished)) {
        if (length < SHORTEST * wished) continue;
        lengths.push(length);
        volume += across * up * length * share;
      }
    }
  }
  const mass = Math.min(flesh, volume * density);
  return { count: lengths.length, mass, offcuts: flesh - mass, trimmed, lengths: spread(lengths), grid };
}

function sliceYield(
  body: Produce,
  cut: Cut & { shape: 'slice' | 'disc' },
  density: number,
  flesh: number,
  trimmed: number,
): ProduceYield {
  const count = Math.max(1, Math.floor(body.length / cut.thickness));
  const diameters: number[] = [];
  let volume = 0;
  for (let i = 0; i < count; i++) {
    const along = (i + 0.5) * cut.thickness - body.length / 2;
    const radius = radiusAt(body, along);
    if (2 * radius < SHORTEST * body.diameter) continue;
    diameters.push(2 * radius);
    volume += (body.body === 'block' ? 4 : Math.PI) * radius * radius * cut.thickness;
  }
  const mass = Math.min(flesh, volume * density);
  return { count: diameters.length, mass, offcuts: flesh - mass, trimmed, lengths: spread(diameters), grid: [] };
}

/** Share of a cell that lies within the cross-section, by sampling; exactly 1 only when all corners do. */
function insideShare(body: Produce, x: number, y: number, across: number, up: number): number {
  const radius = body.diameter / 2 + 1e-9;
  const reach = (px: number, py: number) =>
    body.body === 'block' ? Math.max(Math.abs(px), Math.abs(py)) : Math.hypot(px, py);
  if (reach(Math.abs(x) + across / 2, Math.abs(y) + up / 2) <= radius) return 1;
  let inside = 0;
  for (let a = 0; a < SAMPLES; a++) {
    for (let b = 0; b < SAMPLES; b++) {
      const px = x + across * ((a + 0.5) / SAMPLES - 0.5);
      const py = y + up * ((b + 0.5) / SAMPLES - 0.5);
      if (reach(px, py) <= radius) inside++;
    }
  }
  return Math.min(0.99, inside / SAMPLES ** 2);
}

/** How long the body is at this distance from its axis, m. */
function runLength(body: Produce, distance: number): number {
  const widest = body.diameter / 2;
  if (body.body === 'block') return body.length;
  if (distance >= widest) return 0;
  if (body.body === 'bar') return body.length;
  if (body.body === 'round') return body.length * Math.sqrt(1 - (distance / widest) ** 2);
  /* the radius falls evenly from 1.0 to 0.3 of the widest */
  return body.length * Math.min(1, (1 - distance / widest) / 0.7);
}

/** Cuts a run into pieces of the wished length; a run not much longer stays whole. */
function divide(run: number, wished: number): number[] {
  if (run <= 1.25 * wished) return run > 0 ? [run] : [];
  const pieces = Math.floor(run / wished);
  const rest = run - pieces * wished;
  return [...Array<number>(pieces).fill(wished), rest];
}

function spread(lengths: number[]): readonly [number, number, number] {
  if (lengths.length === 0) return [0, 0, 0];
  const sorted = [...lengths].sort((a, b) => a - b);
  return [quantileOfSorted(sorted, 0.1), quantileOfSorted(sorted, 0.5), quantileOfSorted(sorted, 0.9)];
}

/** What a person eats as a side, kg. Source: common portion sizes of cooked vegetables and fries, raw weight 130–250 g. */
export const APPETITES = { light: 0.13, usual: 0.18, hungry: 0.25 } as const;

/** How much a person wants. */
export type Appetite = keyof typeof APPETITES;
