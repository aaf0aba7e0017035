/**
 * Whether the word to one of two rings stands below it: that of the lower one does, so that the two words never lie over one another,
 * unless there is no room. @param y of the ring, and of the other one; the same unit as the drawer's @param side
 */
export function standsBelow(y: number, other: number | undefined, side: number): boolean {
  const margin = 0.18 * side;
  return y < margin || (y < side - margin && (other === undefined || y >= other));
}
