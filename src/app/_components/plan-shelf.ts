import type { PlanFile } from '@/schemas/plan-file';

/** What this tab has last made of a plan, and what it began from. */
interface Shelved {
  readonly from: string;
  readonly newest: PlanFile;
}

const shelf = new Map<string, Shelved>();

/** Keeps what is on the bench, so that coming back to it within this tab finds it as it was left. */
export function shelve(planId: string, initial: PlanFile, newest: PlanFile): void {
  shelf.set(planId, { from: JSON.stringify(initial), newest });
}

/**
 * The plan to begin with: what this tab made of it, where the page comes back with the very plan that was begun from; whatever else
 * the server gives is newer.
 */
export function fromShelf(planId: string, initial: PlanFile): PlanFile {
  const shelved = shelf.get(planId);
  return shelved?.from === JSON.stringify(initial) ? shelved.newest : initial;
}

const revisions = new Map<string, number>();

/** Remembers the newest revision of a plan that this tab knows; a page that comes back from the browser's memory names an older one. */
export function knownRevision(planId: string, told: number): number {
  const newest = Math.max(told, revisions.get(planId) ?? 0);
  revisions.set(planId, newest);
  return newest;
}
