import { useMemo } from 'react';
import type { CookLooks } from '../../core/batch/record-statistics';
import { placeAt } from '../../core/fryer/places';
import type { Plan } from '../../core/plan/plan';
import type { DrawerLoad } from '../../workers/basket/protocol';
import type { KindOfPiece } from '../basket/basket-scene';
import { drawerLoad, kindsOfPieces } from '../basket/drawer-load';
import { ALIKE, pieceLooks } from '../basket/followed-pieces';
import { isInBand } from '../basket/ring-words';
import { shrinkage } from '../basket/shrinkage';
import { sizeFromAbove } from './piece-size';
import { type LyingPiece, settlePieces } from './settle-pieces';

/** Most pieces that are drawn; of more, those below are not seen anyway. */
export const MOST_DRAWN = 150;

/** A piece that is drawn flat, and which of the foods it is of. */
export interface DrawnPiece extends LyingPiece {
  readonly part: number;
  readonly browning: number;
}

/** The drawer at one sample of a record as it is drawn flat. */
export interface DrawnPieces {
  /** mm inside the drawer */
  readonly side: number;
  /** of each part */
  readonly kinds: readonly KindOfPiece[];
  /** those in it, the last on top */
  readonly pieces: readonly DrawnPiece[];
  readonly palest: DrawnPiece | undefined;
  readonly darkest: DrawnPiece | undefined;
  /** size of a piece over that when raw */
  readonly shrunk: number;
}

/**
 * What lies in the drawer of a plan at a sample. @param most pieces @param ringed whether the palest and the darkest lie on top
 * @param band share of the picture's height that is in view, about its middle: both are looked for there
 */
export function useDrawnPieces(
  plan: Plan,
  record: CookLooks,
  sample: number,
  most: number,
  ringed: boolean,
  band = 1,
): DrawnPieces {
  const shape = JSON.stringify(drawerLoad(plan, most));
  const { side } = JSON.parse(shape) as DrawerLoad;
  const lying = useMemo(() => lieIn(JSON.parse(shape) as DrawerLoad), [shape]);
  /* those drawn last lie on top */
  const fromTop = lying.toReversed();
  const looks = pieceLooks(
    record,
    sample,
    fromTop.map(({ part }) => part),
    fromTop.map(({ x, y }) => placeAt(x / side, y / side)),
  ).toReversed();
  const inside = lying.flatMap((piece, i) => (looks[i]!.inside ? [{ ...piece, browning: looks[i]!.up }] : []));
  const [palest, darkest] = extremesOf(inside.filter(({ y }) => isInBand(y / side, band)));
  return {
    side,
    kinds: kindsOfPieces(plan),
    /* what is ringed lies on top, or another piece would be seen in the ring */
    pieces: ringed
      ? inside.toSorted((a, b) => Number(a === palest || a === darkest) - Number(b === palest || b === darkest))
      : inside,
    palest,
    darkest,
    shrunk: shrinkage(plan, record, sample),
  };
}

/** The palest and the darkest piece, none where all look alike; of several alike the two that lie farthest apart. */
function extremesOf(inside: readonly DrawnPiece[]): readonly [DrawnPiece?, DrawnPiece?] {
  const brownings = inside.map(({ browning }) => browning);
  const alike = (value: number) => inside.filter(({ browning }) => browning === value);
  const [least, most] = [Math.min(...brownings), Math.max(...brownings)];
  if (most - least < ALIKE) return [];
  const darkest = alike(most);
  let best: readonly [DrawnPiece?, DrawnPiece?] = [];
  let apart = -1;
  for (const a of alike(least)) {
    for (const b of darkest) {
      const distance = Math.hypot(a.x - b.x, a.y - b.y);
      if (distance > apart) [best, apart] = [[a, b], distance];
    }
  }
  return best;
}

/** One basket, always settled the same. */
const SEED = 7;

/** All foods as they come to lie, those that go in later on top. */
function lieIn({ side, parts }: DrawerLoad): (LyingPiece & { part: number })[] {
  return parts.flatMap(({ cut, count }, part) =>
    settlePieces(count, ...sizeFromAbove(cut), side, SEED + part).map((piece) => ({ ...piece, part })),
  );
}
