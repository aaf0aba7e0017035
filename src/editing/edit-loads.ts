import type { PlanFile } from '../schemas/plan-file';

/** The plan with what is on the board going in in this many equal loads; nothing on the board changes. */
export function withLoads(document: PlanFile, count: number): PlanFile {
  return { ...document, loads: { ...document.loads, count } };
}

/** The plan with its loads served as they come or all together; together they go back in for a moment at the end. */
export function withServing(document: PlanFile, serve: PlanFile['loads']['serve']): PlanFile {
  const served = { ...document, loads: { ...document.loads, serve } };
  const isRefreshed = document.after.some(({ step }) => step === 'refresh');
  if (serve !== 'together' || isRefreshed) return served;
  return { ...served, after: [...document.after, { step: 'refresh', ...ALL_TOGETHER }] };
}

/** A refresh of all loads together, min and °C on the dial. Source: chosen; four minutes in the hot fryer bring the bite back, see the hold forecast. */
const ALL_TOGETHER = { minutes: 4, temperature_c: 190 } as const;
