import type { FieldPart } from './field-parts';
import type { TimeScale } from './time-scale';

/** Names of the foods at their bands, and a line between two of them. */
export function Bands({
  parts,
  rows,
  x,
  top,
  height,
}: {
  parts: readonly FieldPart[];
  /** of each food */
  rows: readonly number[];
  x: TimeScale;
  top: number;
  height: number;
}) {
  const [left, right] = x.range() as [number, number];
  const all = rows.reduce((sum, own) => sum + own, 0);
  return parts.map(({ name, from }, i) => {
    const above = rows.slice(0, i).reduce((sum, own) => sum + own, 0);
    const y = top + (height * above) / all;
    return (
      <g key={i}>
        {i > 0 && <line x1={left} x2={right} y1={y} y2={y} className="stroke-enamel" strokeWidth={3} />}
        <text
          x={x(from) + 5}
          y={y + 14}
          className="fill-[#1b1e22] text-[12px] font-semibold"
          stroke="#f7f8f4"
          strokeWidth={3}
          paintOrder="stroke"
        >
          {name}
        </text>
      </g>
    );
  });
}
