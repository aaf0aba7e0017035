import { choleskyFactor, invertPositive, solveFactored } from '../numeric/cholesky';
import { QUANTITY_COUNT } from './quantities';

/**
 * What one batch says of fryer, food and taste, without anything known before: a normal likelihood in its information form,
 * exp(−½ xᵀΛx + ηᵀx), x in the units of `UNIT`. Two of them are taken together by adding. Kitchens keep it beside each batch.
 */
export interface Evidence {
  /** Λ, square over the quantities, flat */
  readonly information: readonly number[];
  /** η */
  readonly vector: readonly number[];
  /** how many things that were seen or measured it is made of */
  readonly answers: number;
}

/** Version of how evidence is worked out; raised when the model changes, so that all is worked out anew. */
export const EVIDENCE_VERSION = 3;

/** Nothing was seen. */
export const NO_EVIDENCE: Evidence = {
  information: new Array<number>(QUANTITY_COUNT ** 2).fill(0),
  vector: new Array<number>(QUANTITY_COUNT).fill(0),
  answers: 0,
};

/** Whether it can be a likelihood at all: Λ symmetric and without a negative direction. */
export function isLikelihood({ information }: Pick<Evidence, 'information'>): boolean {
  const n = QUANTITY_COUNT;
  const trace = information.reduce((sum, value, at) => sum + (at % (n + 1) === 0 ? value : 0), 0);
  const close = 1e-6 * Math.max(1, trace);
  const symmetric = information.every(
    (value, at) => Math.abs(value - information[(at % n) * n + Math.floor(at / n)]!) <= close,
  );
  if (!symmetric) return false;
  try {
    choleskyFactor(
      information.map((value, at) => value + (at % (n + 1) === 0 ? close : 0)),
      n,
    );
    return true;
  } catch {
    return false;
  }
}

/** The same evidence where one quantity is counted from elsewhere: x' = x + shift. η' = η + Λ·shift. */
export function shifted(evidence: Evidence, shift: readonly number[]): Evidence {
  const n = QUANTITY_COUNT;
  const vector = evidence.vector.map((value, i) =>
    shift.reduce((sum, by, j) => sum + evidence.information[i * n + j]! * by, value),
  );
  return { ...evidence, vector };
}

/**
 * The same evidence about a quantity of which this batch had its own share, normal with `variance` around none: what is left is
 * about the rest. Λ' = Λ − Λₑ·Λₑᵀ/(Λₑₑ + 1/v), η' likewise.
 */
export function withOwnShare(evidence: Evidence, index: number, variance: number): Evidence {
  const n = QUANTITY_COUNT;
  const column = Array.from({ length: n }, (_, i) => evidence.information[i * n + index]!);
  const scale = 1 / (column[index]! + 1 / variance);
  return {
    ...evidence,
    information: evidence.information.map((value, at) => value - column[Math.floor(at / n)]! * column[at % n]! * scale),
    vector: evidence.vector.map((value, i) => value - column[i]! * evidence.vector[index]! * scale),
  };
}

/** The same evidence, taken to be worth a share of itself. */
export function weighted(evidence: Evidence, weight: number): Evidence {
  return {
    ...evidence,
    information: evidence.information.map((value) => value * weight),
    vector: evidence.vector.map((value) => value * weight),
  };
}

/** Mean and variances of the quantities by this batch alone, over a prior of standard normals. */
export function aloneSays(evidence: Evidence): { readonly mean: number[]; readonly variance: number[] } {
  const n = QUANTITY_COUNT;
  const precision = evidence.information.map((value, at) => value + (at % (n + 1) === 0 ? 1 : 0));
  const mean = Array.from(solveFactored(choleskyFactor(precision, n), evidence.vector));
  const covariance = invertPositive(precision, n);
  return { mean, variance: mean.map((_, i) => covariance[i * n + i]!) };
}
