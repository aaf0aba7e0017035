import { fitted } from './small-photo';

test('a photo keeps its shape, its longer side no longer than it may be, and is never made larger', () => {
  expect(fitted(4000, 3000, 1280)).toEqual({ width: 1280, height: 960 });
  expect(fitted(3000, 4000, 1280)).toEqual({ width: 960, height: 1280 });
  expect(fitted(800, 600, 1280)).toEqual({ width: 800, height: 600 });
  expect(fitted(9000, 2, 1280)).toEqual({ width: 1280, height: 1 });
});
