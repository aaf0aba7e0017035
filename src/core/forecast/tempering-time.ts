import { pieceGeometry } from '../cut/piece-geometry';
import type { Cut } from '../cut/cut';
import { AMBIENT_TEMPERATURE } from '../properties/kitchen-air';

/** Hearts as they leave the fryer, K. Source: water boils there, 100 °C. */
const AT_THE_DRAWER = 373.15;

/** Heat of fresh pieces, J/(m³ K). Source: vegetables, 3.4–3.8 MJ/(m³ K). */
const FRESH_HEAT = 3.6e6;

/** Free convection and radiation on a rack, W/(m² K). Source: 3 and 5, as where pieces wait. */
const RACK_TRANSFER = 8;

/**
 * Share of that heat that has to leave by the air: the rest dried away in the fryer or leaves as steam. Source: the engine's own
 * cooling on a rack of 6, 10 and 16 mm sticks, 25 mm wedges and 3 mm slices gives 0.17–0.32; their middle.
 */
const BY_THE_AIR = 0.28;

/** s until the heart of a typical piece is no hotter than `target` K on a rack; a rough figure, two fifths either way. */
export function temperingTime(cut: Cut, target: number): number {
  const { volume, surface } = pieceGeometry(cut);
  const warmer = Math.max(1, target - AMBIENT_TEMPERATURE);
  const fall = Math.log((AT_THE_DRAWER - AMBIENT_TEMPERATURE) / warmer);
  return Math.max(0, (fall * BY_THE_AIR * FRESH_HEAT * volume) / (surface * RACK_TRANSFER));
}
