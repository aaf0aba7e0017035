import type { PieceState } from '../piece/piece-state';
import { type BedState, GRATE_OPENNESS, LINED_OPENNESS, shareBelow, stackBed, wallRadiation } from './bed';
import { AIR_SPECIFIC_HEAT, type CavityState } from './cavity';
import { vapourPressureOf } from '../properties/kitchen-air';
import { AMBIENT_HUMIDITY_RATIO, AMBIENT_TEMPERATURE } from '../properties/kitchen-air';
import type { Fryer } from '../plan/fryer';

/** Share of h that a drawer out of the fryer leaves: still air instead of the fan. Source: free convection 8–10 of 48 W/(m² K). */
const STILL_AIR = 0.2;

/** Coefficient of a piece that lies on a rack, W/(m² K). Source: free convection and radiation, 8–10. */
const RACK_TRANSFER = 9;

/** How much of the difference between up and down the half of the sides that goes with a face has. Source: assumed, half. */
const SIDE_LEAN = 0.5;

/** Share of the air's speed that reaches each rack below another. Source: assumed; a household oven with a fan loses a tenth to a fifth a shelf. */
const BELOW_A_RACK = 0.85;

/** Share of the walls that a rack between others sees. Source: assumed, half: the sides, not the roof. */
const SEEN_BETWEEN = 0.5;

/** Flow of heat and steam of each piece in the last steps, smoothed, W and kg/s for the whole batch's share of it. */
export interface StreamMemory {
  readonly heat: Float64Array;
  readonly steam: Float64Array;
}

/** Pieces of one cut, and their place among all pieces of the bed. */
export interface Surrounded {
  readonly state: PieceState;
  /** number of its first piece in the bed */
  readonly first: number;
  /** share of h on a face that lies against a neighbour */
  readonly between: number;
}

/**
 * Sets air, h, radiation and vapour on every face from where each piece lies. Air passes from the top down, cooled by the
 * heat and wetted by the steam of what lies above: T(i) = T − Σ K(zi − zj)·Qj / (ṁ·cp), K a ramp from 0 (a layer above)
 * over ½ (beside) to 1 (a layer below), z in layers; the energy is carried, never clipped.
 * Sides meet the mean of up and down where pieces lie apart, and a neighbour where they lie close.
 * Several racks share the layers evenly; on each, pieces lie on a grate of their own. Where strong and weak places of the
 * floor are known, h differs by where a piece lies; the stream is mixed between them, so that its air does not.
 * The heights of the bed are the caller's.
 */
export function surroundPieces(
  group: Surrounded,
  bed: BedState,
  memory: StreamMemory,
  cavity: CavityState,
  fryer: Fryer,
  open: boolean,
): void {
  const { state, first, between } = group;
  const count = bed.place.length;
  const layers = stackBed(bed);
  const capacityFlow = fryer.airFlow * AIR_SPECIFIC_HEAT;
  const { racks } = fryer;
  const onRack = layers / racks;
  const crowded = Math.min(1, onRack);
  const freeTransfer = fryer.heatTransferCoefficient * (open ? STILL_AIR : 1);
  const seen = open ? 0 : wallRadiation(cavity.temperature);
  const grate = fryer.liner ? LINED_OPENNESS : GRATE_OPENNESS;
  for (let p = 0; p < state.count; p++) {
    const own = first + p;
    if (bed.inBasket[own] === 0) {
      layOnRack(state, p);
      continue;
    }
    const z = bed.top[own]!;
    const height = bed.height[own]!;
    let heatAbove = 0;
    let steamAbove = 0;
    for (let j = 0; j < count; j++) {
      const weight = 0.5 + 0.5 * (z - bed.top[j]!);
      if (weight <= 0) continue;
      const capped = weight > 1 ? 1 : weight;
      heatAbove += capped * memory.heat[j]!;
      steamAbove += capped * memory.steam[j]!;
    }
    const air = cavity.temperature - heatAbove / capacityFlow;
    const vapour = vapourPressureOf(Math.max(0, cavity.humidityMet + steamAbove / fryer.airFlow));
    const rack = racks === 1 ? 0 : Math.min(racks - 1, Math.floor((z + height / 2) / onRack));
    const depth = Math.max(0, z - rack * onRack);
    const strength = bed.strengths === null ? 1 : bed.strengths[bed.over[own]!]!;
    const full = strength * (rack === 0 ? freeTransfer : freeTransfer * BELOW_A_RACK ** rack);
    const covered = shareBelow(depth, height, 1);
    const resting = onRack <= 1 ? 1 : shareBelow(depth, height, onRack - 1);
    const over = full * (1 + (between - 1) * covered);
    const under = full * (grate * resting + between * (1 - resting));
    const middle = (over + under) / 2;
    const beside = middle + (full * between - middle) * crowded;
    const flat = bed.flatShare[own]!;
    const radiant = seen * (1 - covered) * (rack === 0 ? 1 : SEEN_BETWEEN);
    for (let side = 0; side < 2; side++) {
      const f = 2 * p + side;
      const up = side === 0 ? bed.faceUp[own]! : 1 - bed.faceUp[own]!;
      state.airTemperature[f] = air;
      state.vapourPressure[f] = vapour;
      const lean = (up - 0.5) * (over - under);
      state.convection[f] = flat * (middle + lean) + (1 - flat) * (beside + SIDE_LEAN * lean);
      state.radiation[f] = up * radiant;
      state.radiantTemperature[f] = cavity.temperature;
    }
  }
}

function layOnRack(state: PieceState, p: number): void {
  for (let f = 2 * p; f < 2 * p + 2; f++) {
    state.airTemperature[f] = AMBIENT_TEMPERATURE;
    state.vapourPressure[f] = vapourPressureOf(AMBIENT_HUMIDITY_RATIO);
    state.convection[f] = RACK_TRANSFER;
    state.radiation[f] = 0;
    state.radiantTemperature[f] = AMBIENT_TEMPERATURE;
  }
}
