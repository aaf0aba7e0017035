import { invertPositive } from '../numeric/cholesky';
import { type Evidence, weighted, withOwnShare } from './evidence';
import { QUANTITIES, QUANTITY_COUNT, type Quantity, quantityIndex, UNIT } from './quantities';
import type { MadeWith, ToldBatch } from './told-batch';

/**
 * Of a fryer's variance before anything is known, the share that all fryers of a kitchen have in common, by quantity: mains voltage
 * for the power, how baskets are filled for the air; a thermostat has hardly anything in common with another. Source: assumed.
 */
const IN_COMMON = { heatTransfer: 0.2, offset: 0.1, power: 0.4 } as const;

/** Of what is left, the share in which two drawers of one fryer differ. Source: assumed; they share housing and mains, not fan and sensor. */
const BY_DRAWER = 0.3;

/** How the variance of browning is made up: what kin share, the food's own, its season, and the day's lot, which is never learnt. Source: assumed. */
const BROWNING_SHARES = { kin: 0.24, food: 0.36, season: 0.1, day: 0.3 } as const;

/** Share of all batches that are told wrongly or went otherwise than told. Source: assumed, one in thirty. */
const MISTOLD = 1 / 30;

/** Distance squared of a batch from all others from which it is said to contradict. Source: 99.8 % of a χ² with one degree of freedom. */
export const CONTRADICTS = 9.5;

/** One part that a quantity is the sum of. */
interface Part {
  readonly name: string;
  /** in squares of the quantity's unit */
  readonly variance: number;
}

/** The parts that each quantity of a batch is the sum of, the day's share of browning left out. */
export function partsOf({ fryer, drawer, food, kin, season }: MadeWith): Record<Quantity, Part[]> {
  const ofFryer = (quantity: keyof typeof IN_COMMON): Part[] => {
    const common = IN_COMMON[quantity];
    const own = 1 - common;
    const parts = [{ name: `${quantity} of all`, variance: common }];
    if (drawer === null) return [...parts, { name: `${quantity} of ${fryer}`, variance: own }];
    return [
      ...parts,
      { name: `${quantity} of ${fryer}`, variance: own * (1 - BY_DRAWER) },
      { name: `${quantity} of ${fryer}, drawer ${drawer}`, variance: own * BY_DRAWER },
    ];
  };
  return {
    heatTransfer: ofFryer('heatTransfer'),
    offset: ofFryer('offset'),
    power: ofFryer('power'),
    browning:
      food === null
        ? []
        : [
            { name: `browning of ${kin}`, variance: BROWNING_SHARES.kin },
            { name: `browning of ${food}`, variance: BROWNING_SHARES.food },
            { name: `browning of ${food} in season ${season}`, variance: BROWNING_SHARES.season },
          ],
    shade: [{ name: 'shade', variance: 1 }],
    firmness: [{ name: 'firmness', variance: 1 }],
  };
}

/** What a kitchen knows of each part: a joint normal distribution. Rows and columns in the order of `names`. */
export interface Knowledge {
  readonly names: readonly string[];
  readonly mean: readonly number[];
  /** lower triangle, row by row */
  readonly covariance: readonly number[];
  /** how many batches it is from */
  readonly batches: number;
}

/** A kitchen that has not cooked yet. */
export const NOTHING_KNOWN: Knowledge = { names: [], mean: [], covariance: [], batches: 0 };

/** How a batch stands beside all others. */
export interface Standing {
  readonly id: string;
  /** distance squared from what all others say */
  readonly distance: number;
  /** how much it counts, 0–1 */
  readonly weight: number;
}

/** Knowledge with how each batch stands in it. */
export interface Learning {
  readonly knowledge: Knowledge;
  readonly standings: readonly Standing[];
}

/** A joint normal distribution in its information form, over the parts that batches have touched. */
class Joint {
  private readonly index = new Map<string, number>();
  private readonly prior: number[] = [];

  add(batch: MadeWith): void {
    for (const { name, variance } of Object.values(partsOf(batch)).flat()) {
      if (this.index.has(name)) continue;
      this.index.set(name, this.prior.length);
      this.prior.push(1 / variance);
    }
  }

