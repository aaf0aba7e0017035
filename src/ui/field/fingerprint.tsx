import type { ColourRamp } from '../../core/food/colour-ramp';
import { foodColour } from '../colour/food-colours';

/** Final colours of a batch as a strip, palest to darkest: its fingerprint. */
export function Fingerprint({
  browning,
  ramp,
  label,
}: {
  browning: readonly number[];
  ramp: ColourRamp;
  label: string;
}) {
  const sorted = [...browning].sort((a, b) => a - b);
  return (
    <svg
      viewBox={`0 0 ${sorted.length} 1`}
      preserveAspectRatio="none"
      className="h-full w-full"
      role="img"
      aria-label={label}
    >
      {sorted.map((value, i) => (
        <rect key={i} x={i} y={0} width={1.02} shapeRendering="crispEdges" height={1} fill={foodColour(ramp, value)} />
      ))}
    </svg>
  );
}
