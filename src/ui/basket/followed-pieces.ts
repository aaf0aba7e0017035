import { placesApart } from '../../core/fryer/places';
import type { CookLooks } from '../../core/batch/record-statistics';

/** What a drawn piece looks like at a moment. */
export interface PieceLook {
  /** browning of the face that looks up, and of the one below */
  readonly up: number;
  readonly down: number;
  /** still in the basket */
  readonly inside: boolean;
}

/** How much deeper in the heap a sampled piece may be taken from, share of it, rather than from a third of the floor beside. Source: chosen by looking. */
const DEEPER = 0.25;

/**
 * What each drawn piece looks like at a sample: it follows a sampled piece of its own food that lies as deep in the heap, and where
 * places of the floor are told apart over the same or near it, so that a shake mixes what is drawn as it mixed what was computed,
 * and what is pulled is gone.
 * @param parts which food each drawn piece is of, those on top first
 * @param over the place of the floor that each lies over, see `PLACES`
 */
export function pieceLooks(
  record: CookLooks,
  sample: number,
  parts: ArrayLike<number>,
  over?: ArrayLike<number>,
): PieceLook[] {
  const { pieces } = record;
  const at = sample * pieces;
  const byPart = new Map<number, { sampled: number[]; drawn: number; seen: number }>();
  const order = Array.from({ length: pieces }, (_, p) => p).sort(
    (a, b) => record.place[at + a]! - record.place[at + b]!,
  );
  const ofPart = (part: number) => {
    const known = byPart.get(part);
    if (known) return known;
    const sampled = order.filter((p) => record.part[p] === part);
    /* where only colours were kept it is not known whose they are */
    const made = { sampled: sampled.length > 0 ? sampled : order, drawn: 0, seen: 0 };
    byPart.set(part, made);
    return made;
  };
  for (let i = 0; i < parts.length; i++) ofPart(parts[i]!).drawn++;
  const places = record.over.subarray(at, at + pieces);
  const toldApart = places.some((place) => place !== places[0]);
  const follow = ({ sampled }: { sampled: number[] }, depth: number, i: number) => {
    if (!over || !toldApart) return sampled[Math.floor(depth * sampled.length)];
    const cost = (p: number, rank: number) =>
      Math.abs((rank + 0.5) / sampled.length - depth) + DEEPER * placesApart(places[p]!, over[i]!);
    const costs = sampled.map(cost);
    return sampled[costs.indexOf(Math.min(...costs))];
  };
  return Array.from({ length: parts.length }, (_, i) => {
    const own = ofPart(parts[i]!);
    const p = follow(own, (own.seen++ + 0.5) / own.drawn, i);
    if (p === undefined) return { up: 0, down: 0, inside: false };
    const [one, other] = [record.browning[2 * (at + p)]!, record.browning[2 * (at + p) + 1]!];
    const upward = record.faceUp[at + p]! / 2;
    return {
      up: upward * one + (1 - upward) * other,
      down: upward * other + (1 - upward) * one,
      inside: record.inBasket[at + p] === 1,
    };
  });
}

/** Share of the heap from the top whose pieces are seen whole. Source: chosen by looking. */
const SEEN = 0.22;

/** Difference of browning below which no piece is paler than another to the eye. Source: assumed, a quarter of the step from pale to golden. */
export const ALIKE = 0.12;

/**
 * The palest and the darkest of the pieces that are seen whole; −1 where there is none, and where all look alike.
 * @param isInView whether a piece lies in the part of the picture that is shown
 */
export function extremesSeen(
  looks: readonly PieceLook[],
  isInView: (piece: number) => boolean = () => true,
): readonly [palest: number, darkest: number] {
  let [palest, darkest] = [-1, -1];
  looks.forEach(({ up, inside }, i) => {
    if (!inside || i > Math.max(1, SEEN * looks.length) || !isInView(i)) return;
    if (palest < 0 || up < looks[palest]!.up) palest = i;
    if (darkest < 0 || up >= looks[darkest]!.up) darkest = i;
  });
  if (palest < 0 || looks[darkest]!.up - looks[palest]!.up < ALIKE) return [-1, -1];
  return [palest, darkest];
}
