/** @jest-environment jsdom */
import type { BasketPicture } from './basket-painter';
import { createPictureStrip, fillingOrder } from './picture-strip';

/** What was drawn into each canvas: the sample it shows, and how strongly. */
type Drawn = { sample: number; share: number }[];
const drawn = new WeakMap<HTMLCanvasElement, Drawn>();
const paintedSample = new WeakMap<HTMLCanvasElement, number>();

beforeAll(() => {
  HTMLCanvasElement.prototype.getContext = function (this: HTMLCanvasElement) {
    const list: Drawn = drawn.get(this) ?? [];
    drawn.set(this, list);
    const context = {
      globalAlpha: 1,
      clearRect: () => void list.splice(0),
      drawImage: (from: HTMLCanvasElement) =>
        void list.push({ sample: paintedSample.get(from)!, share: context.globalAlpha }),
    };
    return context;
  } as never;
});

const pictureAt = (sample: number) => ({ shrunk: sample }) as BasketPicture;
const painted: number[] = [];
const painter = {
  paint: (canvas: HTMLCanvasElement, { shrunk }: BasketPicture) => {
    painted.push(shrunk);
    paintedSample.set(canvas, shrunk);
    return [];
  },
};
const fillAll = (strip: ReturnType<typeof createPictureStrip>) => {
  let count = 1;
  while (strip.fill()) count++;
  return count;
};

test('both ends come first, then always the middle of what is left, each once', () => {
  expect(fillingOrder(5)).toEqual([0, 4, 2, 1, 3]);
  for (const n of [2, 3, 8, 25])
    expect([...fillingOrder(n)].sort((a, b) => a - b)).toEqual(Array.from({ length: n }, (_, i) => i));
});

test('nothing is shown before both ends are painted; then a moment is mixed of those round it, by how near they are', () => {
  painted.length = 0;
  const strip = createPictureStrip(painter, pictureAt, 101, 100);
  const canvas = document.createElement('canvas');
  expect(strip.show(canvas, 50)).toBe(false);
  strip.fill();
  expect(strip.show(canvas, 50)).toBe(false);
  strip.fill();
  expect(strip.show(canvas, 25)).toBe(true);
  expect(drawn.get(canvas)).toEqual([
    { sample: 0, share: 1 },
    { sample: 100, share: 0.25 },
  ]);
  strip.fill();
  strip.show(canvas, 50);
  expect(drawn.get(canvas)).toEqual([{ sample: 50, share: 1 }]);
});

test('all moments are painted once, and a short record no more often than it has samples', () => {
  painted.length = 0;
  expect(fillAll(createPictureStrip(painter, pictureAt, 101, 100))).toBe(25);
  expect(new Set(painted).size).toBe(25);
  expect(Math.max(...painted)).toBe(100);
  expect(fillAll(createPictureStrip(painter, pictureAt, 4, 100))).toBe(4);
});
