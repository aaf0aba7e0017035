import type { Cause } from './cause';
import type { Diagnosis } from './diagnose';

/** How likely a cook says yes to the question about a cause where that was it, and where it was not. Source: assumed. */
const YES_IF = 0.85;
const YES_ELSE = 0.12;

/** A question that tells less than this is not worth asking, bits. Source: chosen. */
const LEAST_GAIN = 0.05;

function entropy(shares: readonly number[]): number {
  return -shares.reduce((sum, share) => sum + (share > 0 ? share * Math.log2(share) : 0), 0);
}

/** The same diagnosis once a question about a cause is answered; "did not look" changes nothing. */
export function answered(diagnosis: Diagnosis, about: Cause, yes: boolean): Diagnosis {
  const factor = (cause: Cause | null) => {
    const chance = cause === about ? YES_IF : YES_ELSE;
    return yes ? chance : 1 - chance;
  };
  const weights = diagnosis.causes.map(({ cause, probability }) => probability * factor(cause));
  const other = diagnosis.somethingElse * factor(null);
  const total = weights.reduce((sum, weight) => sum + weight, other);
  return {
    ...diagnosis,
    causes: diagnosis.causes
      .map((one, i) => ({ ...one, probability: weights[i]! / total }))
      .toSorted((a, b) => b.probability - a.probability),
    somethingElse: other / total,
  };
}

/** The cause about which a question tells most, bits expected; null where none would tell enough. */
export function bestQuestion(diagnosis: Diagnosis, asked: readonly Cause[]): Cause | null {
  const shares = ({ causes, somethingElse }: Diagnosis) => [
    ...causes.map(({ probability }) => probability),
    somethingElse,
  ];
  const before = entropy(shares(diagnosis));
  let best: { cause: Cause; gain: number } | null = null;
  for (const { cause, probability } of diagnosis.causes) {
    if (asked.includes(cause)) continue;
    const yes = probability * YES_IF + (1 - probability) * YES_ELSE;
    const after =
      yes * entropy(shares(answered(diagnosis, cause, true))) +
      (1 - yes) * entropy(shares(answered(diagnosis, cause, false)));
    if (!best || before - after > best.gain) best = { cause, gain: before - after };
  }
  return best && best.gain >= LEAST_GAIN ? best.cause : null;
}
