import { expectOf, type Knowledge } from './knowledge';
import { learn } from './kitchen-model';
import { QUANTITY_COUNT, type Quantity, quantityIndex, UNIT } from './quantities';
import { aloneSays } from './evidence';
import type { MadeWith, ToldBatch } from './told-batch';

/** What is believed of a quantity: K for the thermostat, ln for the others. */
export interface Belief {
  readonly mean: number;
  readonly deviation: number;
}

/** Half of the interval that holds eight times in ten, standard deviations. */
export const EIGHT_IN_TEN = 1.2816;

/** Quantities of a fryer, in the order in which they are shown. */
export const FRYER_QUANTITIES = ['offset', 'heatTransfer', 'power'] as const;

/** @see FRYER_QUANTITIES */
export type FryerQuantity = (typeof FRYER_QUANTITIES)[number];

/** No food, where only the fryer is asked for. */
const ANY_FOOD = { food: null, coat: null, kin: 'vegetable', season: 0 } as const;

/** What the knowledge of a kitchen says of a quantity in the next batch so made. */
export function beliefIn(knowledge: Knowledge, made: MadeWith, quantity: Quantity): Belief {
  const { mean, covariance } = expectOf(knowledge, made);
  const at = quantityIndex(quantity);
  return {
    mean: UNIT[quantity] * mean[at]!,
    deviation: UNIT[quantity] * Math.sqrt(covariance[at * (QUANTITY_COUNT + 1)]!),
  };
}

/** What is believed of a fryer. */
export function fryerBelief(knowledge: Knowledge, fryer: string): Record<FryerQuantity, Belief> {
  const of = (quantity: FryerQuantity) => beliefIn(knowledge, { fryer, drawer: null, ...ANY_FOOD }, quantity);
  return { offset: of('offset'), heatTransfer: of('heatTransfer'), power: of('power') };
}

/** What a batch says of a quantity by itself, over what any kitchen expects. */
export function saysAlone({ evidence }: Pick<ToldBatch, 'evidence'>, quantity: Quantity): Belief {
  const { mean, variance } = aloneSays(evidence);
  const at = quantityIndex(quantity);
  return { mean: UNIT[quantity] * mean[at]!, deviation: UNIT[quantity] * Math.sqrt(variance[at]!) };
}

/** How what is believed of a fryer's thermostat narrowed: after each of these batches, all that came before counted. */
export function narrowing(
  batches: readonly ToldBatch[],
  fryer: string,
  ids: ReadonlySet<string>,
): { readonly id: string; readonly after: Belief }[] {
  return batches.flatMap(({ id }, i) =>
    ids.has(id) ? [{ id, after: fryerBelief(learn(batches.slice(0, i + 1), false).knowledge, fryer).offset }] : [],
  );
}
