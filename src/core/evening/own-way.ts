import { type DishWay, type EveningStep, HANDS, type Resource } from './evening-problem';
import { OVEN } from './places';
import { SERVE } from './table-way';
import { ownLoss, type TableManner } from './waiting-loss';

/** One step of a dish of the cook's own. */
export interface OwnStep {
  /** s of hands, and s that follow without them */
  readonly hands: number;
  readonly waits: number;
  /** what it takes while it lasts; null where it only stands */
  readonly place: Resource | null;
  /** s it may lie before the next */
  readonly most: number;
}

/** The one way of a dish of the cook's own: its steps one after the other, then to the table. */
export function ownWay(id: string, own: readonly OwnStep[], manner: TableManner, ovenShelves: number): DishWay {
  const steps: EveningStep[] = own.map(({ hands, waits, place }, i) => ({
    id: `${id}:own-${i + 1}`,
    kind: 'own',
    length: hands + waits,
    uses: [
      { resource: HANDS, from: 0, length: hands },
      ...(place
        ? /* what bakes needs the oven at its own heat */
          [{ resource: place, from: 0, length: hands + waits, amount: place === OVEN ? ovenShelves : 1 }]
        : []),
    ],
  }));
  const last = steps.at(-1);
  return {
    id: 'own',
    steps,
    lags: steps.map((step, i) => ({
      before: step.id,
      after: steps[i + 1]?.id ?? SERVE,
      least: 0,
      most: own[i]!.most,
    })),
    waiting: last ? [{ step: last.id, from: last.length, loss: ownLoss(manner) }] : [],
    loss: 0,
  };
}
