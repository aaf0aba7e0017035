import { FRYER_LIMITS, type KitchenFryer } from '../schemas/kitchen';

/** What a hot-air fryer looks like from outside. */
export type FryerShape = 'drawer' | 'two-drawers' | 'bowl' | 'oven';

/** How the volume on the label becomes a floor: height of the room for food, mm, and how many parts share the volume. Source: assumed, middling appliances of each kind measured against their label. */
const SHAPES: Record<FryerShape, { readonly heightMm: number; readonly parts: number; readonly fill: number }> = {
  drawer: { heightMm: 90, parts: 1, fill: 1 },
  'two-drawers': { heightMm: 95, parts: 2, fill: 1 },
  bowl: { heightMm: 110, parts: 1, fill: 0.95 },
  oven: { heightMm: 60, parts: 1, fill: 0.22 },
};

/** Litres that labels of each kind give. */
export const LITRES: Record<FryerShape, { readonly least: number; readonly usual: number; readonly most: number }> = {
  drawer: { least: 1.5, usual: 4.5, most: 8 },
  'two-drawers': { least: 5, usual: 8, most: 12 },
  bowl: { least: 2, usual: 4, most: 8 },
  oven: { least: 8, usual: 12, most: 30 },
};

/** W on the plate of each kind. */
export const WATTS: Record<FryerShape, number> = { drawer: 1500, 'two-drawers': 2400, bowl: 1400, oven: 1700 };

/** Watts are shared where two drawers run side by side; each alone draws this much of them. Source: assumed. */
const ONE_DRAWER = 0.6;

const within = (value: number, [least, most]: readonly [number, number]) => Math.min(most, Math.max(least, value));

/**
 * A fryer from its shape, the litres on its label or the floor by a ruler, and its watts; the rest as is usual. Of two drawers it is
 * one that is described.
 */
export function quickFryer(
  id: string,
  shape: FryerShape,
  size: { readonly litres: number } | { readonly lengthCm: number; readonly widthCm: number },
  watts: number,
): KitchenFryer {
  const { heightMm, parts, fill } = SHAPES[shape];
  const floor = 'litres' in size ? (size.litres * fill * 1000) / parts / (heightMm / 10) : size.lengthCm * size.widthCm;
  const sizeWord = 'litres' in size ? `${size.litres} l` : `${size.lengthCm} × ${size.widthCm} cm`;
  return {
    id,
    name: `${SHAPE_WORDS[shape]}, ${sizeWord}`,
    powerW: Math.round(within(shape === 'two-drawers' ? watts * ONE_DRAWER : watts, FRYER_LIMITS.powerW)),
    basketCm2: Math.round(within(floor, FRYER_LIMITS.basketCm2)),
    basketHeightMm: heightMm,
    thermostatOffsetC: 0,
  };
}

/** What each shape is called. */
export const SHAPE_WORDS: Record<FryerShape, string> = {
  drawer: 'A drawer',
  'two-drawers': 'Two drawers',
  bowl: 'A bowl',
  oven: 'An oven with racks',
};
