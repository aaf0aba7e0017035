import type { CookLooks } from '../../core/batch/record-statistics';
import { forecastPlan } from '../../core/forecast/forecast';
import { FIRST_PLAN } from '../../schemas/first-plan';
import { planFromFile } from '../../schemas/plan-from-file';
import { extremesSeen, pieceLooks } from './followed-pieces';

/* two foods of two pieces each: the second piece lies on the first, the third and fourth on both */
const looks: CookLooks = {
  interval: 60,
  pieces: 4,
  part: Uint8Array.of(0, 0, 1, 1),
  browning: Float32Array.of(0.2, 0.3, 0.8, 0.9, 5, 6, 7, 8),
  waterLost: Float32Array.of(0),
  place: Uint16Array.of(3, 2, 1, 0),
  over: new Uint8Array(4),
  faceUp: Uint8Array.of(2, 0, 1, 2),
  inBasket: Uint8Array.of(1, 1, 1, 0),
};
const rounded = (values: readonly number[]) => values.map((value) => Number(value.toFixed(2)));

test('a drawn piece follows one of its own food as deep in the heap, with the face up that is up', () => {
  const seen = pieceLooks(looks, 0, [1, 1, 0, 0, 0, 0]);
  expect(rounded(seen.map(({ up }) => up))).toEqual([7, 5.5, 0.9, 0.9, 0.2, 0.2]);
  expect(rounded(seen.map(({ down }) => down))).toEqual([8, 5.5, 0.8, 0.8, 0.3, 0.3]);
  expect(seen.map(({ inside }) => inside)).toEqual([false, true, true, true, true, true]);
});

test('where nothing is known of a food it follows what there is', () => {
  expect(pieceLooks({ ...looks, part: new Uint8Array(4) }, 0, [1])).toHaveLength(1);
  expect(pieceLooks({ ...looks, pieces: 0 }, 0, [0])).toEqual([{ up: 0, down: 0, inside: false }]);
});

test('where places of the floor are told apart it follows one that lies there, if not much deeper', () => {
  const apart = { ...looks, part: new Uint8Array(4), over: Uint8Array.of(0, 8, 0, 8) };
  /* from the top: the pieces of browning 7, 5, 0.9 and 0.2; two lie over the back left, two over the front right */
  const up = (over: number[]) => rounded(pieceLooks(apart, 0, [0, 0, 0, 0], over).map((piece) => piece.up));
  expect(up([8, 0, 8, 0])).toEqual([7, 5.5, 0.9, 0.2]);
  expect(up([0, 0, 8, 8])).toEqual([5.5, 5.5, 0.9, 0.9]);
  expect(up([4, 4, 4, 4])).toEqual(rounded(pieceLooks(apart, 0, [0, 0, 0, 0]).map((piece) => piece.up)));
});

test('palest and darkest are looked for among what can be seen and is still inside', () => {
  const piece = (up: number, inside = true) => ({ up, down: 0, inside });
  const deep = Array.from({ length: 12 }, (_, i) => piece(i));
  expect(extremesSeen([piece(1), piece(0.1, false), piece(2), piece(0.5), ...deep])).toEqual([3, 2]);
  expect(extremesSeen([piece(1), piece(1.05), piece(1.02), piece(1), ...deep])).toEqual([-1, -1]);
  expect(extremesSeen([])).toEqual([-1, -1]);
  const seen = [piece(1), piece(0.1), piece(2), piece(0.5), ...deep];
  expect(extremesSeen(seen)).toEqual([1, 2]);
  expect(extremesSeen(seen, (i) => i !== 1 && i !== 2)).toEqual([3, 0]);
});

test('the drawn pieces have, in order, the colours of the field at that moment', () => {
  const { record } = forecastPlan(planFromFile(FIRST_PLAN), 1);
  const sample = record.samples - 1;
  const drawn = pieceLooks(record, sample, new Uint8Array(record.pieces));
  const faces = drawn.flatMap(({ up, down }) => [up, down]).sort((a, b) => a - b);
  const field = Array.from(record.browning.subarray(2 * sample * record.pieces)).sort((a, b) => a - b);
  const onSide = record.faceUp.subarray(sample * record.pieces).filter((up) => up === 1).length;
  /* a piece on its side shows the mean of both */
  expect(faces.reduce((sum, face) => sum + face, 0)).toBeCloseTo(
    field.reduce((sum, face) => sum + face, 0),
    3,
  );
  if (onSide === 0) expect(faces).toEqual(field);
});

test('a shake puts other pieces on top, a pull takes out those that are right', () => {
  const plan = planFromFile({
    ...FIRST_PLAN,
    cook: {
      ...FIRST_PLAN.cook,
      events: [
        { minute: 8, action: 'shake' },
        { minute: 17, action: 'pull', which: 'darkest' },
      ],
    },
  });
  const { record } = forecastPlan(plan, 1);
  const at = (minute: number) => Math.round((minute * 60) / record.interval);
  const places = (minute: number) =>
    Array.from(record.place.subarray(at(minute) * record.pieces, (at(minute) + 1) * record.pieces));
  expect(places(7)).toEqual(places(1));
  expect(places(9)).not.toEqual(places(7));
  const inside = (minute: number) =>
    pieceLooks(record, at(minute), new Uint8Array(66)).filter((piece) => piece.inside).length;
  expect(inside(16)).toBe(66);
  expect(inside(18)).toBeLessThan(50);
  expect(inside(18)).toBeGreaterThan(35);
});
