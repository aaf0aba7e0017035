import type { TargetCrispness } from '../plan/plan';

/** Glassy crust that reads as the wished bite on a thick piece, m per face. Source: 0.4–0.8 mm reads as crisp, feasibility study. */
const CRUST_FOR: Record<TargetCrispness, number> = { tender: 0.1e-3, crisp: 0.4e-3, 'very-crisp': 0.8e-3 };

/** Half thickness below which the whole piece must be glass, and above which a crust is enough, m. Source: assumed: chips to 3 mm, sticks from 6 mm. */
const CHIP_HALF = 1.5e-3;
const STICK_HALF = 3e-3;

/** Share of a chip that must be glass. Source: assumed; a wet heart makes the rest leathery. */
const CHIP_GLASS: Record<TargetCrispness, number> = { tender: 0.5, crisp: 0.85, 'very-crisp': 0.95 };

/** 0 for a chip, 1 for a stick and anything thicker. */
function stickness(halfThickness: number): number {
  return Math.min(1, Math.max(0, (halfThickness - CHIP_HALF) / (STICK_HALF - CHIP_HALF)));
}

/** Glassy depth per face, m, that gives the wished bite in a piece of this half thickness, m. */
export function neededCrust(crispness: TargetCrispness, halfThickness: number): number {
  const chip = CHIP_GLASS[crispness] * Math.min(halfThickness, CHIP_HALF);
  const stick = CRUST_FOR[crispness];
  return chip + (Math.min(stick, halfThickness * 0.85) - chip) * stickness(halfThickness);
}

/** Share of the half thickness that is glass from which a stick begins to eat hard. Source: assumed; a shell half through. */
const HARD_FROM = 0.5;

/**
 * How good the bite is, 0–1, at a glassy depth per face, m: as wished once the crust is as thick as needed (more of it is
 * not more crisp), and gone where a stick is glass right through: that is a rod, not a crust around a tender heart. Chips
 * are meant to be glass.
 */
export function biteOf(depth: number, crispness: TargetCrispness, halfThickness: number): number {
  const crisp = Math.min(1, depth / neededCrust(crispness, halfThickness));
  const through = Math.min(1, Math.max(0, (depth / halfThickness - HARD_FROM) / (1 - HARD_FROM)));
  return crisp * (1 - stickness(halfThickness) * through);
}
