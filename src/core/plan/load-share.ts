/** One load of several: its share of what is on the board, 0–1, and the drawer it goes into, from 0 on. */
export interface LoadShare {
  readonly share: number;
  readonly drawer: number;
}

/** Equal loads, one after the other in the same drawer. */
export function equalLoads(count: number): LoadShare[] {
  return Array.from({ length: count }, () => ({ share: 1 / count, drawer: 0 }));
}
