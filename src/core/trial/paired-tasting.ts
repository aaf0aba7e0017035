import { normalShare } from '../numeric/normal-share';

/** How often each of two ways was picked by those who tasted both without knowing, and how often they were called alike. */
export interface Picks {
  readonly one: number;
  readonly other: number;
  readonly alike: number;
}

/** What the picks say of the chance that the other way is picked. */
export interface Preference {
  readonly mean: number;
  /** eight times in ten between these */
  readonly from: number;
  readonly to: number;
  /** probability that the other way is picked more often than not */
  readonly otherBetter: number;
}

/** Share of the pieces that come out right by which two ways must differ for a taster to pick the better one five times in six. Source: assumed, a sixth of the plate. */
const TOLD_APART = 0.17;

/** Steps of the integration. Source: numerics; the probability moves by less than 1e-4 beyond. */
const STEPS = 600;

/** Probability from which one way is called the better. Source: chosen, as for findings. */
export const SURE = 0.95;
export const LIKELY = 0.85;

/** Most pairs that anyone would cook. Source: chosen. */
const MOST_PAIRS = 12;

/** How often a trial that is planned must tell. Source: usual choice. */
const POWER = 0.8;

/** Bayes with an even prior: Beta(1 + other + alike/2, 1 + one + alike/2); what was called alike speaks half for each. */
export function preferenceOf({ one, other, alike }: Picks): Preference {
  const [a, b] = [other + alike / 2, one + alike / 2];
  const at = (i: number) => (i + 0.5) / STEPS;
  const logs = Array.from({ length: STEPS }, (_, i) => a * Math.log(at(i)) + b * Math.log(1 - at(i)));
  const most = Math.max(...logs);
  const densities = logs.map((log) => Math.exp(log - most));
  const total = densities.reduce((sum, density) => sum + density, 0);
  const quantile = (share: number) => {
    let sum = 0;
    for (let i = 0; i < STEPS; i++) {
      sum += densities[i]! / total;
      if (sum >= share) return at(i);
    }
    return 1;
  };
  return {
    mean: (a + 1) / (a + b + 2),
    from: quantile(0.1),
    to: quantile(0.9),
    otherBetter: densities.slice(STEPS / 2).reduce((sum, density) => sum + density, 0) / total,
  };
}

/** Chance that a taster picks the other way, where that has so much more of its pieces right. */
export function chanceOfPick(difference: number): number {
  return normalShare(difference / TOLD_APART);
}

/** Pairs after which a trial would likely tell, were the chance of a pick this; null where more would be needed than anyone cooks. */
export function pairsNeeded(chance: number, tasters: number): number | null {
  const p = Math.max(chance, 1 - chance);
  for (let pairs = 1; pairs <= MOST_PAIRS; pairs++) {
    const tastings = pairs * tasters;
    let power = 0;
    let binomial = (1 - p) ** tastings;
    for (let picks = 0; picks <= tastings; picks++) {
      if (preferenceOf({ one: tastings - picks, other: picks, alike: 0 }).otherBetter >= LIKELY) power += binomial;
      binomial *= ((tastings - picks) / (picks + 1)) * (p / (1 - p));
    }
    if (power >= POWER) return pairs;
  }
  return null;
}
