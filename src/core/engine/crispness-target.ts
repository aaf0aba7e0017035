import type { TargetCrispness } from '../plan/plan';

/** Glassy crust that reads as the wished bite on a thick piece, m per face. Source: 0.4–0.8 mm reads as crisp, feasibility study. */
const CRUST_FOR: Record<TargetCrispness, number> = { tender: 0.1e-3, crisp: 0.4e-3, 'very-crisp': 0.8e-3 };

/** Half thickness below which the whole piece must be glass, and above which a crust is enough, m. Source: assumed: chips to 3 mm, sticks from 6 mm. */
const CHIP_HALF = 1.5e-3;
const STICK_HALF = 3e-3;

/** Share of a chip that must be glass. Source: assumed; a wet heart makes the rest leathery. */
const CHIP_GLASS: Record<TargetCrispness, number> = { tender: 0.5, crisp: 0.85, 'very-crisp': 0.95 };

/** Glassy depth per face, m, that gives the wished bite in a piece of this half thickness, m. */
export function neededCrust(crispness: TargetCrispness, halfThickness: number): number {
  const chip = CHIP_GLASS[crispness] * Math.min(halfThickness, CHIP_HALF);
  const stick = CRUST_FOR[crispness];
  const share = Math.min(1, Math.max(0, (halfThickness - CHIP_HALF) / (STICK_HALF - CHIP_HALF)));
  return chip + (Math.min(stick, halfThickness * 0.85) - chip) * share;
}
