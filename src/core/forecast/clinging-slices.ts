import { cutThickness } from '../cut/piece-geometry';
import { freshLayers } from '../fryer/layers';
import { cutAsLoaded } from '../plan/cut-as-loaded';
import type { Plan } from '../plan/plan';

/** Slices up to this thickness cling to one another where they lie on top of others, m. Source: assumed. */
const CLINGING = 3e-3;

/** Unless they are moved within this time, s. Source: assumed. */
export const MOVED_BY = 300;

/** Whether a plan's pieces are slices that cling to one another until they are moved. */
export function clings(plan: Plan): boolean {
  const cut = cutAsLoaded(plan);
  return cut.shape === 'slice' && cutThickness(cut) <= CLINGING && freshLayers(plan) > 1;
}
