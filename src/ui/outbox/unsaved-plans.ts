import { placeHere } from '../place-here';

/** A plan that could not be stored yet, as it is sent. */
export interface UnsavedPlan {
  readonly fryerId: string;
  readonly document: unknown;
  readonly base: number | null;
  /** key of the kitchen it is of; nobody knows of one kept by an older version */
  readonly place?: string | null;
}

const PREFIX = 'drubek.unsaved.';

/** Keeps a plan on this device until it is stored, so that a reload without a network loses nothing. */
export function keepUnsaved(planId: string, plan: UnsavedPlan): void {
  try {
    localStorage.setItem(PREFIX + planId, JSON.stringify({ place: placeHere(), ...plan }));
  } catch {
    /* a browser that keeps nothing: the page itself still holds it */
  }
}

/** Forgets a plan that is stored. */
export function forgetUnsaved(planId: string): void {
  localStorage.removeItem(PREFIX + planId);
}

/** The plan that waits under this id, or null. */
export function unsavedPlan(planId: string): UnsavedPlan | null {
  const kept = localStorage.getItem(PREFIX + planId);
  try {
    return kept === null ? null : (JSON.parse(kept) as UnsavedPlan);
  } catch {
    return null;
  }
}

/** Ids of all plans that wait. */
export function unsavedPlans(): string[] {
  return Object.keys(localStorage).flatMap((key) => (key.startsWith(PREFIX) ? [key.slice(PREFIX.length)] : []));
}
