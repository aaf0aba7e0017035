/** A stretch for which one node takes something. */
export interface Block {
  readonly node: number;
  /** s from the beginning of the node */
  readonly from: number;
  /** s; Infinity is until serving */
  readonly length: number;
  readonly amount: number;
  /** begun: it stays where it is, whatever it clashes with */
  readonly settled: boolean;
  /** begun or pinned: the others go round it */
  readonly fixed: boolean;
}

/** The blocks of one resource and how much there is of it. */
export interface Demand {
  readonly capacity: number;
  readonly blocks: readonly Block[];
}

/** Slack within which two stretches only touch, s. Source: numerics. */
export const TOUCH = 1e-6;

/** When a block begins, s before serving. */
export function beginOf({ node, from }: Block, times: Float64Array): number {
  return times[node]! - from;
}

/** When a block ends, s before serving. */
export function endOf({ node, from, length }: Block, times: Float64Array): number {
  return Math.max(0, times[node]! - from - length);
}

/**
 * Blocks that together take more than there is at some moment: the fewest that do, at the moment nearest to serving. What is settled
 * clashes only with what is not.
 * @param times s before serving at which each node begins
 * @returns null where nothing clashes
 */
export function findClash(demands: readonly Demand[], times: Float64Array): readonly Block[] | null {
  let found: readonly Block[] | null = null;
  let nearest = Infinity;
  for (const { capacity, blocks } of demands) {
    for (const block of blocks) {
      const end = endOf(block, times);
      if (end >= nearest) continue;
      const moment = end + TOUCH;
      const running = blocks.filter((other) => beginOf(other, times) >= moment && endOf(other, times) < moment);
      const clash = fewestBeyond(running, capacity);
      if (!clash) continue;
      nearest = end;
      found = clash;
    }
  }
  return found;
}

/** The fewest of what runs that take more than there is, one of them not settled; the largest takers first. */
function fewestBeyond(running: readonly Block[], capacity: number): readonly Block[] | null {
  if (running.reduce((sum, { amount }) => sum + amount, 0) <= capacity) return null;
  const byAmount = running.toSorted((a, b) => b.amount - a.amount);
  const moving = byAmount.find(({ settled }) => !settled);
  if (!moving) return null;
  const clash = [moving];
  let taken = moving.amount;
  for (const other of byAmount) {
    if (taken > capacity) break;
    if (clash.some(({ node }) => node === other.node)) continue;
    clash.push(other);
    taken += other.amount;
  }
  return taken > capacity ? clash : null;
}
