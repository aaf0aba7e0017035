/* npm run learning: sixty simulated kitchens of eight batches each, and how far their forecasts are off before each. */
import { believed, liveIn } from '../tests/reference/simulated-kitchen';

/* npm run learning -- 60 1: how many kitchens, how many dishes each has in turn; with "all" after that they tell all they can */
const [kitchensWanted = '60', dishes = '3', tells] = process.argv.slice(2);
const KITCHENS = Number(kitchensWanted);
/** Eight are cooked; the ninth is forecast from all of them. */
const BATCHES = 9;
const median = (values: number[]) => values.sort((a, b) => a - b)[values.length >> 1]!;
const kitchens = Array.from({ length: KITCHENS }, (_, i) => {
  process.stderr.write('.');
  return liveIn(i + 1, BATCHES, { dishes: Number(dishes), tellsAll: tells === 'all' });
});
process.stderr.write('\n');
for (let b = 0; b < BATCHES; b++) {
  const own = kitchens.map(({ batches }) => batches[b]!);
  const off = own.map(({ forecast, right }) => Math.abs((forecast.p50 ?? Infinity) / right - 1));
  const least = own.map(({ atBest, right }) => Math.abs(atBest / right - 1));
  const held = own.filter(
    ({ forecast: { p10, p90 }, right }) => right >= (p10 ?? Infinity) && right <= (p90 ?? Infinity),
  );
  const width = own.map(({ forecast: { p10, p90 } }) => ((p90 ?? Infinity) - (p10 ?? 0)) / 60);
  console.log(
    `after ${b} batches: off by ${(100 * median(off)).toFixed(1)} % in the middle (${(100 * median(least)).toFixed(1)} % by the day alone), interval ${median(width).toFixed(1)} min holds ${((100 * held.length) / own.length).toFixed(0)} %`,
  );
}
for (const quantity of ['heatTransfer', 'offset', 'power', 'shade'] as const) {
  const last = kitchens.map(({ truth, batches }) => {
    const { mean, deviation } = believed(batches.at(-1)!.learning, quantity);
    return { gap: Math.abs(mean - truth[quantity]!), deviation, score: (mean - truth[quantity]!) / deviation };
  });
  const before = median(kitchens.map(({ truth }) => Math.abs(truth[quantity]!)));
  console.log(
    `${quantity}: off by ${median(last.map(({ gap }) => gap)).toFixed(2)} (${before.toFixed(2)} before), said ±${median(last.map(({ deviation }) => deviation)).toFixed(2)}, ` +
      `root mean square of the score ${Math.sqrt(last.reduce((sum, { score }) => sum + score * score, 0) / last.length).toFixed(2)}`,
  );
}
