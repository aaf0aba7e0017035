import { stepPieces } from '../piece/piece-step.kernel';
import { AMBIENT_HUMIDITY_RATIO, AMBIENT_TEMPERATURE, vapourPressureOf } from '../properties/kitchen-air';
import { FREEZING_POINT } from '../properties/freezing';
import { saturationPressure } from '../properties/water';
import { enterByArea, type InHand } from './in-hand';

/** Air in which pieces lie: K, W/(m² K) of air and of radiation, Pa of vapour. */
interface StillAir {
  readonly temperature: number;
  readonly transfer: number;
  readonly radiation: number;
  readonly vapour: number;
}

/** Pieces spread out in a kitchen. Source: free convection and radiation, 8–10 W/(m² K). */
const KITCHEN: StillAir = {
  temperature: AMBIENT_TEMPERATURE,
  transfer: 9,
  radiation: 0,
  vapour: vapourPressureOf(AMBIENT_HUMIDITY_RATIO),
};

/** A covered dish in the fridge. Source: 4 °C; free convection under a lid 3, radiation 4εσT³ = 4; the lid keeps the air nearly saturated, assumed. */
const FRIDGE: StillAir = { temperature: 277.15, transfer: 3, radiation: 4, vapour: 0.97 * saturationPressure(277.15) };

/** A tray in the freezer. Source: −18 °C; free convection 5, radiation 4; air nearly saturated over ice, assumed as over cold water. */
const FREEZER: StillAir = { temperature: 255.15, transfer: 5, radiation: 4, vapour: 120 };

/** First and longest length of a step, s, and how each grows over the one before. Source: numerics; the field is smooth once it has begun to settle. */
const FIRST_STEP = 15;
const LONGEST_STEP = 240;
const GROWTH = 1.12;

/** Leaves pieces in the kitchen's air: hot ones steam dry by their own heat, cold wet ones dry slowly. */
export function airPieces(hand: InHand, duration: number): void {
  const steps = Math.max(1, Math.round(duration / FIRST_STEP));
  leaveIn(hand, KITCHEN, new Array<number>(steps).fill(duration / steps));
}

/** Lets pieces cool spread out in the kitchen. */
export function coolPieces(hand: InHand, duration: number): void {
  leaveIn(hand, KITCHEN, growingSteps(duration));
}

/** Keeps pieces covered in the fridge: they grow cold, and crust and heart share their water. */
export function chillPieces(hand: InHand, duration: number): void {
  hand.state.stillPores = true;
  leaveIn(hand, FRIDGE, growingSteps(duration));
  hand.state.stillPores = false;
}

/** Freezes pieces on a tray. */
export function freezePieces(hand: InHand, duration: number): void {
  hand.state.holdsIce = true;
  leaveIn(hand, FREEZER, growingSteps(duration));
  hand.state.holdsIce = hand.state.temperature.some((temperature) => temperature < FREEZING_POINT);
}

function leaveIn(hand: InHand, air: StillAir, steps: readonly number[]): void {
  const { state } = hand;
  state.airTemperature.fill(air.temperature);
  state.radiantTemperature.fill(air.temperature);
  state.vapourPressure.fill(air.vapour);
  state.convection.fill(air.transfer);
  state.radiation.fill(air.radiation);
  const lost = new Float64Array(state.count);
  for (const step of steps) {
    stepPieces(state, Float64Array.of(step));
    for (let p = 0; p < lost.length; p++) lost[p] = lost[p]! - state.evaporated[p]!;
  }
  enterByArea(hand, 'steam', 'water', lost, 1);
}

/** Lengths of steps that grow as the pieces settle and together last `duration` s. */
function growingSteps(duration: number): number[] {
  const steps: number[] = [];
  for (let left = duration, step = FIRST_STEP; left > 0; step = Math.min(LONGEST_STEP, step * GROWTH)) {
    steps.push(Math.min(step, left));
    left -= step;
  }
  return steps;
}
