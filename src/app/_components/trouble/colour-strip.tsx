import type { ColourRamp } from '@/core/food/colour-ramp';
import { quantileOfSorted } from '@/core/numeric/quantile';
import { foodColour } from '@/ui/colour/food-colours';

/** Ranks that a basket is shown by. Source: chosen; a twentieth of the pieces each. */
const RANKS = 20;

/** Pieces of a basket from palest to darkest, in the food's own colours. */
export function ColourStrip({
  colours,
  ramp,
  label,
}: {
  /** browning of each, palest first */
  colours: readonly number[];
  ramp: ColourRamp;
  label: string;
}) {
  return (
    <span role="img" aria-label={label} className="flex h-3.5 border border-iron-soft">
      {Array.from({ length: RANKS }, (_, i) => (
        <span
          key={i}
          className="grow"
          style={{ background: foodColour(ramp, quantileOfSorted(colours, (i + 0.5) / RANKS)) }}
        />
      ))}
    </span>
  );
}
