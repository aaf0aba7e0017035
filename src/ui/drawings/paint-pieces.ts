import { inkColour } from './ink-colour';
import { isEachItsOwn, pieceMarks } from './piece-marks';
import type { DrawnPieces } from './use-drawn-pieces';

/** Paints the pieces that lie in a drawer as they are drawn flat, mm by the transform that the canvas has. */
export function paintPieces(context: CanvasRenderingContext2D, { kinds, pieces, shrunk }: DrawnPieces): void {
  const ofAll = kinds.map(({ cut, coated }) => (isEachItsOwn(cut, coated) ? null : pieceMarks(cut, coated, 0)));
  const paths = new Map<string, Path2D>();
  const pathOf = (path: string) => {
    const made = paths.get(path) ?? new Path2D(path);
    paths.set(path, made);
    return made;
  };
  context.lineJoin = 'round';
  for (const { x, y, turn, twist, part, browning } of pieces) {
    const { cut, ramp, coated } = kinds[part]!;
    context.save();
    context.translate(x, y);
    context.rotate((turn * Math.PI) / 180);
    context.scale(shrunk, shrunk);
    for (const { path, fill, stroke, strokeWidth = 1, opacity = 1 } of ofAll[part] ?? pieceMarks(cut, coated, twist)) {
      context.globalAlpha = opacity;
      if (fill !== undefined) {
        context.fillStyle = inkColour(ramp, browning, fill);
        context.fill(pathOf(path));
      }
      if (stroke !== undefined) {
        context.strokeStyle = inkColour(ramp, browning, stroke);
        context.lineWidth = strokeWidth;
        context.stroke(pathOf(path));
      }
    }
    context.restore();
  }
}
