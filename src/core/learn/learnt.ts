import { choleskyFactor } from '../numeric/cholesky';
import { expectOf, type Knowledge, placesKnown } from './knowledge';
import { QUANTITY_COUNT, quantityIndex, UNIT, type Quantity } from './quantities';
import type { MadeWith } from './told-batch';

/** What a kitchen has learnt that bears on one plan: how far fryer, food and taste lie from what it says, and how sure that is. */
export interface Learnt {
  /** K of air beyond the dial */
  readonly offset: number;
  /** factors on heat transfer, power, browning, and on what counts as the wished colour and bite */
  readonly heatTransfer: number;
  readonly power: number;
  readonly browning: number;
  readonly shade: number;
  readonly firmness: number;
  /** factor on the dose that softens its heart */
  readonly softening: number;
  /** factor on its reducing sugar */
  readonly sugar: number;
  /** lower factor of the covariance that is left, see `Spread`: of browning, that over what is called golden */
  readonly spread: readonly number[];
  /** h over each place of the floor against the mean of all, where it was measured, see `PLACES` */
  readonly places?: readonly number[];
}

/** Rows of a plan's spread as sums of quantities: what is seen of browning is that of the food and its sugar over that wished. */
const rowsOf = (bySugar: number): readonly Partial<Record<Quantity, number>>[] => [
  { heatTransfer: 1 },
  { offset: 1 },
  { power: 1 },
  { browning: 1, shade: -1, sugar: bySugar },
];

/** What the knowledge of a kitchen says about the next batch so made. @param bySugar d ln browning by d ln sugar of that batch, see `sugarSensitivity` */
export function learntFor(knowledge: Knowledge, batch: MadeWith, bySugar: number): Learnt {
  const { mean, covariance } = expectOf(knowledge, batch);
  const value = (quantity: Quantity) => UNIT[quantity] * mean[quantityIndex(quantity)]!;
  const n = QUANTITY_COUNT;
  const rows = rowsOf(bySugar);
  const weights = rows.map((row) =>
    Object.entries(row).map(([quantity, sign]) => ({
      at: quantityIndex(quantity as Quantity),
      by: sign * UNIT[quantity as Quantity],
    })),
  );
  const matrix = weights.flatMap((left) =>
    weights.map((right) =>
      left.reduce((sum, a) => right.reduce((inner, b) => inner + a.by * b.by * covariance[a.at * n + b.at]!, sum), 0),
    ),
  );
  const places = placesKnown(knowledge, batch);
  const factor = choleskyFactor(matrix, rows.length);
  return {
    offset: value('offset'),
    heatTransfer: Math.exp(value('heatTransfer')),
    power: Math.exp(value('power')),
    browning: Math.exp(value('browning')),
    shade: Math.exp(value('shade')),
    firmness: Math.exp(value('firmness')),
    softening: Math.exp(value('softening')),
    sugar: Math.exp(value('sugar')),
    spread: rows.flatMap((_, i) => Array.from({ length: i + 1 }, (__, j) => factor[i * rows.length + j]!)),
    ...(places ? { places: places.strengths } : {}),
  };
}
