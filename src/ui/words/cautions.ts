import type { CookAction } from '../../core/plan/plan';
import type { FoodCaution } from '../../core/food/food';

/** Cautions of foods. */
export const FOOD_CAUTIONS: Record<FoodCaution, string> = {
  'green-or-sprouted': 'Cut away nothing from green or sprouted potatoes: leave them out whole.',
  'not-in-the-fridge':
    'Potatoes from the fridge turn sweeter, brown sooner and form more acrylamide. Golden, not brown.',
  'never-raw': 'Never eaten raw: peel, and cook it through.',
  'probe-the-centre':
    'Colour tells nothing of the inside: chicken 74 °C (165 °F), fish 63 °C (145 °F) at the centre, by a probe.',
  'allergen-soy': 'Contains soy.',
  'allergen-milk': 'Contains milk.',
  'allergen-gluten': 'Contains gluten.',
};

/** Cautions of steps, shown where they matter. */
export const STEP_CAUTIONS = {
  cut: 'Make a stable flat before cutting, fingers above the blade. At a mandoline use the guard or a cut-proof glove.',
  microwave: 'Prick whole pieces before microwaving, or they burst; let them stand before you touch them.',
  pressure: 'Release the pressure as the cooker’s manual says, steam away from face and hands.',
  soak: 'Boiling water scalds: pour it over the pieces in the sink, never into cold glass, which cracks, nor onto a cold soak that fills the bowl.',
  boil: 'Drain away from you, lid ajar: the steam scalds as the water does.',
  'deep-oil':
    'Hot oil: never above 190 °C, pan half full at most, pieces dry; if it burns, the lid on and the heat off, never water. Bought par-fried ones skip this.',
  steam: 'Lift the lid away from you; steam burns worse than water.',
  thaw: 'Thaw in the fridge, not on the table.',
  marinade: 'Not longer than half an hour outside the fridge. Soy, sesame, wheat may be in it.',
  'marinade-long': 'In the fridge, not at room temperature: overnight outside it spoils.',
  season: 'Sugar, honey and paprika burn early: less of them, or after the fryer.',
  dredge:
    'Contains gluten and egg; instead of egg, thick aquafaba or mustard in a little water. Cook egg-coated food through; wash hands and board.',
  batter: 'Contains gluten, often egg. Wet batter drips through a grate: let it drip off first.',
  dip: 'Wet pieces spit in a hot basket: let them drip, then dry.',
  cool: 'Not longer than two hours out of the fridge.',
  chill: 'Into the fridge within two hours, flat and covered; eat within three days.',
  freeze: 'Into the freezer within two hours; label it with the date, best within three months.',
  'press-flat':
    'They are hot inside: use a board or a glass with a flat base, not the palm. Steam spurts at the edges.',
  'raw-meat': 'Do not rinse raw meat or fish; wash hands, board and knife that touched it.',
  prick: 'Prick skins and filled pieces, or they burst and spit.',
  refresh: 'Drawer and basket are hot. What was chilled must be steaming hot all through, 74 °C (165 °F).',
  temper: 'Under 60 °C (140 °F) no longer than two hours in all; then into the fridge.',
  keep: 'Chilled within two hours, eaten in three to four days, reheated to 74 °C (165 °F).',
  dry: 'Dry before oiling; wet pieces spit in a hot basket.',
  coat: 'No aerosol spray onto a hot heater. Oil in the bowl, not in the fryer.',
  fryer: 'Parchment only under food, never in the preheat.',
  load: 'Do not overfill: air must pass, and nothing may touch the heater.',
  rest: 'Cooked food stands no longer than 2 h at room temperature, is held hot at 60 °C (140 °F) or more, chilled within 2 h and eaten in 3–4 days, reheated to 74 °C (165 °F).',
  cook: 'Drawer, basket and steam are hot. Follow your appliance’s manual and your local food-safety authority; where they differ from Drubek, they are right.',
} as const;

/** Cautions at the drawer, by what is done there; shown when it is due. */
export const ACTION_CAUTIONS: Record<CookAction | 'check' | 'probe' | 'pull', string> = {
  shake: 'Hot drawer: set it on a heat-proof mat and let the first steam go before you shake, away from you.',
  toss: 'Tip the hot basket away from you into a wide bowl; its rim burns.',
  flip: 'Flip with tongs, not with fingers; the grate and the sides are as hot as the air.',
  swap: 'Racks are hot on every side: two dry cloths, the lower one out first, nothing carried over a bare arm.',
  open: 'Steam comes out first: face and hands away from the gap.',
  check: 'Steam comes out first. Let a piece cool a moment before you bend or taste it.',
  probe: 'Push the probe into the thickest piece from the side; the grate next to it is hot.',
  pull: 'Tip out away from you; oil that drips from the basket is hot and makes the floor slippery.',
  oil: 'Oil in the bowl, never into the hot fryer: dripping oil smokes and can catch fire at the heater.',
  season: 'Season in a bowl or on the table: fine spice over the hot coil smokes.',
  add: 'Lay the pieces in with tongs; wet ones spit.',
};

/** For a fryer with a liner in it. */
export const LINER_CAUTION = 'A liner stays in only under food: empty and light, it is blown into the heater.';

/** Every caution, for the page that gathers them. */
export const CAUTION_PAGE: readonly string[] = [
  ...Object.values(STEP_CAUTIONS),
  ...Object.values(ACTION_CAUTIONS),
  LINER_CAUTION,
  ...Object.values(FOOD_CAUTIONS),
  'Crumbs and batter contain gluten and egg, marinades often soy and sesame.',
  'Golden, not brown: the darker starchy food gets, the more acrylamide it holds.',
  'Egg-coated food is cooked through.',
];
