import type { BasketPainter, BasketPicture } from './basket-painter';

/** Moments of a cook that are painted ahead. Source: chosen; between two of them no eye sees a step. */
const FRAMES = 25;

/** Pictures of one drawer painted ahead, evenly over its cook, so that one that moves need not be painted. */
export interface PictureStrip {
  /** Paints one more; false when all are there. */
  fill(): boolean;
  /** Puts the picture at a sample into a canvas, mixed of the two painted moments round it; false while there are none. */
  show(canvas: HTMLCanvasElement, sample: number): boolean;
}

/** The order in which n moments are painted: both ends first, then always the middle of the longest gap. */
export function fillingOrder(n: number): number[] {
  const order = [0, n - 1];
  for (let gap = n - 1; gap > 1; gap = Math.ceil(gap / 2)) {
    const sorted = order.toSorted((a, b) => a - b);
    sorted.slice(1).forEach((to, i) => {
      const from = sorted[i]!;
      if (to - from > 1) order.push(Math.floor((from + to) / 2));
    });
  }
  return [...new Set(order)].slice(0, n);
}

/**
 * @param pictureAt the picture at a sample @param samples of the record @param pixels side of the pictures
 */
export function createPictureStrip(
  painter: Pick<BasketPainter, 'paint'>,
  pictureAt: (sample: number) => BasketPicture,
  samples: number,
  pixels: number,
): PictureStrip {
  const count = Math.min(FRAMES, samples);
  const sampleOf = (frame: number) => Math.round((frame * (samples - 1)) / Math.max(1, count - 1));
  const left = fillingOrder(count);
  /* by the sample, in order */
  const painted: { readonly sample: number; readonly canvas: HTMLCanvasElement }[] = [];
  return {
    fill() {
      const frame = left.shift();
      if (frame === undefined) return false;
      const canvas = document.createElement('canvas');
      canvas.width = canvas.height = pixels;
      const sample = sampleOf(frame);
      painter.paint(canvas, pictureAt(sample), false);
      painted.push({ sample, canvas });
      painted.sort((a, b) => a.sample - b.sample);
      return left.length > 0;
    },
    show(canvas, sample) {
      const after = painted.find((one) => one.sample >= sample);
      const before = painted.findLast((one) => one.sample <= sample);
      if (!after || !before) return false;
      const context = canvas.getContext('2d')!;
      const { width } = canvas;
      const put = (from: HTMLCanvasElement, share: number) => {
        context.globalAlpha = share;
        context.drawImage(from, 0, 0, width, width);
      };
      context.clearRect(0, 0, width, width);
      put(before.canvas, 1);
      if (after !== before) put(after.canvas, (sample - before.sample) / (after.sample - before.sample));
      context.globalAlpha = 1;
      return true;
    },
  };
}
