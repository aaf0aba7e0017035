import type { CookEvent } from '../../core/plan/plan';
import type { TimeScale } from './time-scale';

const OPENING_WORDS: Record<CookEvent['action'], string> = {
  shake: 'shake',
  toss: 'toss',
  flip: 'flip',
  open: 'look',
  swap: 'racks',
  pull: 'pull some',
  oil: 'oil',
  season: 'salt',
  add: 'add',
};

/** Room that a word takes to either side of its mark, px. */
const WORD_ROOM = 24;

/** Openings hanging from the dial's line through the field, each with its word where there is room. */
export function OpeningMarks({
  openings,
  x,
  level,
  bottom,
  duration,
  taken = [],
  dot = 3.6,
  words = true,
}: {
  openings: readonly CookEvent[];
  x: TimeScale;
  /** px of the dial's line at a time */
  level: (time: number) => number;
  bottom: number;
  duration: number;
  /** stretches from and to which other words stand, px */
  taken?: readonly (readonly [number, number])[];
  dot?: number;
  words?: boolean;
}) {
  let last = -Infinity;
  return openings
    .filter((opening) => opening.time <= duration)
    .toSorted((a, b) => a.time - b.time)
    .map((opening, i) => {
      const at = x(opening.time);
      const top = level(opening.time);
      const free = at - last > 2 * WORD_ROOM && taken.every(([a, b]) => at + WORD_ROOM < a || at - WORD_ROOM > b);
      if (free) last = at;
      return (
        <g key={i}>
          <line x1={at} x2={at} y1={top} y2={bottom} stroke="#fff" strokeOpacity={0.7} strokeWidth={2.5} />
          <line x1={at} x2={at} y1={top} y2={bottom} stroke="#1b1e22" strokeWidth={1.2} />
          <circle cx={at} cy={top} r={dot} className="fill-current" />
          {words && free && (
            <text x={at} y={top - 8} textAnchor="middle" className="fill-current text-[12px]">
              {OPENING_WORDS[opening.action]}
            </text>
          )}
        </g>
      );
    });
}
