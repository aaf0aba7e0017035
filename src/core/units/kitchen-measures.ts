/** Density of frying oil at 20 °C, kg/m³. Source: rapeseed and sunflower oil, 910–920 in food tables. */
export const OIL_DENSITY = 915;

/** Volume of a metric teaspoon, m³. Source: metric kitchen measure, 5 mL. */
export const TEASPOON = 5e-6;

/** Metres in an inch. Source: international inch, exact. */
export const INCH = 0.0254;

/** Kilograms in an avoirdupois ounce. Source: international pound, exact. */
export const OUNCE = 0.028349523125;

/** Cubic metres in a US liquid quart. Source: 57.75 cubic inches, exact. */
export const QUART = 9.46352946e-4;

/** Level teaspoons of oil that weigh `mass` kg. */
export function teaspoonsOfOil(mass: number): number {
  return mass / OIL_DENSITY / TEASPOON;
}
