import { randomLcg } from 'd3';
import type { Cut } from '../../core/cut/cut';
import type { ColourRamp } from '../../core/food/colour-ramp';
import { PieceFromAbove } from './piece-from-above';
import { sizeFromAbove } from './piece-size';

/** Side of the square that a pile is drawn in. */
const BOX = 120;

/** Pieces of a pile: as many as show, by their size. */
const MOST = 26;
const LEAST = 9;

/** Share of the box that the pile covers, each piece counted whole; the rest lies under others. Source: chosen by looking. */
const COVER = 1.5;

/** A little heap of the pieces as they should come out, always the same for the same seed. */
export function PiecePile({
  cut,
  ramp,
  coated,
  browning,
  seed = 0.5,
  label,
  className,
}: {
  cut: Cut;
  ramp: ColourRamp;
  coated: boolean;
  /** of most pieces; they differ a little */
  browning: number;
  seed?: number;
  label?: string;
  className?: string;
}) {
  const random = randomLcg(seed);
  const [long, wide] = sizeFromAbove(cut);
  /* small things are drawn larger than they are, so that they can be told apart */
  const scale = Math.min(0.8, Math.max(0.42, 34 / Math.sqrt(long * wide)));
  const count = Math.round(Math.min(MOST, Math.max(LEAST, (COVER * BOX * BOX * 0.5) / (long * wide * scale * scale))));
  const pieces = Array.from({ length: count }, (_, i) => {
    /* from the rim inwards, so that the middle lies on top */
    const rim = 1 - i / count;
    const angle = i * 2.4 + random() * 0.9;
    const reach = (0.12 + 0.88 * Math.sqrt(rim)) * 0.3 * BOX;
    return {
      x: BOX / 2 + Math.cos(angle) * reach,
      y: BOX / 2 + 4 + Math.sin(angle) * reach * 0.82,
      turn: random() * 360,
      tone: browning * (0.75 + random() * 0.55),
      twist: random(),
    };
  });
  return (
    <svg
      viewBox={`0 0 ${BOX} ${BOX}`}
      className={className}
      {...(label ? { role: 'img', 'aria-label': label } : { 'aria-hidden': true })}
    >
      {pieces.map(({ x, y, turn, tone, twist }, i) => (
        <g key={i} transform={`translate(${x.toFixed(1)} ${y.toFixed(1)}) rotate(${turn.toFixed(0)}) scale(${scale})`}>
          <PieceFromAbove cut={cut} ramp={ramp} browning={tone} coated={coated} twist={twist} />
        </g>
      ))}
    </svg>
  );
}
