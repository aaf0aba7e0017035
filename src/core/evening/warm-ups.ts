import type { Resource, Use } from './evening-problem';
import { OVEN } from './places';

/** A step where it was put. */
interface Placed {
  readonly id: string;
  /** s before serving */
  readonly begin: number;
  readonly uses: readonly Use[];
}

/** What has to be switched on before it is used. */
export interface WarmUp {
  readonly resource: Resource;
  /** s before serving, when it is switched on and when it is first used */
  readonly begin: number;
  readonly until: number;
  /** what it is first used for */
  readonly step: string;
  /** K; null where the cook knows */
  readonly temperature: number | null;
}

/** A kitchen oven until it is hot, s. Source: assumed; ovens take ten to fifteen minutes. */
export const OVEN_WARM_UP = 600;

/**
 * What is to be switched on, each thing once, before its first use: fryers as their first dish wants it, and the oven.
 * @param heatOf how long a fryer warms up for a step, s, and to what; K
 */
export function warmUps(
  steps: readonly Placed[],
  fryers: readonly Resource[],
  heatOf: (fryer: Resource, step: string) => { readonly duration: number; readonly temperature: number | null },
  warmOven: number,
): WarmUp[] {
  return [...fryers, OVEN].flatMap((resource): WarmUp[] => {
    const first = steps
      .flatMap(({ id, begin, uses }) =>
        uses.filter((use) => use.resource === resource).map((use) => ({ id, use, from: begin - use.from })),
      )
      .toSorted((a, b) => b.from - a.from)[0];
    if (!first) return [];
    const { id: step, from: until, use } = first;
    /* what keeps food until it is served needs no more than to be warm */
    const keeps = !Number.isFinite(use.length);
    const { duration, temperature } =
      resource === OVEN ? { duration: OVEN_WARM_UP, temperature: keeps ? warmOven : null } : heatOf(resource, step);
    return [{ resource, begin: until + duration, until, step, temperature }];
  });
}
