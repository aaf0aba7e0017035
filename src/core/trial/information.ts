import { isOtherBetter, MODEL_DOUBT, nodesAbout } from './difference';
import { chanceOfPick, LIKELY, preferenceOf } from './paired-tasting';

/** What a trial is likely to tell before anyone peels. */
export interface TrialWorth {
  /** bits by which it is expected to make surer which of the two is better; one is all there is to know */
  readonly information: number;
  /** chance that it ends with one of them called the better */
  readonly settles: number;
}

const entropy = (p: number) => (p <= 0 || p >= 1 ? 0 : -p * Math.log2(p) - (1 - p) * Math.log2(1 - p));

/**
 * What so many tastings are likely to tell of two ways, each taster picking the better one by how much better it is.
 * @param difference share of the pieces by which the other way has more right, by the model @param doubt how far that may be off
 * Source: expected information of an experiment, Lindley (1956).
 */
export function worthOfTrial(difference: number, tastings: number, doubt = MODEL_DOUBT): TrialWorth {
  const nodes = nodesAbout(difference, doubt).map(({ difference: own, weight }) => ({
    weight,
    pick: chanceOfPick(own),
    better: isOtherBetter(own),
  }));
  const before = nodes.reduce((sum, { weight, better }) => sum + weight * better, 0);
  let [left, settles, ways] = [0, 0, 1];
  for (let picks = 0; picks <= tastings; picks++) {
    let [chance, better] = [0, 0];
    for (const node of nodes) {
      const own = node.weight * ways * node.pick ** picks * (1 - node.pick) ** (tastings - picks);
      chance += own;
      better += own * node.better;
    }
    if (chance > 0) left += chance * entropy(better / chance);
    const { otherBetter } = preferenceOf({ one: tastings - picks, other: picks, alike: 0 });
    if (Math.max(otherBetter, 1 - otherBetter) >= LIKELY) settles += chance;
    ways *= (tastings - picks) / (picks + 1);
  }
  return { information: entropy(before) - left, settles };
}