  get names(): string[] {
    return [...this.index.keys()];
  }

  /** For each quantity the indices of its parts. */
  private rows(batch: MadeWith): number[][] {
    const parts = partsOf(batch);
    return QUANTITIES.map((quantity) => parts[quantity].map(({ name }) => this.index.get(name)!));
  }

  /** Mean and covariance, flat, by all of these batches. */
  solve(batches: readonly (MadeWith & { evidence: Evidence })[]): { mean: number[]; covariance: Float64Array } {
    const size = this.prior.length;
    const information = new Float64Array(size * size);
    const vector = new Float64Array(size);
    this.prior.forEach((value, i) => (information[i * size + i] = value));
    for (const batch of batches) {
      const rows = this.rows(batch);
      rows.forEach((left, q) => {
        for (const i of left) {
          vector[i] = vector[i]! + batch.evidence.vector[q]!;
          rows.forEach((right, s) => {
            const value = batch.evidence.information[q * QUANTITY_COUNT + s]!;
            if (value !== 0) for (const j of right) information[i * size + j] = information[i * size + j]! + value;
          });
        }
      });
    }
    const covariance = invertPositive(information, size);
    const mean = Array.from({ length: size }, (_, i) =>
      vector.reduce((sum, value, j) => sum + covariance[i * size + j]! * value, 0),
    );
    return { mean, covariance };
  }

  /** Mean and covariance of the quantities of a batch. */
  quantities(batch: MadeWith, { mean, covariance }: { mean: readonly number[]; covariance: ArrayLike<number> }) {
    const size = this.prior.length;
    const rows = this.rows(batch);
    return {
      mean: rows.map((parts) => parts.reduce((sum, i) => sum + mean[i]!, 0)),
      covariance: rows.flatMap((left) =>
        rows.map((right) =>
          left.reduce((sum, i) => right.reduce((inner, j) => inner + covariance[i * size + j]!, sum), 0),
        ),
      ),
    };
  }
}

/**
 * Distance squared between what a batch says and what all others say: (m − m')ᵀ(C + C')⁻¹(m − m'), in the directions of which the
 * batch says anything. With Λ, η of the batch and mean μ, covariance S of the others it is (η − Λμ)ᵀ(Λ + ΛSΛ)⁺(η − Λμ).
 */
function distanceOf({ information, vector }: Evidence, mean: readonly number[], covariance: readonly number[]): number {
  const n = QUANTITY_COUNT;
  const times = (a: ArrayLike<number>, b: ArrayLike<number>) =>
    Array.from({ length: n * n }, (_, at) => {
      const [i, j] = [Math.floor(at / n), at % n];
      let sum = 0;
      for (let k = 0; k < n; k++) sum += a[i * n + k]! * b[k * n + j]!;
      return sum;
    });
  const spread = times(times(information, covariance), information);
  /* a ridge stands for the directions of which nothing is said: there the difference is none */
  const matrix = information.map((value, at) => value + spread[at]! + (at % (n + 1) === 0 ? 1e-6 : 0));
  const gap = vector.map((value, i) => mean.reduce((sum, m, j) => sum - information[i * n + j]! * m, value));
  const inverse = invertPositive(matrix, n);
  return gap.reduce((sum, g, i) => gap.reduce((inner, h, j) => inner + g * inverse[i * n + j]! * h, sum), 0);
}

/** How much a batch so far from the others counts, given that some are told wrongly. */
function trustIn(distance: number): number {
  const meant = (1 - MISTOLD) * Math.exp(-distance / 2);
  return meant / (meant + MISTOLD * Math.exp(-CONTRADICTS / 2));
}

/** Passes in which batches that contradict lose their weight. Source: numerics; two settle it. */
const PASSES = 2;

/**
 * All that these batches teach, from nothing, whatever their order. Quantities of a batch are sums of independent normal parts (of
 * all fryers, this one, its drawer; of the kin, the food, its season); each batch adds its evidence with the day's own share of
 * browning taken out; one that contradicts all others counts less.
 * @param weigh whether those that contradict are looked for; without it each counts whole, at a fraction of the cost
 */
