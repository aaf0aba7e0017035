/** A function tabulated at equal steps, read by linear interpolation and held constant beyond both ends. */
export interface UniformTable {
  readonly start: number;
  /** points in a unit of x: a division costs a hot loop more than a product */
  readonly perUnit: number;
  readonly values: Float64Array;
}

/** Tabulates `f` at `start`, `start + step`, … up to and including the first point at or beyond `end`. */
export function tabulate(f: (x: number) => number, start: number, end: number, step: number): UniformTable {
  const count = Math.ceil((end - start) / step - 1e-9) + 1;
  const values = new Float64Array(count);
  for (let i = 0; i < count; i++) values[i] = f(start + i * step);
  return { start, perUnit: 1 / step, values };
}

/** Reads the table at x. Error of a smooth function: step² · f″ / 8. */
export function readTable(table: UniformTable, x: number): number {
  const { values } = table;
  const position = (x - table.start) * table.perUnit;
  if (!(position > 0)) return values[0]!;
  const last = values.length - 1;
  if (position >= last) return values[last]!;
  const below = position | 0;
  const left = values[below]!;
  return left + (values[below + 1]! - left) * (position - below);
}

/** Slope of the table's segment at x; zero beyond both ends. */
export function slopeOfTable(table: UniformTable, x: number): number {
  const { values } = table;
  const position = (x - table.start) * table.perUnit;
  if (!(position >= 0) || position >= values.length - 1) return 0;
  const below = position | 0;
  return (values[below + 1]! - values[below]!) * table.perUnit;
}
