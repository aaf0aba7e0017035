import { invertPositive } from '../numeric/cholesky';
import type { Evidence } from './evidence';
import type { PlaceMap } from './place-map';
import { DAY_SHARES, partsOf } from './parts';
import { QUANTITIES, QUANTITY_COUNT } from './quantities';
import type { MadeWith } from './told-batch';

/** What a kitchen knows of each part: a joint normal distribution. Rows and columns in the order of `names`. */
export interface Knowledge {
  readonly names: readonly string[];
  readonly mean: readonly number[];
  /** lower triangle, row by row */
  readonly covariance: readonly number[];
  /** how many batches it is from */
  readonly batches: number;
  /** strong and weak places of the drawers in which they were looked for */
  readonly places: readonly KnownPlaces[];
}

/** The places of one drawer of a fryer; of all of its drawers where none is named. */
export interface KnownPlaces extends Pick<MadeWith, 'fryer' | 'drawer'>, PlaceMap {}

/** What is known of the places of the drawer of a batch; null where nothing is. */
export function placesKnown({ places }: Knowledge, { fryer, drawer }: Pick<MadeWith, 'fryer' | 'drawer'>) {
  const own = places.filter((known) => known.fryer === fryer);
  return own.find((known) => known.drawer === drawer) ?? own.find((known) => known.drawer === null) ?? null;
}

/** A kitchen that has not cooked yet. */
export const NOTHING_KNOWN: Knowledge = { names: [], mean: [], covariance: [], batches: 0, places: [] };

/** Mean and covariance of the quantities of the next batch so made: known parts by the knowledge, others as before anything is known, the day's share added. */
export function expectOf(knowledge: Knowledge, batch: MadeWith): { mean: number[]; covariance: number[] } {
  const { names, mean, covariance } = knowledge;
  const at = new Map(names.map((name, i) => [name, i]));
  const known = (i: number, j: number) => covariance[i >= j ? (i * (i + 1)) / 2 + j : (j * (j + 1)) / 2 + i]!;
  const parts = partsOf(batch);
  const rows = QUANTITIES.map((quantity) => parts[quantity].map((part) => ({ ...part, at: at.get(part.name) })));
  const ofDay = QUANTITIES.map((quantity) =>
    quantity in DAY_SHARES ? DAY_SHARES[quantity as keyof typeof DAY_SHARES] : 0,
  );
  return {
    mean: rows.map((row) => row.reduce((sum, part) => sum + (part.at === undefined ? 0 : mean[part.at]!), 0)),
    covariance: rows.flatMap((left, q) =>
      rows.map((right, s) => {
        let sum = q === s ? ofDay[q]! : 0;
        for (const a of left) {
          for (const b of right) {
            if (a.at !== undefined && b.at !== undefined) sum += known(a.at, b.at);
            else if (a.name === b.name) sum += a.variance;
          }
        }
        return sum;
      }),
    ),
  };
}

/** The knowledge of a kitchen were this evidence there as well, as surely as it is expected: the means stay, the covariance narrows. */
export function narrowedBy(knowledge: Knowledge, made: MadeWith, evidence: Evidence): Knowledge {
  const parts = partsOf(made);
  const added = Object.values(parts)
    .flat()
    .filter(({ name }) => !knowledge.names.includes(name));
  const names = [...knowledge.names, ...added.map(({ name }) => name)];
  const size = names.length;
  const known = knowledge.names.length;
  const covariance = new Float64Array(size * size);
  for (let i = 0; i < known; i++) {
    for (let j = 0; j <= i; j++) {
      const value = knowledge.covariance[(i * (i + 1)) / 2 + j]!;
      covariance[i * size + j] = value;
      covariance[j * size + i] = value;
    }
  }
  added.forEach(({ variance }, k) => (covariance[(known + k) * (size + 1)] = variance));
  const information = invertPositive(covariance, size);
  const rows = QUANTITIES.map((quantity) => parts[quantity].map(({ name }) => names.indexOf(name)));
  rows.forEach((left, q) =>
    rows.forEach((right, s) => {
      const value = evidence.information[q * QUANTITY_COUNT + s]!;
      for (const i of left) for (const j of right) information[i * size + j] = information[i * size + j]! + value;
    }),
  );
  const narrowed = invertPositive(information, size);
  return {
    names,
    mean: [...knowledge.mean, ...added.map(() => 0)],
    covariance: names.flatMap((_, i) => Array.from({ length: i + 1 }, (__, j) => narrowed[i * size + j]!)),
    batches: Math.max(1, knowledge.batches),
    places: knowledge.places,
  };
}
