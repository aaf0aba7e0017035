import { believed, liveIn } from './simulated-kitchen';

const median = (values: number[]) => values.sort((a, b) => a - b)[values.length >> 1]!;

test('simulated kitchens: after four batches the forecast errs by half as much or less, and its interval is narrower and holds', () => {
  const kitchens = Array.from({ length: 15 }, (_, i) => liveIn(100 + i, 5).batches);
  const off = (b: number) =>
    median(kitchens.map((own) => Math.abs((own[b]!.forecast.p50 ?? Infinity) / own[b]!.right - 1)));
  const width = (b: number) => median(kitchens.map((own) => own[b]!.forecast.p90! - own[b]!.forecast.p10!));
  expect((off(3) + off(4)) / 2).toBeLessThan(off(0) / 2);
  expect(width(4)).toBeLessThan(0.6 * width(0));
  const all = kitchens.flat();
  const held = all.filter(({ forecast: { p10, p90 }, right }) => right >= p10! && right <= p90!).length / all.length;
  expect(held).toBeGreaterThan(0.65);
});

test('a corrected forecast does not confirm itself: what is believed of a fryer stays as wide as its evidence', () => {
  const { batches } = liveIn(4, 6);
  const deviations = batches.map(({ learning }) => believed(learning, 'offset').deviation);
  /* a new batch may take a little weight from one that it contradicts */
  for (let b = 1; b < deviations.length; b++) expect(deviations[b]).toBeLessThan(1.01 * deviations[b - 1]!);
  /* six batches of a few looks each: not sure to the degree */
  expect(deviations.at(-1)).toBeGreaterThan(0.25);
});
