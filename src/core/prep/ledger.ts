import type { PieceState } from '../piece/piece-state';

/** What is weighed apart; fat that belongs to the food counts as solids, oil is what the cook adds. */
export const SUBSTANCES = ['solids', 'water', 'oil'] as const;

/** One of them. */
export type Substance = (typeof SUBSTANCES)[number];

/** kg of each. */
export type Stock = Readonly<Record<Substance, number>>;

/** The ways in which mass comes onto the pieces or leaves them. */
export type FlowName =
  | 'starch-washed-off'
  | 'sugar-washed-off'
  | 'water-soaked-up'
  | 'water-clinging'
  | 'water-run-off'
  | 'marinade'
  | 'wiped-off'
  | 'steam'
  | 'pressed-out'
  | 'powder'
  | 'coat'
  | 'seasoning'
  | 'binder'
  | 'oil'
  | 'oil-dripped';

/** Mass that crossed the surface of the pieces during a step, kg, positive onto them. */
export interface Flow {
  /** number of the step in the plan's preparation, −1 for what the pieces came with */
  readonly step: number;
  readonly name: FlowName;
  readonly substance: Substance;
  readonly mass: number;
}

/**
 * kg of solids, water and oil in and on the pieces.
 * @param area m² of one face that each sample piece stands for
 * @param counts whether a piece is weighed; all unless given
 */
export function stockOf(state: PieceState, area: Float64Array, counts: (piece: number) => boolean = () => true): Stock {
  const { cells } = state;
  let [solids, water, oil] = [0, 0, 0];
  for (let p = 0; p < state.count; p++) {
    if (!counts(p)) continue;
    let [dry, wet, fat] = [0, 0, 0];
    for (let at = p * cells; at < (p + 1) * cells; at++) {
      dry += state.solids[at]!;
      wet += state.solids[at]! * state.moisture[at]!;
    }
    for (let f = 2 * p; f < 2 * p + 2; f++) {
      dry += state.seasoning[f]!;
      wet += state.film[f]!;
      fat += state.oil[f]!;
    }
    solids += dry * area[p]!;
    water += wet * area[p]!;
    oil += fat * area[p]!;
  }
  return { solids, water, oil };
}

/** kg that a scale would show. */
export function weightOf({ solids, water, oil }: Stock): number {
  return solids + water + oil;
}
