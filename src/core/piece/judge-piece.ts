import type { TargetColour, Wish } from '../food/wish';

/** How a piece is at a moment. */
export type Verdict = 'under' | 'right' | 'dark' | 'burnt';

/** Verdicts by the numbers used in hot loops and arrays. */
export const VERDICTS: readonly Verdict[] = ['under', 'right', 'dark', 'burnt'];

/** Browning above which a piece is burnt, whatever was wished: of the mean, and of one face. Source: design estimate; one face half as much again, assumed. */
export const BURNT_FROM = 3;
const FACE_BURNT_FROM = 4.5;

/** Browning that counts as right: the mean of both faces, and each face. */
export interface RightBrowning {
  readonly from: number;
  readonly to: number;
  readonly faceFrom: number;
  readonly faceTo: number;
}

/** What people accept as golden. Source: 0.45–1.8 of the mean and no face under 0.25 or over 2.2, checked on recorded cooks that are kept aside. */
const GOLDEN: RightBrowning = { from: 0.45, to: 1.8, faceFrom: 0.25, faceTo: 2.2 };

/** Hardly any colour: enough to see that it was fried. Source: assumed, below a third of pale. */
const FIRST: RightBrowning = { from: 0.03, to: 0.4, faceFrom: 0, faceTo: 0.6 };

/** How the bands of the other wishes lie to that of golden, lower and upper ends. Source: assumed; ratios of the design estimate's bands 0.15–1, 0.6–1.4 and 1–2.2. */
const PALE = { lower: 0.15 / 0.6, upper: 1 / 1.4 };
const BROWN = { lower: 1 / 0.6, upper: 2.2 / 1.4 };

function scaled({ lower, upper }: { lower: number; upper: number }): RightBrowning {
  return {
    from: GOLDEN.from * lower,
    to: GOLDEN.to * upper,
    faceFrom: GOLDEN.faceFrom * lower,
    faceTo: GOLDEN.faceTo * upper,
  };
}

/** Browning that counts as right for a wished colour. */
export const RIGHT_BROWNING: Record<TargetColour, RightBrowning> = {
  first: FIRST,
  pale: scaled(PALE),
  golden: GOLDEN,
  brown: scaled(BROWN),
};

/** Share of the softening needed at the heart for a piece to be cooked through. Source: assumed; vegetables may keep a bite. */
export const COOKED_THROUGH = 0.5;

/** Share of that softening at which a piece gives under a flat hand. Source: assumed; boiled potatoes are pressed when a knife goes in easily. */
export const SOFT_ENOUGH = 0.9;

/** Dryness beyond that wished from which a chewy piece is hard. Source: assumed, a quarter of its moisture. */
const HARD_FROM = 4;

/** What counts as right for a wish. */
export interface Judge extends RightBrowning {
  /** whether one good face is enough */
  readonly oneFace: boolean;
  /** share of the softening needed at the heart */
  readonly softness: number;
  /** crispness over that usually wished from which it is enough */
  readonly leastCrispness: number;
  /** crispness over that wished from which it is too much */
  readonly mostCrispness: number;
}

/** The judge of a wish. */
export function judgeFor({ colour, crispness, faces, shade = 1, firmness = 1 }: Wish): Judge {
  const right = RIGHT_BROWNING[colour];
  return {
    from: right.from * shade,
    to: right.to * shade,
    faceFrom: right.faceFrom * shade,
    faceTo: right.faceTo * shade,
    oneFace: faces === 'one',
    softness: crispness === 'soft' ? SOFT_ENOUGH : COOKED_THROUGH,
    leastCrispness: firmness,
    mostCrispness: crispness === 'chewy' ? HARD_FROM : Infinity,
  };
}

/** One piece as it is judged. */
export interface Looks {
  /** browning of its two faces */
  faceA: number;
  faceB: number;
  /** glassy depth over that wished */
  crispness: number;
  /** share of the softening needed at the heart */
  softness: number;
}

/** How near a piece is to right from below: 1 and more when colour of both faces, bite and heart are there. */
export function readiness(looks: Looks, judge: Judge): number {
  const inside = Math.min(looks.crispness / judge.leastCrispness, looks.softness / judge.softness);
  const best = Math.max(looks.faceA, looks.faceB);
  if (judge.oneFace) return Math.min(best / judge.from, inside);
  const mean = (looks.faceA + looks.faceB) / 2 / judge.from;
  const paler = judge.faceFrom > 0 ? Math.min(looks.faceA, looks.faceB) / judge.faceFrom : Infinity;
  return Math.min(mean, paler, inside);
}

/** How far a piece has gone towards too dark or too hard: above 1 when its mean or one face is past the wish, or its bite. */
export function darkness(looks: Looks, judge: Judge): number {
  const darker = Math.max(looks.faceA, looks.faceB) / judge.faceTo;
  const mean = judge.oneFace ? 0 : (looks.faceA + looks.faceB) / 2 / judge.to;
  return Math.max(mean, darker, looks.crispness / judge.mostCrispness);
}

/** How far a piece has gone towards burnt: above 1 when it is. */
export function charring(looks: Looks): number {
  return Math.max((looks.faceA + looks.faceB) / 2 / BURNT_FROM, Math.max(looks.faceA, looks.faceB) / FACE_BURNT_FROM);
}

/** Index into VERDICTS of one piece: burnt, dark or right if it is, else under. */
export function judgePiece(looks: Looks, judge: Judge): 0 | 1 | 2 | 3 {
  if (charring(looks) > 1) return 3;
  if (darkness(looks, judge) > 1) return 2;
  return readiness(looks, judge) >= 1 ? 1 : 0;
}
