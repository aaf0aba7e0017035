import { pieceGeometry, scaleThickness } from '../cut/piece-geometry';
import type { Cut } from '../cut/cut';
import { pressedCut } from '../cut/pressed-cut';
import { reshapedState, tissueVolume, uniformState } from '../piece/reshape-state';
import { thicknessQuantiles } from '../piece/sample-thickness';
import type { InHand } from './in-hand';

/**
 * Presses pieces flat to `thickness` m; each keeps all it holds, and what lies inside keeps its place between skin and heart. The
 * press levels what scatter there was in thickness: a larger piece comes out wider.
 */
export function pressFlat(hand: InHand, thickness: number): void {
  const pressed = pressedCut(hand.part.cut, thickness);
  if (pressed === hand.part.cut) return;
  const { state, area } = hand;
  const shape = pieceGeometry(pressed);
  const perFace = (2 * shape.volume) / shape.surface;
  const spread = area.map((own, p) => (own * tissueVolume(state, p)) / perFace);
  hand.state = reshapedState(state, shape);
  takeShape(hand, pressed, spread);
}

/**
 * Cuts what was cooked whole: new pieces of one cut, each a fair sample of the whole, inside and outside alike, with fresh faces.
 * @param scatter standard deviation of thickness over its mean
 */
export function cutPieces(hand: InHand, cut: Cut, scatter: number): void {
  const { state, area } = hand;
  const geometries = Array.from(thicknessQuantiles(state.count, scatter), (factor) =>
    pieceGeometry(scaleThickness(cut, factor)),
  );
  const volume = area.reduce((sum, own, p) => sum + own * tissueVolume(state, p), 0);
  const each = volume / geometries.reduce((sum, { volume: own }) => sum + own, 0);
  const spread = Float64Array.from(geometries, ({ surface }) => (each * surface) / 2);
  hand.state = uniformState(state, area, geometries, spread);
  hand.skinBrowning = 1;
  hand.coat = null;
  takeShape(hand, cut, spread);
}

function takeShape(hand: InHand, cut: Cut, area: Float64Array): void {
  hand.part = { ...hand.part, cut };
  hand.area = area;
  hand.surface = 2 * area.reduce((sum, one) => sum + one, 0);
}
