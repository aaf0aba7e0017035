import type { PlanFile } from '../../schemas/plan-file';

type Cut = PlanFile['cut'];

/* scatter: by a careful knife 0.07, in wedges and what grew 0.1 and more, by a mandoline 0.03. Source: as in the Cut station, assumed */
export const sticks = (mm: number, length = 70, width?: number): Cut => ({
  shape: 'stick',
  thickness_mm: mm,
  ...(width === undefined ? {} : { width_mm: width }),
  length_mm: length,
  scatter: 0.07,
});
export const slices = (mm: number, diameter: number): Cut => ({
  shape: 'slice',
  thickness_mm: mm,
  diameter_mm: diameter,
  scatter: mm <= 3 ? 0.03 : 0.07,
});
export const cubes = (mm: number): Cut => ({ shape: 'cube', thickness_mm: mm, scatter: 0.07 });
export const wedges = (mm: number, length = 85): Cut => ({
  shape: 'wedge',
  thickness_mm: mm,
  length_mm: length,
  scatter: 0.1,
});
export const florets = (mm: number): Cut => ({ shape: 'floret', diameter_mm: mm, scatter: 0.12 });
export const spears = (mm: number, length: number): Cut => ({
  shape: 'cylinder',
  diameter_mm: mm,
  length_mm: length,
  scatter: 0.12,
});
export const balls = (mm: number, length = mm): Cut => ({
  shape: 'formed',
  diameter_mm: mm,
  length_mm: length,
  scatter: 0.07,
});
