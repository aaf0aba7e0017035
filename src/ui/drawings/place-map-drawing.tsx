import { CRUMB_COAT } from '@/core/food/coat';
import { PLACES_A_SIDE } from '@/core/fryer/places';
import type { PlaceMap } from '@/core/learn/place-map';
import { PLACE_SPREAD } from '@/core/learn/place-map';
import { foodColour } from '@/ui/colour/food-colours';
import { placeText, strengthText } from '@/ui/words/place-text';

/** How much more than bread itself the drawing tells strong from weak. Source: chosen, so that a tenth is seen. */
const EMPHASIS = 3;

/** Share of what was not known that may be left of a place that counts as known. Source: chosen. */
const KNOWN = 0.9;

const CELL = 62;
const GAP = 4;
const SIDE = PLACES_A_SIDE * (CELL + GAP) - GAP;
const RIM = 12;

/** Strong and weak places of a drawer from above: browner is stronger, with the per cent; hatched where nothing is known. */
export function PlaceMapDrawing({ map, className }: { map: PlaceMap; className?: string }) {
  const { strengths, deviations } = map;
  const label = strengths.map((strength, place) => `${placeText(place)} ${strengthText(strength)} %`).join('; ');
  return (
    <svg
      viewBox={`${-RIM} ${-RIM} ${SIDE + 2 * RIM} ${SIDE + 2 * RIM}`}
      role="img"
      aria-label={`Heat against the mean: ${label}`}
      className={className}
    >
      <rect x={-RIM} y={-RIM} width={SIDE + 2 * RIM} height={SIDE + 2 * RIM} rx={18} fill="#363d48" />
      <rect x={-4} y={-4} width={SIDE + 8} height={SIDE + 8} rx={8} fill="#22262b" />
      {strengths.map((strength, place) => {
        const x = (place % PLACES_A_SIDE) * (CELL + GAP);
        const y = Math.floor(place / PLACES_A_SIDE) * (CELL + GAP);
        return (
          <g key={place}>
            <rect
              x={x}
              y={y}
              width={CELL}
              height={CELL}
              rx={6}
              fill={foodColour(CRUMB_COAT.ramp, strength ** EMPHASIS)}
            />
            {deviations[place]! > KNOWN * PLACE_SPREAD && (
              <path
                d={`M${x} ${y + CELL}L${x + CELL} ${y}M${x} ${y + CELL / 2}L${x + CELL / 2} ${y}M${x + CELL / 2} ${y + CELL}L${x + CELL} ${y + CELL / 2}`}
                stroke="#22262b"
                strokeOpacity={0.45}
                strokeWidth={1.5}
              />
            )}
            <rect x={x + CELL / 2 - 18} y={y + CELL / 2 - 11} width={36} height={22} rx={4} fill="#f7f8f4" />
            <text
              x={x + CELL / 2}
              y={y + CELL / 2 + 5}
              textAnchor="middle"
              fontSize={14}
              fontWeight={700}
              fill="#22262b"
            >
              {strengthText(strength)}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
