import type { TimeScale } from './time-scale';

/** Room that the dial's number takes at the beginning of its line, px. */
const DIAL_NUMBER = 58;

/** Room that the word takes, px. */
const WORD = 44;

/** Where the line stands, and from where its word reaches: beside the line where the dial's own number stands at the beginning. */
function placed(at: number, x: TimeScale): { place: number; beside: boolean; word: number } {
  const [from, to] = x.range() as [number, number];
  const place = Math.min(to, Math.max(from, x(at)));
  const beside = place - from < DIAL_NUMBER;
  return { place, beside, word: beside ? Math.max(place + 5, from + DIAL_NUMBER - 6) : place - WORD / 2 };
}

/** Stretch that the word of a mark takes, px, so that others keep clear of it. */
export function playheadRoom(at: number, x: TimeScale): readonly [number, number] {
  const { word } = placed(at, x);
  return [word, word + WORD];
}

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
  const { place, beside, word: from } = placed(at, x);
  return (
    <g>
      <line x1={place} x2={place} y1={top - 6} y2={top + height + 2} stroke="#1b1e22" strokeWidth={5} />
      <line x1={place} x2={place} y1={top - 6} y2={top + height + 2} stroke="#fff" strokeWidth={2.5} />
      <text
        x={beside ? from : place}
        y={top - 12}
        textAnchor={beside ? 'start' : 'middle'}
        className="fill-current text-[12px] font-semibold"
      >
        {word}
      </text>
    </g>
  );
}
