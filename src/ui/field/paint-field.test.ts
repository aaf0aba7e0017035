/** @jest-environment jsdom */
import { basketCount } from '@/core/plan/basket-count';
import { batchYield } from '@/core/cut/batch-yield';
import { forecastPlan } from '@/core/forecast/forecast';
import { planFileSchema } from '@/schemas/plan-file';
import { planFromFile } from '@/schemas/plan-from-file';
import { FIRST_FILE } from '../../../tests/support/first-file';
import { minuteWords } from './minute-words';
import { bandsOf, fieldImage } from './paint-field';
import { fieldParts } from './field-parts';

beforeAll(() => {
  globalThis.ImageData = class {
    readonly data: Uint8ClampedArray;
    constructor(
      readonly width: number,
      readonly height: number,
    ) {
      this.data = new Uint8ClampedArray(4 * width * height);
    }
  } as never;
});

const plan = planFromFile(
  planFileSchema.parse({
    ...FIRST_FILE,
    cook: {
      stages: [{ minutes: 20, temperature_c: 190 }],
      events: [
        {
          minute: 6,
          action: 'add',
          part: {
            food: 'beetroot',
            cut: { shape: 'slice', thickness_mm: 4, diameter_mm: 40 },
            mass_g: 150,
            prep: [{ step: 'oil', mass_g: 3 }],
          },
        },
      ],
    },
  }),
);
const { record } = forecastPlan(plan, 1);

test('two foods have bands of their own, each in its colours, the second empty until it goes in', () => {
  const parts = fieldParts(plan);
  expect(parts.map(({ name, from }) => [name, from])).toEqual([
    ['Floury potato', 0],
    ['Beetroot', 360],
  ]);
  const [first, second] = bandsOf(record, 2);
  expect(first! + second!).toBe(2 * record.pieces);
  const image = fieldImage(record, parts);
  const pixel = (minute: number, row: number) => {
    const column = Math.round((minute * 60) / record.interval) - 1;
    return Array.from(image.data.slice(4 * (row * image.width + column), 4 * (row * image.width + column) + 4));
  };
  expect(pixel(3, 0)[3]).toBe(255);
  expect(pixel(3, first!)[3]).toBe(0);
  expect(pixel(9, first!)[3]).toBe(255);
  /* beetroot is red, potato is not */
  const redness = ([red, green]: number[]) => red! - green!;
  expect(redness(pixel(9, first!))).toBeGreaterThan(redness(pixel(9, 0)) + 40);
});

test('in each band the palest lies above the darkest', () => {
  const image = fieldImage(record, fieldParts(plan));
  const [first] = bandsOf(record, 2);
  const column = image.width - 1;
  const light = (row: number) => {
    const at = 4 * (row * image.width + column);
    return image.data[at]! + image.data[at + 1]! + image.data[at + 2]!;
  };
  expect(light(0)).toBeGreaterThan(light(first! - 1));
  expect(light(first!)).toBeGreaterThan(light(image.height - 1));
});

test('what is said of a minute holds when food was added: all pieces are counted, and no water comes back', () => {
  const potatoes = batchYield(plan.food, plan.cut, plan.mass).count;
  expect(basketCount(plan)).toBeGreaterThan(potatoes);
  const { pull } = forecastPlan(plan, 1);
  const gone = [3, 5.5, 7, 12].map((minute) => {
    const words = minuteWords(forecastPlan(plan, 1), Math.round((minute * 60) / record.interval), 'metric');
    return Number(/(-?\d+) % of the water gone/.exec(words)![1]);
  });
  expect(gone.every((share) => share >= 0 && share <= 100)).toBe(true);
  expect(pull.time).toBeGreaterThan(360);
});
