'use client';

import { memo, useId, useMemo } from 'react';
import type { CookLooks } from '../../core/batch/record-statistics';
import { placeAt } from '../../core/fryer/places';
import type { Plan } from '../../core/plan/plan';
import type { DrawerLoad } from '../../workers/basket/protocol';
import { drawerLoad, kindsOfPieces } from '../basket/drawer-load';
import { pieceLooks } from '../basket/followed-pieces';
import { standsBelow } from '../basket/ring-words';
import { shrinkage } from '../basket/shrinkage';
import { sizeFromAbove } from './piece-size';
import { PieceFromAbove } from './piece-from-above';
import { type LyingPiece, settlePieces } from './settle-pieces';

/** Most pieces that are drawn; of more, those below are not seen anyway. */
const MOST_DRAWN = 150;

/** Rim of the drawer round its floor, mm. */
const RIM = 16;

/** Slots of the grate along one side. */
const SLOTS = 9;

/** The drawer seen straight from above at one sample of a record: every piece to scale, in the colours of the record. */
export const BasketDrawing = memo(function BasketDrawing({
  plan,
  record,
  sample,
  label,
  ringed = false,
  most = MOST_DRAWN,
  className,
}: {
  plan: Plan;
  record: CookLooks;
  sample: number;
  label: string;
  /** whether the palest and the darkest piece are ringed and named */
  ringed?: boolean;
  /** pieces drawn at most; fewer where it stands small among many */
  most?: number;
  className?: string;
}) {
  const shape = JSON.stringify(drawerLoad(plan, most));
  const { side } = JSON.parse(shape) as DrawerLoad;
  const lying = useMemo(() => lieIn(JSON.parse(shape) as DrawerLoad), [shape]);
  const kinds = kindsOfPieces(plan);
  /* those drawn last lie on top */
  const fromTop = lying.toReversed();
  const looks = pieceLooks(
    record,
    sample,
    fromTop.map(({ part }) => part),
    fromTop.map(({ x, y }) => placeAt(x / side, y / side)),
  ).toReversed();
  const inside = lying.flatMap((piece, i) => (looks[i]!.inside ? [{ ...piece, browning: looks[i]!.up }] : []));
  const [palest, darkest] = extremesOf(
    inside,
    inside.map(({ browning }) => browning),
  );
  const order = inside.map((_, i) => i);
  /* what is ringed lies on top, or another piece would be seen in the ring */
  if (ringed) order.sort((a, b) => Number(a === palest || a === darkest) - Number(b === palest || b === darkest));
  const shrunk = shrinkage(plan, record, sample);
  const light = useId();
  return (
    <svg
      viewBox={`${-RIM} ${-RIM} ${side + 2 * RIM} ${side + 2 * RIM}`}
      role="img"
      aria-label={label}
      className={className}
    >
      <defs>
        <radialGradient id={light} cx="0.35" cy="0.3" r="0.9">
          <stop offset="0" stopColor="#3a4048" />
          <stop offset="1" stopColor="#1f2328" />
        </radialGradient>
      </defs>
      <rect x={-RIM} y={-RIM} width={side + 2 * RIM} height={side + 2 * RIM} rx={side * 0.13} fill="#4a5058" />
      <rect
        x={-RIM + 3}
        y={-RIM + 3}
        width={side + 2 * RIM - 6}
        height={side + 2 * RIM - 6}
        rx={side * 0.12}
        fill="#2b3036"
      />
      <rect
        x={0}
        y={0}
        width={side}
        height={side}
        rx={side * 0.08}
        fill={plan.fryer.liner ? '#b9a884' : `url(#${light})`}
      />
      {!plan.fryer.liner && <Grate side={side} />}
      {order.map((i) => {
        const { x, y, turn, twist, part, browning } = inside[i]!;
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
      {ringed && (
        <>
          {[palest, darkest].map((i, which) => {
            const piece = inside[i];
            const size = piece && sizeFromAbove(kinds[piece.part]!.cut);
            return (
              <Ring
                key={which}
                piece={piece}
                size={size ?? [0, 0]}
                other={inside[which === 0 ? darkest : palest]}
                side={side}
                word={which === 0 ? 'palest' : 'darkest'}
                dashed={which === 0}
              />
            );
          })}
        </>
      )}
    </svg>
  );
});

/** The slots of the drawer's floor; they stay while what lies on it moves. @param side mm */
const Grate = memo(function Grate({ side }: { side: number }) {
  return Array.from({ length: SLOTS * SLOTS }, (_, i) => (
    <rect
      key={i}
      x={side * (0.09 + (0.82 * (i % SLOTS)) / (SLOTS - 1)) - 1}
      y={side * (0.09 + (0.82 * Math.floor(i / SLOTS)) / (SLOTS - 1)) - side * 0.022}
      width={2}
      height={side * 0.044}
      rx={1}
      fill="#15181b"
    />
  ));
});

/** Indices of the palest and the darkest piece; of several alike the two that lie farthest apart. */
function extremesOf(lying: readonly LyingPiece[], brownings: readonly number[]): readonly [number, number] {
  const [least, most] = [Math.min(...brownings), Math.max(...brownings)];
  const alike = (value: number) => brownings.flatMap((one, i) => (one === value ? [i] : []));
  let best: readonly [number, number] = [-1, -1];
  let apart = -1;
  for (const a of alike(least)) {
    for (const b of alike(most)) {
      const distance = Math.hypot(lying[a]!.x - lying[b]!.x, lying[a]!.y - lying[b]!.y);
      if (distance > apart) [best, apart] = [[a, b], distance];
    }
  }
  return best;
}

/** A ring round one piece with its name. */
function Ring({
  piece,
  size: [long, wide],
  other,
  side,
  word,
  dashed = false,
}: {
  piece: LyingPiece | undefined;
  other: LyingPiece | undefined;
  size: readonly [number, number];
  side: number;
  word: string;
  dashed?: boolean;
}) {
  if (!piece) return null;
  const { x, y, turn } = piece;
  const pad = 4;
  const below = standsBelow(y, other?.y, side);
  return (
    <g fill="none" stroke="#f7f8f4" strokeWidth={1.8}>
      <rect
        transform={`translate(${x} ${y}) rotate(${turn})`}
        x={-long / 2 - pad}
        y={-wide / 2 - pad}
        width={long + 2 * pad}
        height={wide + 2 * pad}
        rx={Math.min(wide / 2 + pad, 9)}
        strokeDasharray={dashed ? '4 3' : undefined}
      />
      <text
        x={Math.min(side - 26, Math.max(26, x))}
        y={below ? y + wide / 2 + 20 : y - wide / 2 - 12}
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

/** One basket, always settled the same. */
const SEED = 7;

/** A piece in the drawer and which of the foods it is of. */
interface PieceOfPart extends LyingPiece {
  readonly part: number;
}

/** All foods as they come to lie, those that go in later on top. */
function lieIn({ side, parts }: DrawerLoad): PieceOfPart[] {
  return parts.flatMap(({ cut, count }, part) =>
    settlePieces(count, ...sizeFromAbove(cut), side, SEED + part).map((piece) => ({ ...piece, part })),
  );
}
