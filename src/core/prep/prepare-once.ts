import { copyPieceState } from '../piece/piece-state';
import type { BatchPart, PreparationStep } from '../plan/plan';
import type { PreparedPieces } from './prepare-batch';

/** Fields of a part that its preparation depends on, beside its steps. */
const FIELDS = [
  'food',
  'reducingSugar',
  'cut',
  'scatter',
  'mass',
  'startTemperature',
] as const satisfies (keyof BatchPart)[];

/** Preparations kept for a list of steps: fine and coarse, of a part that differs in little. Source: chosen. */
const MOST_KEPT = 4;

interface Kept {
  readonly part: BatchPart;
  readonly factors: Float64Array;
  readonly cells: number;
  /** with a browning scale of one; never handed out itself */
  readonly ready: PreparedPieces;
}

const kept = new WeakMap<readonly PreparationStep[], Kept[]>();

/**
 * Pieces of a part, prepared: what was prepared from the same steps, food and thicknesses before is copied, as the members of an
 * ensemble differ in their fryer alone. Steps that cook in the fryer depend on it, and are gone through each time.
 * @param factors on the mean thickness, one per piece @param prepare with a browning scale
 */
export function prepareOnce(
  part: BatchPart,
  factors: Float64Array,
  cells: number,
  browningScale: number,
  prepare: (browningScale: number) => PreparedPieces,
): PreparedPieces {
  const { preparation } = part;
  if (preparation.some(({ step }) => step === 'cook')) return prepare(browningScale);
  const before = kept.get(preparation) ?? [];
  let found = before.find(
    (one) =>
      one.cells === cells &&
      one.factors.length === factors.length &&
      FIELDS.every((field) => one.part[field] === part[field]) &&
      one.factors.every((factor, p) => factor === factors[p]),
  );
  if (!found) {
    found = { part, factors, cells, ready: prepare(1) };
    kept.set(preparation, [found, ...before].slice(0, MOST_KEPT));
  }
  const { ready } = found;
  const state = copyPieceState(ready.state);
  for (let f = 0; f < state.browningFactor.length; f++)
    state.browningFactor[f] = state.browningFactor[f]! * browningScale;
  return {
    ...ready,
    state,
    /* what it is wished to become may have changed since */
    part: ready.part === found.part ? part : { ...ready.part, target: part.target },
  };
}
