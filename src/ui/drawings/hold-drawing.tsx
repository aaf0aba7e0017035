import { line } from 'd3';
import { celsiusFromKelvin } from '../../core/units/temperature';
import { temperatureText, type UnitSystem } from '../words/format';
import type { HoldForecast, HoldPlace } from '../../core/forecast/hold';

const WORDS: Record<HoldPlace, string> = { rack: 'rack', heap: 'heap', covered: 'covered', 'warm-oven': 'oven' };

/** Strokes by place, so that colour is not the only carrier. */
const DASHES: Record<HoldPlace, string> = { rack: '', heap: '6 3', covered: '2 3', 'warm-oven': '9 3 2 3' };

/** Axis of what is shown: value to share of the height, marks, and the words that open the text alternative. */
const AXES = {
  bite: { says: 'Bite left', low: 0, high: 1, marks: [0, 0.5, 1] },
  warmth: { says: 'Warmth inside', low: 293.15, high: 373.15, marks: [293.15, 333.15, 373.15] },
} as const;

/** Bite left, or warmth of the hearts where no bite is wished for, against minutes of waiting, a line a place. */
export function HoldDrawing({
  holds,
  what,
  units,
  chosen,
  minutes,
}: {
  holds: Record<HoldPlace, HoldForecast>;
  what: keyof typeof AXES;
  units: UnitSystem;
  chosen: HoldPlace;
  minutes: number;
}) {
  const [width, height, left, base] = [500, 150, 36, 122];
  const last = 60;
  const x = (minute: number) => left + (minute / last) * (width - left - 64);
  const { says, low, high, marks } = AXES[what];
  const curveOf = (place: HoldPlace) => (what === 'bite' ? holds[place].kept : holds[place].hearts);
  const say = (value: number) =>
    what === 'bite'
      ? `${Math.round(100 * Math.min(1, value))} %`
      : temperatureText(Math.round(celsiusFromKelvin(value)), units);
  const y = (value: number) => base - Math.min(1.05, (value - low) / (high - low)) * (base - 14);
  const places = Object.keys(holds) as HoldPlace[];
  const ends = places.map((place) => y(curveOf(place)[last] ?? curveOf(place).at(-1)!));
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={`${says} while waiting: ${places.map((place) => `${WORDS[place]} ${say(curveOf(place)[20] ?? curveOf(place).at(-1)!)} after 20 minutes`).join(', ')}`}
      className="h-auto w-full max-w-[500px]"
    >
      {marks.map((mark) => (
        <g key={mark}>
          <line x1={left} x2={x(last)} y1={y(mark)} y2={y(mark)} className="stroke-enamel-deep" />
          <text x={left - 5} y={y(mark) + 4} textAnchor="end" className="fill-iron-soft text-[11px]">
            {say(mark)}
          </text>
        </g>
      ))}
      {[0, 15, 30, 45, 60].map((minute) => (
        <text key={minute} x={x(minute)} y={base + 16} textAnchor="middle" className="fill-iron-soft text-[11px]">
          {minute === 0 ? '0 min' : minute}
        </text>
      ))}
      {places.map((place) => (
        <path
          key={place}
          d={line<number>((_, i) => x(i), y)(curveOf(place).slice(0, last + 1)) ?? ''}
          fill="none"
          className={place === chosen ? 'stroke-rim' : 'stroke-iron-soft'}
          strokeWidth={place === chosen ? 3 : 1.5}
          strokeDasharray={DASHES[place]}
        />
      ))}
      {places.map((place, i) => (
        <text key={place} x={x(last) + 5} y={spreadOut(ends, i) + 4} className="fill-iron text-[12px]">
          {WORDS[place]}
        </text>
      ))}
      <line x1={x(minutes)} x2={x(minutes)} y1={8} y2={base} className="stroke-iron" strokeDasharray="3 3" />
    </svg>
  );
}

/** Height of a label so that none covers another: in order of height, at least 13 px apart. */
function spreadOut(ends: readonly number[], index: number): number {
  const order = ends.map((at, i) => ({ at, i })).sort((a, b) => b.at - a.at);
  let free = Infinity;
  for (const { at, i } of order) {
    const placed = Math.min(at, free);
    if (i === index) return placed;
    free = placed - 13;
  }
  return ends[index]!;
}
