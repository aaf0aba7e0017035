'use client';

import { memo } from 'react';
import type { CookLooks } from '../../core/batch/record-statistics';
import type { Plan } from '../../core/plan/plan';
import { ringRadius, type RingWord, ringWords } from '../basket/ring-words';
import { DrawerFloor, RIM } from './drawer-floor';
import { PieceFromAbove } from './piece-from-above';
import { isRoundFromAbove, sizeFromAbove } from './piece-size';
import { type DrawnPiece, MOST_DRAWN, useDrawnPieces } from './use-drawn-pieces';

/** The drawer seen straight from above at one sample of a record: every piece to scale, in the colours of the record. */
export const BasketDrawing = memo(function BasketDrawing({
  plan,
  record,
  sample,
  label,
  ringed = false,
  band = 1,
  most = MOST_DRAWN,
  className,
}: {
  plan: Plan;
  record: CookLooks;
  sample: number;
  label: string;
  /** whether the palest and the darkest piece are ringed and named */
  ringed?: boolean;
  /** share of its height that is in view, about the middle: what is ringed lies there */
  band?: number;
  /** pieces drawn at most; fewer where it stands small among many */
  most?: number;
  className?: string;
}) {
  const { side, kinds, pieces, palest, darkest, shrunk } = useDrawnPieces(plan, record, sample, most, ringed, band);
  const sizeOf = ({ part }: DrawnPiece) => sizeFromAbove(kinds[part]!.cut);
  const extremes = [palest, darkest] as const;
  const ringOf = (piece: DrawnPiece | undefined) =>
    piece ? { x: piece.x, y: piece.y, reach: sizeOf(piece)[1] / 2 } : null;
  const words = ringWords([ringOf(palest), ringOf(darkest)], side, WORD, band);
  return (
    <svg
      viewBox={`${-RIM} ${-RIM} ${side + 2 * RIM} ${side + 2 * RIM}`}
      role="img"
      aria-label={label}
      className={className}
    >
      <DrawerFloor side={side} lined={plan.fryer.liner} />
      {pieces.map(({ x, y, turn, twist, part, browning }, i) => {
        const { cut, ramp, coated } = kinds[part]!;
        return (
          <g
            key={i}
            transform={`translate(${x.toFixed(1)} ${y.toFixed(1)}) rotate(${turn.toFixed(0)}) scale(${shrunk.toFixed(3)})`}
          >
            <PieceFromAbove cut={cut} ramp={ramp} browning={browning} coated={coated} twist={twist} />
          </g>
        );
      })}
      {ringed &&
        extremes.map(
          (piece, which) =>
            piece && (
              <Ring
                key={which}
                piece={piece}
                size={sizeOf(piece)}
                isRound={isRoundFromAbove(kinds[piece.part]!.cut)}
                at={words[which]!}
                word={which === 0 ? 'palest' : 'darkest'}
                dashed={which === 0}
              />
            ),
        )}
    </svg>
  );
});

/** Room of a word to a ring, mm. */
const WORD = { wide: 52, high: 16, gap: 16 };

/** A ring round one piece with its name. */
function Ring({
  piece: { x, y, turn },
  size: [long, wide],
  isRound,
  at,
  word,
  dashed,
}: {
  piece: DrawnPiece;
  /** mm, its longer and its shorter side */
  size: readonly [number, number];
  isRound: boolean;
  /** the middle of its word */
  at: RingWord;
  word: string;
  dashed: boolean;
}) {
  const pad = 4;
  return (
    <g fill="none" stroke="#f7f8f4" strokeWidth={1.8}>
      <rect
        transform={`translate(${x} ${y}) rotate(${turn})`}
        x={-long / 2 - pad}
        y={-wide / 2 - pad}
        width={long + 2 * pad}
        height={wide + 2 * pad}
        rx={ringRadius(long + 2 * pad, wide + 2 * pad, 9, isRound)}
        strokeDasharray={dashed ? '4 3' : undefined}
      />
      <text
        x={at.x}
        y={at.y + 4}
        textAnchor="middle"
        fontSize={12}
        fontWeight={640}
        fill="#f7f8f4"
        stroke="#1b1e22"
        strokeWidth={3}
        paintOrder="stroke"
      >
        {word}
      </text>
    </g>
  );
}
