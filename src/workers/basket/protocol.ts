import type { Cut } from '../../core/cut/cut';

/** What is tipped into a drawer: so many pieces of each cut, in the order in which they go in. */
export interface DrawerLoad {
  /** mm, inner side of the square floor */
  readonly side: number;
  readonly parts: readonly { readonly cut: Cut; readonly count: number }[];
}

/** Numbers of a pose: place in mm about the middle of the floor, y up; turn as a quaternion; size of this piece over that of its cut. */
export const POSE = 8;

/** How the pieces lie, those on top first. */
export interface SettledLoad {
  /** which part each piece is of */
  readonly part: Uint8Array;
  /** [piece][x, y, z, qx, qy, qz, qw, size] flat */
  readonly pose: Float32Array;
}

/** Lets pieces fall. */
export interface SettlingService {
  settle(load: DrawerLoad): Promise<SettledLoad>;
}
