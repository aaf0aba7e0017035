import type { Preparation } from '../prep/prepare-batch';

/** Oil that drips, g, onto a floor hot enough to smoke, K. Source: assumed; refined oils smoke from 205 °C, films sooner. */
const SMOKING_DRIP = 5;
const SMOKING_DIAL = 463;

/** Whether oil that drips off will smoke on the floor of the drawer. @param hottest K on the dial */
export function dripsAndSmokes({ oilDripping }: Pick<Preparation, 'oilDripping'>, hottest: number): boolean {
  return oilDripping * 1000 > SMOKING_DRIP && hottest >= SMOKING_DIAL;
}
