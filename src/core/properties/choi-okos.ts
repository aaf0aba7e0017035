/** Mass shares of a food as bought; they sum to one. Carbohydrate without fibre. */
export interface Composition {
  readonly water: number;
  readonly protein: number;
  readonly fat: number;
  readonly carbohydrate: number;
  readonly fibre: number;
  readonly ash: number;
}

type Component = keyof Composition;

/** Every component of a composition, in the order of food tables. */
export const COMPONENTS: readonly Component[] = ['water', 'protein', 'fat', 'carbohydrate', 'fibre', 'ash'];

/**
 * Polynomials in Celsius, 0–150 °C: conductivity W/(m K), density kg/m³, specific heat J/(kg K).
 * Source: Choi & Okos (1986), Effects of temperature and composition on the thermal properties of foods.
 */
const CONDUCTIVITY: Record<Component, readonly [number, number, number]> = {
  water: [0.57109, 1.7625e-3, -6.7036e-6],
  protein: [0.17881, 1.1958e-3, -2.7178e-6],
  fat: [0.18071, -2.7604e-3, -1.7749e-7],
  carbohydrate: [0.20141, 1.3874e-3, -4.3312e-6],
  fibre: [0.18331, 1.2497e-3, -3.1683e-6],
  ash: [0.32962, 1.4011e-3, -2.9069e-6],
};
const DENSITY: Record<Component, readonly [number, number, number]> = {
  water: [997.18, 3.1439e-3, -3.7574e-3],
  protein: [1329.9, -0.5184, 0],
  fat: [925.59, -0.41757, 0],
  carbohydrate: [1599.1, -0.31046, 0],
  fibre: [1311.5, -0.36589, 0],
  ash: [2423.8, -0.28063, 0],
};
const SPECIFIC_HEAT: Record<Component, readonly [number, number, number]> = {
  water: [4176.2, -9.0864e-2, 5.4731e-3],
  protein: [2008.2, 1.2089, -1.3129e-3],
  fat: [1984.2, 1.4733, -4.8008e-3],
  carbohydrate: [1548.8, 1.9625, -5.9399e-3],
  fibre: [1845.9, 1.8306, -4.6509e-3],
  ash: [1092.6, 1.8896, -3.6817e-3],
};

function quadratic(coefficients: readonly [number, number, number], x: number): number {
  return coefficients[0] + x * (coefficients[1] + x * coefficients[2]);
}

/** Density of the food without pores, kg/m³, at `temperatureC` °C. Mass shares mixed by volume. */
export function mixtureDensity(composition: Composition, temperatureC: number): number {
  let volume = 0;
  for (const component of COMPONENTS) volume += composition[component] / quadratic(DENSITY[component], temperatureC);
  return 1 / volume;
}

/** Thermal conductivity of the food without pores, W/(m K), at `temperatureC` °C. Parallel model by volume share. */
export function mixtureConductivity(composition: Composition, temperatureC: number): number {
  const density = mixtureDensity(composition, temperatureC);
  let conductivity = 0;
  for (const component of COMPONENTS) {
    const volumeShare = (composition[component] * density) / quadratic(DENSITY[component], temperatureC);
    conductivity += volumeShare * quadratic(CONDUCTIVITY[component], temperatureC);
  }
  return conductivity;
}

/** Specific heat of the dry solids alone, J/(kg K), at `temperatureC` °C. */
export function solidsSpecificHeat(composition: Composition, temperatureC: number): number {
  let heat = 0;
  for (const component of COMPONENTS) {
    if (component !== 'water') heat += composition[component] * quadratic(SPECIFIC_HEAT[component], temperatureC);
  }
  return heat / (1 - composition.water);
}

/** The composition after water was taken or given until its moisture is `moistureDryBasis` kg/kg. */
export function compositionAtMoisture(composition: Composition, moistureDryBasis: number): Composition {
  const solids = 1 - composition.water;
  const total = 1 + moistureDryBasis;
  const scaled = (part: number) => part / solids / total;
  return {
    water: moistureDryBasis / total,
    protein: scaled(composition.protein),
    fat: scaled(composition.fat),
    carbohydrate: scaled(composition.carbohydrate),
    fibre: scaled(composition.fibre),
    ash: scaled(composition.ash),
  };
}
