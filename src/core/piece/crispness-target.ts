import type { TargetCrispness } from '../food/wish';

/** Glassy crust that reads as the wished bite on a thick piece, m per face. Source: 0.4–0.8 mm reads as crisp, design estimate, between their lower end and their middle, where sweet potatoes and cold-stored ones still come out sooner by their sugar (docs/model); very crisp lies beyond, assumed; tender asks for none. */
const CRUST_FOR: Record<TargetCrispness, number> = {
  soft: 0,
  chewy: 0,
  tender: 0,
  crisp: 0.5e-3,
  'very-crisp': 1.1e-3,
};

/** Share of the half thickness that crust can take at most before it is all crust. Source: assumed. */
const MOST_CRUST = 0.85;

/**
 * Share of a coat that must be glass: a crumb is crisp where the coat is. Source: crumbs are 64 % of its solids, the flour and egg
 * below them stay moist; four fifths of the crumbs make it crisp, a little more than all of them very crisp, assumed.
 */
const COAT_GLASS: Record<TargetCrispness, number> = { soft: 0, chewy: 0, tender: 0.3, crisp: 0.5, 'very-crisp': 0.75 };

/** The most of a coat that crisp asks for, m: a coat is brittle, so that the thinnest crust that reads as crisp will do. Source: lower end of 0.4–0.8 mm. */
const THICK_COAT = 0.4e-3;

/** Thickness from which a coat alone makes the bite, m. Source: assumed; one of crumbs is 0.4 mm. */
const WHOLE_COAT = 0.25e-3;

/** Half thickness below which the whole piece must be glass, and above which a crust is enough, m. Source: assumed: chips to 3 mm, sticks from 6 mm. */
const CHIP_HALF = 1.5e-3;
const STICK_HALF = 3e-3;

/** Share of a chip that must be glass. Source: assumed; a wet heart makes the rest leathery. */
const CHIP_GLASS: Record<TargetCrispness, number> = {
  soft: 0,
  chewy: 0,
  tender: 0.5,
  crisp: 0.85,
  'very-crisp': 0.95,
};

/** 0 for a chip, which is meant to be glass throughout, 1 for a stick and anything thicker, whose heart is to stay tender. */
export function stickness(halfThickness: number): number {
  return Math.min(1, Math.max(0, (halfThickness - CHIP_HALF) / (STICK_HALF - CHIP_HALF)));
}

/** Glassy depth per face, m, that gives the wished bite in a piece of this half thickness under a coat, m; 0 for none. */
export function neededCrust(crispness: TargetCrispness, halfThickness: number, coatThickness = 0): number {
  const covered = Math.min(1, coatThickness / WHOLE_COAT);
  const most = crispness === 'very-crisp' ? CRUST_FOR[crispness] : Math.min(THICK_COAT, CRUST_FOR[crispness]);
  const inCoat = Math.min(most, COAT_GLASS[crispness] * coatThickness);
  return covered * inCoat + (1 - covered) * neededWithoutCoat(crispness, halfThickness);
}

function neededWithoutCoat(crispness: TargetCrispness, halfThickness: number): number {
  const chip = CHIP_GLASS[crispness] * Math.min(halfThickness, CHIP_HALF);
  const stick = CRUST_FOR[crispness];
  return chip + (Math.min(stick, halfThickness * MOST_CRUST) - chip) * stickness(halfThickness);
}
