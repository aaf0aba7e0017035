import { useId } from 'react';
import { TEASPOONS_IN_TABLESPOON, teaspoonsOf } from '../../core/units/spoons';
import type { Measured } from '../words/step-spoons';

/** Most spoons that are drawn; beyond them a cup or a scale is the tool. */
const MOST = 5;

/** Colours of what lies in the spoon. */
const FILLS: Partial<Record<Measured['what'], string>> = { liquid: '#8f8f2c', spice: '#b4552d' };
const POWDER = '#f1efe6';

/** Spoons as full as the amount fills them: teaspoons below one tablespoon, tablespoons from there on; nothing where it takes more than five. */
export function SpoonsDrawing({ what, massG }: Measured) {
  const id = useId();
  const teaspoons = Math.round(teaspoonsOf(what, massG / 1000) * 8) / 8;
  const large = teaspoons >= TEASPOONS_IN_TABLESPOON;
  const spoons = large ? teaspoons / TEASPOONS_IN_TABLESPOON : teaspoons;
  if (spoons < 0.125 || spoons > MOST) return null;
  const bowl = large ? 30 : 22;
  return (
    <svg
      viewBox={`0 0 170 ${Math.ceil(spoons) * 34}`}
      aria-hidden
      className="mt-2 h-auto"
      style={{ width: large ? 190 : 160 }}
    >
      {Array.from({ length: Math.ceil(spoons) }, (_, i) => {
        const full = Math.min(1, spoons - i);
        const y = 17 + 34 * i;
        return (
          <g key={i}>
            <path
              d={`M ${2 * bowl + 2} ${y - 3.5} L 160 ${y - 6} q 7 6 0 12 L ${2 * bowl + 2} ${y + 3.5} z`}
              className="fill-iron-line stroke-ash"
              strokeWidth={1.5}
            />
            <clipPath id={`${id}-${i}`}>
              <rect x={0} y={y + 13 - 26 * full} width={2 * bowl + 8} height={26} />
            </clipPath>
            <ellipse cx={bowl + 3} cy={y} rx={bowl} ry={13} className="fill-iron stroke-ash" strokeWidth={2} />
            <ellipse
              cx={bowl + 3}
              cy={y}
              rx={bowl - 3}
              ry={10}
              fill={FILLS[what] ?? POWDER}
              clipPath={`url(#${id}-${i})`}
            />
          </g>
        );
      })}
    </svg>
  );
}
