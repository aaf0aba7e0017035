/** A ring in the drawer: its middle, and how far it reaches above and below it. */
export interface RingPlace {
  readonly x: number;
  readonly y: number;
  readonly reach: number;
}

/** Room that a word takes, and how far its middle stands from the ring. */
export interface WordRoom {
  readonly wide: number;
  readonly high: number;
  readonly gap: number;
}

/** Middle of a word. */
export interface RingWord {
  readonly x: number;
  readonly y: number;
}

/**
 * Middles of the words to two rings, so that they never lie over one another: above the upper ring and below the lower one, the other
 * way round where there is no room, and beside each other where both then stand at one height. All in the unit of the drawer's side.
 * @param band share of the picture's height that is in view, about its middle
 */
export function ringWords(
  rings: readonly [RingPlace | null, RingPlace | null],
  side: number,
  room: WordRoom,
  band = 1,
): readonly [RingWord | null, RingWord | null] {
  const within = (value: number, margin: number) => Math.min(side - margin, Math.max(margin, value));
  const hidden = ((1 - band) / 2) * side;
  const wordTo = (which: 0 | 1): RingWord | null => {
    const [ring, other] = [rings[which], rings[1 - which]];
    if (!ring) return null;
    const { x, y, reach } = ring;
    const isLower = !other || y > other.y || (y === other.y && which === 1);
    const margin = hidden + 0.18 * band * side;
    const below = y < margin || (y < side - margin && isLower);
    return {
      x: within(x, room.wide / 2),
      y: within(y + (below ? 1 : -1) * (reach + room.gap), hidden + room.high / 2),
    };
  };
  const [first, second] = [wordTo(0), wordTo(1)];
  if (!first || !second || Math.abs(first.y - second.y) >= room.high) return [first, second];
  const missing = room.wide - Math.abs(first.x - second.x);
  if (missing <= 0) return [first, second];
  /* both keep their order, and both stay in the drawer */
  const leftIsFirst = first.x <= second.x;
  const left = Math.min(side - 1.5 * room.wide, Math.max(room.wide / 2, Math.min(first.x, second.x) - missing / 2));
  const [ofFirst, ofSecond] = leftIsFirst ? [left, left + room.wide] : [left + room.wide, left];
  return [
    { ...first, x: ofFirst },
    { ...second, x: ofSecond },
  ];
}

/** Corners of a ring: all of it round about a slice, else no larger than `most`. */
export function ringRadius(long: number, wide: number, most: number, isRound: boolean): number {
  return isRound ? Math.max(long, wide) / 2 : Math.min(wide / 2, most);
}

/** Share of the band that is in view in which the middle of what is ringed lies, so that most of the ring and its word show. Source: chosen by looking. */
const IN_BAND = 0.7;

/** Whether what lies at `y`, share of the picture's height, is well within the band about its middle that is in view. */
export function isInBand(y: number, band: number): boolean {
  return band >= 1 || Math.abs(y - 0.5) < (IN_BAND * band) / 2;
}
