import type { UniformTable } from '../numeric/uniform-table';

/** What the piece solver needs of what a cell is made of. SI units. */
export interface Material {
  /** kg water per kg solids when it can hold no more: raw tissue, or a coat with its pores full */
  readonly fullMoisture: number;
  /** kg dry solids per m³ as laid or cut */
  readonly solidsDensity: number;
  /** J/(kg K) of the dry solids */
  readonly solidsHeat: number;
  /** W/(m K) against moisture, at 60 °C */
  readonly conductivity: UniformTable;
  /** relative change of conductivity per kelvin */
  readonly conductivitySlope: number;
  /** K, glass transition of the dry solids */
  readonly dryGlassTransition: number;
}
