import { findFood } from '../food/catalogue';
import type { CoatName } from '../plan/coat-laid';
import { type Belief, beliefIn, FRYER_QUANTITIES, fryerBelief, type FryerQuantity, saysAlone } from './beliefs';
import { kinOf } from './kin';
import { type Knowledge, NOTHING_KNOWN } from './knowledge';
import type { ToldBatch } from './told-batch';

/** How sure a finding is: eight batches in ten on one side of the label and far from it, likely, or open. */
export type Sureness = 'sure' | 'likely' | 'open';

/** Something a kitchen has found out, with its evidence. */
export interface Finding {
  readonly about:
    | { readonly kind: 'fryer'; readonly fryer: string; readonly quantity: FryerQuantity }
    | { readonly kind: 'food'; readonly food: string; readonly quantity: 'browning' | 'sugar' | 'softening' }
    | { readonly kind: 'coat'; readonly coat: CoatName }
    | { readonly kind: 'taste' };
  readonly before: Belief;
  readonly now: Belief;
  readonly sureness: Sureness;
  /** ids of the batches that it is from */
  readonly from: readonly string[];
  /** how many tests of the fryer it is from as well */
  readonly tests: number;
  /** how many of them say the same by themselves, and how many the opposite */
  readonly agree: number;
  readonly differ: number;
}

/** Standard deviations from the label from which a finding is sure, and likely. Source: chosen; one in a hundred, one in ten to the other side. */
const SURE_FROM = 2.33;
const LIKELY_FROM = 1.28;

/** A finding nearer to the label than this is none, standard deviations. Source: chosen; one in five to the other side. */
const SAID_FROM = 0.84;

/** Share of its spread before that a finding must have lost, or it is no finding. Source: chosen. */
const NARROWED = 0.15;

/** Standard deviations by which a batch must lean to one side to count as saying so. Source: chosen. */
const LEANS = 0.3;

/** How far it lies from the label, standard deviations. */
const far = ({ now }: Pick<Finding, 'now'>) => Math.abs(now.mean) / now.deviation;

function finding(
  about: Finding['about'],
  before: Belief,
  now: Belief,
  batches: readonly ToldBatch[],
  says: (batch: ToldBatch) => Belief,
): Finding[] {
  if (batches.length === 0 || now.deviation > (1 - NARROWED) * before.deviation) return [];
  const sides = batches.map((batch) => {
    const { mean, deviation } = says(batch);
    return Math.abs(mean) < LEANS * deviation ? 0 : Math.sign(mean) * Math.sign(now.mean);
  });
  return [
    {
      about,
      before,
      now,
      sureness: far({ now }) >= SURE_FROM ? 'sure' : far({ now }) >= LIKELY_FROM ? 'likely' : 'open',
      from: batches.filter(({ food }) => food !== null).map(({ id }) => id),
      tests: batches.filter(({ food }) => food === null).length,
      agree: sides.filter((side) => side > 0).length,
      differ: sides.filter((side) => side < 0).length,
    },
  ];
}

/** What the kitchen has found out about its fryers, foods, coats and taste, the surest first. @param batches those that count */
export function findingsOf(knowledge: Knowledge, batches: readonly ToldBatch[]): Finding[] {
  const fryers = [...new Set(batches.map(({ fryer }) => fryer))];
  const foods = [...new Set(batches.flatMap(({ food }) => food ?? []))];
  const coats = [...new Set(batches.flatMap(({ coat }) => coat ?? []))];
  const all = [
    ...fryers.flatMap((fryer) => {
      const own = batches.filter((batch) => batch.fryer === fryer);
      const [before, now] = [fryerBelief(NOTHING_KNOWN, fryer), fryerBelief(knowledge, fryer)];
      return FRYER_QUANTITIES.flatMap((quantity) =>
        finding({ kind: 'fryer', fryer, quantity }, before[quantity], now[quantity], own, (batch) =>
          saysAlone(batch, quantity),
        ),
      );
    }),
    ...foods.flatMap((food) => {
      const own = batches.filter((batch) => batch.food === food);
      const known = findFood(food);
      const made = { ...own[0]!, kin: known ? kinOf(known) : own[0]!.kin };
      const bare = own.filter(({ coat }) => coat === null);
      return (['browning', 'sugar', 'softening'] as const).flatMap((quantity) =>
        finding(
          { kind: 'food', food, quantity },
          beliefIn(NOTHING_KNOWN, { ...made, coat: null }, quantity),
          beliefIn(knowledge, { ...made, coat: null }, quantity),
          quantity === 'softening' ? own : bare,
          (batch) => saysAlone(batch, quantity),
        ),
      );
    }),
    ...coats.flatMap((coat) => {
      const own = batches.filter((batch) => batch.coat === coat);
      return finding(
        { kind: 'coat', coat },
        beliefIn(NOTHING_KNOWN, own[0]!, 'browning'),
        beliefIn(knowledge, own[0]!, 'browning'),
        own,
        (batch) => saysAlone(batch, 'browning'),
      );
    }),
    ...(foods.length > 0
      ? finding(
          { kind: 'taste' },
          beliefIn(NOTHING_KNOWN, batches[0]!, 'shade'),
          beliefIn(knowledge, batches[0]!, 'shade'),
          batches.filter(({ food }) => food !== null),
          (batch) => saysAlone(batch, 'shade'),
        )
      : []),
  ];
  return all.filter((one) => far(one) >= SAID_FROM).toSorted((a, b) => far(b) - far(a));
}