export function learn(batches: readonly ToldBatch[], weigh = true): Learning {
  const told = batches
    .filter(({ evidence }) => evidence.answers > 0)
    .map((batch) => ({
      ...batch,
      evidence: withOwnShare(batch.evidence, quantityIndex('browning'), BROWNING_SHARES.day),
    }))
    .sort((a, b) => (a.id < b.id ? -1 : 1));
  if (told.length === 0) return { knowledge: NOTHING_KNOWN, standings: [] };
  const joint = new Joint();
  told.forEach((batch) => joint.add(batch));
  let standings: Standing[] = told.map(({ id }) => ({ id, distance: 0, weight: 1 }));
  const counted = () =>
    told.map((batch, i) => ({ ...batch, evidence: weighted(batch.evidence, standings[i]!.weight) }));
  let solved = joint.solve(counted());
  for (let pass = 0; weigh && pass < PASSES && told.length > 1; pass++) {
    standings = told.map((batch, i) => {
      const all = joint.quantities(batch, solved);
      try {
        const others = without(all, weighted(batch.evidence, standings[i]!.weight));
        const distance = distanceOf(batch.evidence, others.mean, others.covariance);
        return { id: batch.id, distance, weight: trustIn(distance) };
      } catch {
        /* it says so much more than all others that rounding leaves nothing of them: there is nothing to contradict */
        return { id: batch.id, distance: 0, weight: 1 };
      }
    });
    solved = joint.solve(counted());
  }
  const names = joint.names;
  const covariance = names.flatMap((_, i) =>
    Array.from({ length: i + 1 }, (__, j) => solved.covariance[i * names.length + j]!),
  );
  return { knowledge: { names, mean: solved.mean, covariance, batches: told.length }, standings };
}

/** A normal distribution of the quantities with one batch's evidence taken out again. */
function without(
  { mean, covariance }: { readonly mean: readonly number[]; readonly covariance: readonly number[] },
  evidence: Evidence,
) {
  const n = QUANTITY_COUNT;
  /* singular where a quantity has no variance left: a ridge far below a hundredth of a unit */
  const precision = invertPositive(
    covariance.map((value, at) => value + (at % (n + 1) === 0 ? 1e-9 : 0)),
    n,
  );
  const rest = precision.map((value, at) => value - evidence.information[at]! + (at % (n + 1) === 0 ? 1e-6 : 0));
  const vector = evidence.vector.map((value, i) => mean.reduce((sum, m, j) => sum + precision[i * n + j]! * m, -value));
  const back = invertPositive(rest, n);
  return {
    mean: vector.map((_, i) => vector.reduce((sum, value, j) => sum + back[i * n + j]! * value, 0)),
    covariance: Array.from(back),
  };
}

/** Mean and covariance of the quantities of the next batch so made: known parts by the knowledge, others as before anything is known, the day's share added. */
export function expectOf(knowledge: Knowledge, batch: MadeWith): { mean: number[]; covariance: number[] } {
  const { names, mean, covariance } = knowledge;
  const at = new Map(names.map((name, i) => [name, i]));
  const known = (i: number, j: number) => covariance[i >= j ? (i * (i + 1)) / 2 + j : (j * (j + 1)) / 2 + i]!;
  const parts = partsOf(batch);
  const rows = QUANTITIES.map((quantity) => parts[quantity].map((part) => ({ ...part, at: at.get(part.name) })));
  const day = quantityIndex('browning');
  return {
    mean: rows.map((row) => row.reduce((sum, part) => sum + (part.at === undefined ? 0 : mean[part.at]!), 0)),
    covariance: rows.flatMap((left, q) =>
      rows.map((right, s) => {
        let sum = q === s && q === day ? BROWNING_SHARES.day : 0;
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

/** One of the quantities in words' units: ln, or K for the thermostat. */
export function inUnits(quantity: Quantity, deviations: number): number {
  return UNIT[quantity] * deviations;
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
  };
}
