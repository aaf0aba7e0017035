/** A hot-air fryer as the engine sees it. SI units. */
export interface Fryer {
  /** W, heater at full */
  readonly maximumPower: number;
  /** J/K of air, walls, basket and heater together */
  readonly heatCapacity: number;
  /** W/K lost through the walls */
  readonly lossCoefficient: number;
  /** kg/s of dry air leaving by the vent */
  readonly ventFlow: number;
  /** kg of air in the cavity when hot */
  readonly airMass: number;
  /** kg/s of air driven through the basket */
  readonly airFlow: number;
  /** m², floor of the basket */
  readonly basketArea: number;
  /** m, inner height of the basket */
  readonly basketHeight: number;
  /** W/(m² K) on a free face turned to the fan */
  readonly heatTransferCoefficient: number;
  /** K, air less dial once warm; unknown until calibrated */
  readonly thermostatOffset: number;
  /** a liner or parchment lies under the food */
  readonly liner: boolean;
  /** racks one above the other, each as large as `basketArea`; 1 for a basket */
  readonly racks: number;
  /** h over each place of the floor against the mean of all, see `PLACES`; alike unless measured */
  readonly places?: readonly number[];
}
