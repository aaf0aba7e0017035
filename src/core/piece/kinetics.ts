import { tabulateArrhenius } from './arrhenius';

/**
 * Browning of the skin per second: 1/180 at 150 °C, 80 kJ/mol. Source: energy within the 60–120 kJ/mol of published colour
 * kinetics of frying and baking; the rate, assumed, is the feasibility study's (1/200) but for the lower energy.
 */
export const BROWNING_RATE = tabulateArrhenius(1 / 180, 80_000, 423.15);

/** Starch gelatinised per second of what is left, 0.08 at 70 °C, 150 kJ/mol. Source: range of potato starch kinetics in the literature; assumed within it. */
export const GELATINISATION_RATE = tabulateArrhenius(0.08, 150_000, 343.15);

/** Softening per second relative to 100 °C, 95 kJ/mol. Source: Harada, Tirtohusodo & Paulus (1985), potato cooking. */
export const SOFTENING_RATE = tabulateArrhenius(1, 95_000, 373.15);

/** Diffusivity of liquid water, m²/s, before the fall with moisture; 2.5e-9 at 100 °C, 22 kJ/mol. Source: range of potato drying literature; assumed within it. */
export const WATER_DIFFUSIVITY = tabulateArrhenius(2.5e-9, 22_000, 373.15);

/** Diffusivity of sugars in raw tissue, m²/s: 3e-10 at 25 °C, 25 kJ/mol. Source: sugar leaching from vegetable tissue, 2–5e-10; assumed within it. */
export const SUGAR_DIFFUSIVITY = tabulateArrhenius(3e-10, 25_000, 298.15);

/** Moisture at which browning has fallen to half. Source: feasibility study, assumed. */
export const BROWNING_HALF_MOISTURE = 0.35;

/** Moisture at which diffusivity has fallen to half. Source: feasibility study, assumed. */
export const DIFFUSION_HALF_MOISTURE = 0.35;
