/** Ordinary batches by which the weight of a constant is judged: a stick, a crumb, a leaf, a thin chip and a block of protein. */
export const FIVE_PLANS = [
  'potato sticks 10 mm',
  'courgette slices, crumbed',
  'kale, 80 g',
  'potato chips 2 mm',
  'tofu cubes, plain',
] as const;
