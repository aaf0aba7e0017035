import type { TimeScale } from './time-scale';

/** The minute that is read, on a flag at the dial's line, with what it holds beside. */
export function ReadFlag({
  at,
  minute: number,
  words,
  x,
  level,
  bottom,
}: {
  at: number;
  /** as it is said there */
  minute: string;
  words: string;
  x: TimeScale;
  level: number;
  bottom: number;
}) {
  const place = x(at);
  const [from, to] = x.range() as [number, number];
  const minute = `${number} min`;
  const wide = 14 + 8 * minute.length;
  const left = Math.min(to - wide, Math.max(from, place - wide / 2));
  const rightwards = left + wide + 8 + 6.8 * words.length < to;
  return (
    <g>
      <line x1={place} x2={place} y1={level} y2={bottom} className="stroke-flag" strokeWidth={2.5} />
      <rect x={left} y={level - 19} width={wide} height={20} rx={3} className="fill-flag" />
      <text x={left + wide / 2} y={level - 5} textAnchor="middle" className="fill-on-flag text-[13px] font-bold">
        {minute}
      </text>
      <text
        x={rightwards ? left + wide + 8 : left - 8}
        y={level - 6}
        textAnchor={rightwards ? 'start' : 'end'}
        className="fill-current text-[13px]"
      >
        {words}
      </text>
    </g>
  );
}

/** Stretch along the dial's line that a flag and its words take, px. */
export function flagRoom(at: number, minute: string, words: string, x: TimeScale): readonly [number, number] {
  const [, to] = x.range() as [number, number];
  const wide = 14 + 8 * `${minute} min`.length;
  const place = x(at);
  const side = 8 + 6.8 * words.length;
  return place + wide / 2 + side < to
    ? [place - wide / 2, place + wide / 2 + side]
    : [place - wide / 2 - side, place + wide / 2];
}
