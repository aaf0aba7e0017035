/** When a step was begun and done, ms since 1970; null where it is not. */
export interface StepRun {
  readonly begun: number;
  readonly done: number | null;
  /** when it is to come out by what was seen since, ms since 1970 */
  readonly due?: number;
  /** the batch as which it is cooked */
  readonly batch?: string;
}

/** How far an evening has come. */
export interface EveningRun {
  readonly steps: ReadonlyMap<string, StepRun>;
  /** the fryers in which a dish is made, where it has begun there */
  readonly fryers: ReadonlyMap<string, string>;
  /** ms since 1970, where serving was moved; null where it is as planned */
  readonly serveAt: number | null;
}

/** What is told of an evening, as far as it changes its course. */
export type EveningTold =
  | {
      readonly kind: 'begun' | 'done' | 'taken-back';
      readonly happenedAt: number;
      readonly detail: { readonly step: string; readonly fryers?: string; readonly batch?: string };
    }
  | {
      readonly kind: 'due';
      readonly happenedAt: number;
      readonly detail: { readonly step: string; readonly at: number };
    }
  | { readonly kind: 'serve-at'; readonly happenedAt: number; readonly detail: { readonly at: number } };

/** An evening of which nothing is begun. */
export const NOT_BEGUN: EveningRun = { steps: new Map(), fryers: new Map(), serveAt: null };

/**
 * How far an evening has come by what its cooks have told, in the order in which it happened. The same told twice, or by two cooks,
 * changes nothing; what is done without having begun began as it was done.
 */
export function eveningRun(told: readonly EveningTold[]): EveningRun {
  const steps = new Map<string, StepRun>();
  const fryers = new Map<string, string>();
  let serveAt: number | null = null;
  for (const event of told.toSorted((a, b) => a.happenedAt - b.happenedAt)) {
    if (event.kind === 'serve-at') {
      serveAt = event.detail.at;
      continue;
    }
    const { step } = event.detail;
    const before = steps.get(step);
    if (event.kind === 'due') {
      if (before?.done === null) steps.set(step, { ...before, due: event.detail.at });
    } else if (event.kind === 'begun') {
      const { fryers: into, batch } = event.detail;
      const begun = before ?? { begun: event.happenedAt, done: null };
      steps.set(step, batch === undefined ? begun : { ...begun, batch });
      if (into !== undefined) fryers.set(dishOf(step), into);
    } else if (event.kind === 'done') {
      const own = before ?? { begun: event.happenedAt };
      steps.set(step, { ...own, done: before?.done ?? event.happenedAt });
    } else if (before?.done != null) steps.set(step, { ...before, done: null });
    else steps.delete(step);
  }
  return { steps, fryers, serveAt };
}

/** The dish of a step. */
export function dishOf(step: string): string {
  return step.slice(0, step.indexOf(':'));
}
