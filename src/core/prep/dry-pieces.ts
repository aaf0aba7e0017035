import type { DryingMethod } from '../plan/plan';
import { airPieces } from './air-pieces';
import { enterByArea, type InHand } from './in-hand';
import { DRYING_TIME, FILM_AFTER } from './water-film';

/** Pieces warmer than this, K, cool and steam while they are dried by hand. Source: assumed, 35 °C. */
const STEAMING = 308;

/** Dries pieces by hand, spinner or air; `duration` s, or the usual time of the method. */
export function dryPieces(hand: InHand, method: DryingMethod, duration: number | null): void {
  const { state } = hand;
  const wiped = state.film.map((film) => Math.min(0, FILM_AFTER[method] - film));
  state.film.forEach((film, f) => (state.film[f] = film + wiped[f]!));
  enterByArea(hand, 'wiped-off', 'water', wiped, 2);
  const isOpenAir = method === 'air' || method === 'steam-dry';
  if (isOpenAir || meanTemperature(hand) > STEAMING) airPieces(hand, duration ?? DRYING_TIME[method]);
}

function meanTemperature({ state }: InHand): number {
  return state.temperature.reduce((sum, temperature) => sum + temperature, 0) / state.temperature.length;
}
