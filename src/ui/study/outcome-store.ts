import type { PlanOutcome } from '../../core/forecast/plan-outcome';
import type { PlanFile } from '../../schemas/plan-file';

/** Rest after the last change before anything is asked, ms. */
const SETTLE = 200;

/** Outcomes kept. */
const KEPT = 600;

/** Asks for outcomes of plans, one report a plan; returns what calls it off. */
export type AskOutcomes = (
  documents: readonly PlanFile[],
  onOutcome: (index: number, outcome: PlanOutcome | null) => void,
) => () => void;

/**
 * Outcomes of plans by their text, for all controls together: whatever several of them want is asked once, nothing is asked
 * while a lever moves, and what nobody wants any more is called off.
 */
export function createOutcomeStore(ask: AskOutcomes) {
  const known = new Map<string, PlanOutcome | null>();
  const wanted = new Map<string, number>();
  const listeners = new Set<() => void>();
  let timer: ReturnType<typeof setTimeout> | undefined;
  let callOff: () => void = () => undefined;
  let held = false;
  let waits = false;

  const askForMissing = () => {
    waits = held;
    if (held) return;
    callOff();
    const missing = [...wanted.keys()].filter((key) => !known.has(key));
    if (missing.length === 0) return;
    callOff = ask(
      missing.map((key) => JSON.parse(key) as PlanFile),
      (index, outcome) => {
        known.set(missing[index]!, outcome);
        if (known.size > KEPT) known.delete(known.keys().next().value!);
        listeners.forEach((listener) => listener());
      },
    );
  };
  return {
    outcome: (key: string) => known.get(key),
    /** Wants these until the returned function is called. */
    want(keys: readonly string[]): () => void {
      keys.forEach((key) => wanted.set(key, (wanted.get(key) ?? 0) + 1));
      clearTimeout(timer);
      timer = setTimeout(askForMissing, SETTLE);
      /* the cores belong to what moves; what is still wanted is asked again with the rest */
      callOff();
      return () => {
        keys.forEach((key) => {
          const count = wanted.get(key)! - 1;
          if (count > 0) wanted.set(key, count);
          else wanted.delete(key);
        });
      };
    },
    /** Says whether a finger or the mouse is held down: until it is let go nothing new is asked, since a lever may be under it. */
    hold(down: boolean): void {
      held = down;
      if (down || !waits) return;
      clearTimeout(timer);
      timer = setTimeout(askForMissing, SETTLE);
    },
    subscribe(listener: () => void): () => void {
      listeners.add(listener);
      return () => void listeners.delete(listener);
    },
    end() {
      clearTimeout(timer);
      callOff();
    },
  };
}

/** @see createOutcomeStore */
export type OutcomeStore = ReturnType<typeof createOutcomeStore>;
