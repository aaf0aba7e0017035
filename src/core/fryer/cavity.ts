import { STEAM_SPECIFIC_HEAT } from '../properties/water';
import type { Fryer } from '../plan/fryer';
import { AMBIENT_HUMIDITY_RATIO, AMBIENT_TEMPERATURE } from '../properties/kitchen-air';

/** Specific heat of air, J/(kg K). Source: air tables, 1006–1020 between 20 and 200 °C. */
export const AIR_SPECIFIC_HEAT = 1012;

/** Share of the excess over the kitchen lost per second with the drawer open: 10 % in 25 s. Source: design estimate. */
const OPEN_LOSS_RATE = -Math.log(0.9) / 25;

/** How many times faster the air is exchanged with the drawer open. Source: assumed. */
const OPEN_EXCHANGE = 20;

/** Air and metal of a fryer, one temperature and one humidity. */
export interface CavityState {
  /** K */
  temperature: number;
  /** kg of vapour per kg of dry air, in the balance */
  humidityRatio: number;
  /** the same as the pieces meet it in the step under way: predicted, see predictHumidity */
  humidityMet: number;
  /** kg/s of steam in the last step */
  steam: number;
  /** W drawn by the heater in the last step */
  power: number;
  /** J drawn since the start */
  energy: number;
}

/** A fryer at kitchen temperature. */
export function createCavity(temperature = AMBIENT_TEMPERATURE): CavityState {
  return {
    temperature,
    humidityRatio: AMBIENT_HUMIDITY_RATIO,
    humidityMet: AMBIENT_HUMIDITY_RATIO,
    steam: 0,
    power: 0,
    energy: 0,
  };
}

/**
 * C dT/dt = P − UA(T − Tamb) − vent·cp(T − Tamb) − food − superheat of steam, implicit in T; the thermostat asks for the
 * power that reaches the dial within the step, at most the heater's.
 * @param dial K @param foodHeat W @param steam kg/s leaving the food @param open drawer out: heater off, heat and air escape
 */
export function stepCavity(
  cavity: CavityState,
  fryer: Fryer,
  dial: number,
  foodHeat: number,
  steam: number,
  open: boolean,
  duration: number,
): void {
  const storage = fryer.heatCapacity / duration;
  const vent = fryer.ventFlow * (open ? OPEN_EXCHANGE : 1);
  const loss =
    fryer.lossCoefficient + fryer.ventFlow * AIR_SPECIFIC_HEAT + (open ? fryer.heatCapacity * OPEN_LOSS_RATE : 0);
  const superheat = Math.max(0, steam) * STEAM_SPECIFIC_HEAT;
  const wanted = dial + fryer.thermostatOffset;
  const demand =
    storage * (wanted - cavity.temperature) +
    loss * (wanted - AMBIENT_TEMPERATURE) +
    foodHeat +
    superheat * Math.max(0, wanted - 373.15);
  cavity.power = open ? 0 : Math.min(fryer.maximumPower, Math.max(0, demand));
  const steamReference = cavity.temperature > 373.15 ? 373.15 : cavity.temperature;
  cavity.temperature =
    (storage * cavity.temperature + cavity.power + loss * AMBIENT_TEMPERATURE - foodHeat + superheat * steamReference) /
    (storage + loss + superheat);
  cavity.energy += cavity.power * duration;
  cavity.steam = steam;
  const exchange = (duration * vent) / fryer.airMass;
  cavity.humidityRatio =
    (cavity.humidityRatio + (duration * steam) / fryer.airMass + exchange * AMBIENT_HUMIDITY_RATIO) / (1 + exchange);
  if (cavity.humidityRatio < 0) cavity.humidityRatio = 0;
}

/**
 * Humidity at the end of the coming step, before its steam is known: steam is taken as in the last step and falling by
 * `response` as the air grows moister. Without this, pieces steam and condense in turns, since they answer faster than
 * the vent carries vapour away.
 * @param response kg/s of steam less per unit of humidity ratio; an over-estimate only smooths
 */
export function predictHumidity(
  cavity: CavityState,
  fryer: Fryer,
  response: number,
  open: boolean,
  duration: number,
): void {
  const storage = fryer.airMass / duration;
  const vent = fryer.ventFlow * (open ? OPEN_EXCHANGE : 1);
  const predicted =
    (storage * cavity.humidityRatio + vent * AMBIENT_HUMIDITY_RATIO + cavity.steam + response * cavity.humidityMet) /
    (storage + vent + response);
  cavity.humidityMet = Math.max(0, predicted);
}
