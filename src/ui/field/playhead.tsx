import type { TimeScale } from './time-scale';

/** Room that the dial's number takes at the beginning of its line, px. */
const DIAL_NUMBER = 58;

/** A place in time across the whole field, with its word. */
export function Playhead({
  at,
  x,
  top,
  height,
  word,
}: {
  at: number;
  x: TimeScale;
  top: number;
  height: number;
  word: string;
}) {
  const [from, to] = x.range() as [number, number];
  const place = Math.min(to, Math.max(from, x(at)));
  /* beside the line where the dial's own number stands at the beginning */
  const beside = place - from < DIAL_NUMBER;
  return (
    <g>
      <line x1={place} x2={place} y1={top - 6} y2={top + height + 2} stroke="#1b1e22" strokeWidth={5} />
      <line x1={place} x2={place} y1={top - 6} y2={top + height + 2} stroke="#fff" strokeWidth={2.5} />
      <text
        x={beside ? Math.max(place + 5, from + DIAL_NUMBER - 6) : place}
        y={top - 12}
        textAnchor={beside ? 'start' : 'middle'}
        className="fill-current text-[12px] font-semibold"
      >
        {word}
      </text>
    </g>
  );
}
