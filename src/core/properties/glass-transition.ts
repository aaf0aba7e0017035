/** Glass transition of amorphous water, K. Source: Johari, Hallbrucker & Mayer (1987), 136–138 K. */
const WATER_GLASS_TRANSITION = 138;

/** Gordon–Taylor constant of water in starch-like solids. Source: Roos (1995), starch and maltodextrins 5–7; 5.2 assumed. */
const GORDON_TAYLOR_CONSTANT = 5.2;

/**
 * Glass transition temperature in K of solids at a moisture. Gordon–Taylor equation.
 * @param dryGlassTransition K, of the dry solids @param moistureDryBasis kg/kg
 */
export function glassTransitionTemperature(dryGlassTransition: number, moistureDryBasis: number): number {
  const weighted = GORDON_TAYLOR_CONSTANT * moistureDryBasis;
  return (dryGlassTransition + weighted * WATER_GLASS_TRANSITION) / (1 + weighted);
}

/** Moisture, dry basis, below which solids are glassy, and so crisp, at `eatingTemperature` K. Inverse of the above; 0 when never. */
export function glassyMoistureLimit(dryGlassTransition: number, eatingTemperature: number): number {
  const limit =
    (dryGlassTransition - eatingTemperature) / (GORDON_TAYLOR_CONSTANT * (eatingTemperature - WATER_GLASS_TRANSITION));
  return Math.max(0, limit);
}
