import { chanceOfPick, type Picks } from './paired-tasting';

/** How far the model may be off in the share of pieces by which one way is better, standard deviation. Source: assumed, a twelfth of the plate. */
export const MODEL_DOUBT = 0.08;

/** Nodes either side of the middle and how far they reach, standard deviations. Source: numerics. */
const NODES = 60;
const REACH = 4;

/** One value that the true difference may have, and how likely, of all one. */
export interface DifferenceNode {
  readonly difference: number;
  readonly weight: number;
}

/** What is known of the difference: share of the pieces by which the other way has more right. */
export interface KnownDifference {
  readonly mean: number;
  /** eight times in ten between these */
  readonly from: number;
  readonly to: number;
  readonly otherBetter: number;
}

/** The true difference before anyone tastes: normal about that of the model. @param doubt standard deviation of the model's */
export function nodesAbout(difference: number, doubt = MODEL_DOUBT): DifferenceNode[] {
  const nodes = Array.from({ length: 2 * NODES + 1 }, (_, i) => {
    const z = ((i - NODES) / NODES) * REACH;
    return { difference: difference + z * doubt, weight: Math.exp((-z * z) / 2) };
  });
  return shared(nodes);
}

function shared(nodes: readonly DifferenceNode[]): DifferenceNode[] {
  const total = nodes.reduce((sum, { weight }) => sum + weight, 0);
  return nodes.map((node) => ({ ...node, weight: node.weight / total }));
}

/** 1 where the other way is the better, half where both are alike. */
export const isOtherBetter = (difference: number) => (difference > 0 ? 1 : difference < 0 ? 0 : 0.5);

/** Model and tastings together, by Bayes; what was called alike speaks half for each. @param model difference that the model expects */
export function differenceAfter(model: number, { one, other, alike }: Picks): KnownDifference {
  const nodes = shared(
    nodesAbout(model).map(({ difference, weight }) => {
      const p = chanceOfPick(difference);
      return { difference, weight: weight * p ** (other + alike / 2) * (1 - p) ** (one + alike / 2) };
    }),
  );
  const quantile = (share: number) => {
    let sum = 0;
    return nodes.find(({ weight }) => (sum += weight) >= share)!.difference;
  };
  const mean = (of: (node: DifferenceNode) => number) => nodes.reduce((sum, node) => sum + node.weight * of(node), 0);
  return {
    mean: mean(({ difference }) => difference),
    from: quantile(0.1),
    to: quantile(0.9),
    otherBetter: mean(({ difference }) => isOtherBetter(difference)),
  };
}
