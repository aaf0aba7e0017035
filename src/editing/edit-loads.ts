import { loadOrder } from '../schemas/load-order';
import type { PlanFile } from '../schemas/plan-file';

type Loads = PlanFile['loads'];

/** The plan with what is on the board going in in this many equal loads; nothing on the board changes. */
export function withLoads(document: PlanFile, count: number): PlanFile {
  const { serve, coat, lay } = document.loads;
  return { ...document, loads: { count, serve, coat, ...(lay ? { lay } : {}) } };
}

/** The plan with one of its loads this large, g; the others share the rest as they did before. */
export function withLoadMass(document: PlanFile, at: number, massG: number): PlanFile {
  const order = loadOrder(document);
  const share = massG / document.mass_g;
  const others = 1 - order[at]!.share;
  const sizes = order.map((own, i) => (i === at ? share : others > 0 ? (own.share * (1 - share)) / others : 0));
  const whole = sizes.map((size) => Math.max(0.05, Math.round(size * 1000) / 100));
  return { ...document, loads: { ...document.loads, sizes: whole } };
}

/** The plan with one of its loads in this drawer. */
export function withLoadDrawer(document: PlanFile, at: number, drawer: 1 | 2): PlanFile {
  const drawers = loadOrder(document).map((own, i) => (i === at ? drawer : own.drawer === 1 ? 2 : 1));
  return { ...document, loads: { ...document.loads, drawers } };
}

/** Loads as they were planned, before any went in. */
export function loadsFromStart({ count, serve, coat, lay, sizes, drawers }: Loads): Loads {
  return { count, serve, coat, ...(lay ? { lay } : {}), ...(sizes ? { sizes } : {}), ...(drawers ? { drawers } : {}) };
}

/** The plan with its pieces laid as they fall, or the thicker over the stronger places. */
export function withLay(document: PlanFile, lay: NonNullable<Loads['lay']>): PlanFile {
  return { ...document, loads: { ...document.loads, lay } };
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
