import { tabulate } from '../numeric/uniform-table';
import { VAPOUR_GAS_CONSTANT } from '../properties/water';
import { tabulateArrhenius } from './arrhenius';

/**
 * Browning of a moist skin per second: 1/160 at 150 °C, 65 kJ/mol. Source: energy within the 60–120 kJ/mol of published colour
 * kinetics of frying and baking, at its lower end, where dry crumb at 185 °C and bread at 180 °C both come out (docs/model); the
 * rate, assumed, is near the design estimate's 1/200.
 */
export const BROWNING_RATE = tabulateArrhenius(1 / 160, 65_000, 423.15);

/** Starch gelatinised per second of what is left, 0.08 at 70 °C, 150 kJ/mol. Source: range of potato starch kinetics in the literature; assumed within it. */
export const GELATINISATION_RATE = tabulateArrhenius(0.08, 150_000, 343.15);

/** Softening per second relative to 100 °C, 95 kJ/mol. Source: Harada, Tirtohusodo & Paulus (1985), potato cooking. */
export const SOFTENING_RATE = tabulateArrhenius(1, 95_000, 373.15);

/** Diffusivity of liquid water, m²/s, before the fall with moisture; 2.5e-9 at 100 °C, 22 kJ/mol. Source: range of potato drying literature; assumed within it. */
export const WATER_DIFFUSIVITY = tabulateArrhenius(2.5e-9, 22_000, 373.15);

/** Moisture at which water has slowed browning to half. Source: design estimate, assumed. */
const BROWNING_HALF_MOISTURE = 0.35;

/**
 * Share of the rate that is left in a bone-dry skin, and the moisture at which it has lost half of the rest. Source: sources
 * disagree; the reaction is called slow below water activity 0.3, while fits on bread crust show little change. Half is
 * assumed, as dry crumb on a sheet and a slice of bread then both take as long as they do (docs/model).
 */
const BROWNING_WHEN_DRY = 0.5;
const BROWNING_DRY_MOISTURE = 0.004;

/** Share of the browning rate that the moisture of the skin allows. */
function browningByMoisture(moisture: number): number {
  const dry = BROWNING_WHEN_DRY + ((1 - BROWNING_WHEN_DRY) * moisture) / (moisture + BROWNING_DRY_MOISTURE);
  return dry / (1 + (moisture / BROWNING_HALF_MOISTURE) ** 2);
}

/** The same tabulated for hot loops. */
export const BROWNING_BY_MOISTURE = tabulate(browningByMoisture, 0, 4, 0.001);

/** Moisture at which diffusivity has fallen to half. Source: design estimate, assumed. */
export const DIFFUSION_HALF_MOISTURE = 0.35;

/** Diffusivity of vapour in air at 25 °C, m²/s, and how it grows with T/298 K. Source: usual figures, 2.6e-5 and 1.8. */
const VAPOUR_DIFFUSIVITY = 2.6e-5;
const VAPOUR_GROWTH = 1.8;

/** Share of it that the pores of a dry crust let through: porosity over tortuosity, and less as pores are narrow and closed. Source: assumed, so that potato sticks soften on a rack as fast as they do (docs/model). */
const PORE_SHARE = 0.05;

/** Moisture from which the pores are full of liquid, kg/kg. Source: as for conductivity, see tissue.ts. */
export const PORES_FULL = 1.2;

/** From here on steam sweeps the pores by its own pressure, K, and alone from there: diffusion has no part in a hot crust. Source: assumed; steam of 1 g/(m² s) through 1 mm of pores carries ten times what diffuses. */
const SWEPT_FROM = 376.15;
const SWEPT_ALONE = 388.15;

/** Mobility of vapour in dry pores, kg/(m s Pa): D0 (T/298)^1.8 · ε/τ / (Rv T) where it is still. Fick's law for an ideal gas. */
function vapourMobility(temperature: number): number {
  const still = Math.min(1, Math.max(0, (SWEPT_ALONE - temperature) / (SWEPT_ALONE - SWEPT_FROM)));
  const diffusivity = VAPOUR_DIFFUSIVITY * (temperature / 298.15) ** VAPOUR_GROWTH * PORE_SHARE;
  return (still * diffusivity) / (VAPOUR_GAS_CONSTANT * temperature);
}

/** Vapour mobility tabulated over 260–640 K at 1 K, for hot loops. */
export const VAPOUR_MOBILITY = tabulate(vapourMobility, 260, 640, 1);
