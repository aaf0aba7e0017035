import type { Cut } from '../../core/cut/cut';
import { POSE } from './protocol';
import { settleLoad } from './settle-load';

const STICK: Cut = { shape: 'stick', thickness: 0.01, width: 0.01, length: 0.07 };
const SHAPES: readonly Cut[] = [
  STICK,
  { shape: 'cube', thickness: 0.02 },
  { shape: 'slice', thickness: 0.002, diameter: 0.05 },
  { shape: 'disc', thickness: 0.012, diameter: 0.06 },
  { shape: 'wedge', thickness: 0.022, width: 0.03, length: 0.08 },
  { shape: 'floret', diameter: 0.04 },
  { shape: 'cylinder', diameter: 0.009, length: 0.009 },
  { shape: 'formed', diameter: 0.025, length: 0.06 },
  { shape: 'sheet', thickness: 0.0004, width: 0.06, length: 0.08 },
];
const SIDE = 220;

test.each(SHAPES.map((cut) => [cut.shape, cut] as const))(
  '%s: all lie within the drawer, on or above its floor, those on top first',
  async (_, cut) => {
    const { part, pose } = await settleLoad({ side: SIDE, parts: [{ cut, count: 30 }] });
    expect(part).toEqual(new Uint8Array(30));
    const heights = Array.from({ length: 30 }, (__, i) => pose[i * POSE + 1]!);
    expect(heights).toEqual(heights.toSorted((a, b) => b - a));
    for (let i = 0; i < 30; i++) {
      const [x, y, z, qx, qy, qz, qw] = pose.subarray(i * POSE, (i + 1) * POSE);
      expect(Math.max(Math.abs(x!), Math.abs(z!))).toBeLessThan(SIDE / 2);
      expect(y).toBeGreaterThan(0);
      expect(y).toBeLessThan(150);
      expect(Math.hypot(qx!, qy!, qz!, qw!)).toBeCloseTo(1, 4);
    }
  },
  30_000,
);

test('the same load lies the same; more of it lies higher; what goes in later lies on top', async () => {
  const load = (count: number) => ({ side: SIDE, parts: [{ cut: STICK, count }] });
  const top = ({ pose }: { pose: Float32Array }) => pose[1]!;
  const once = await settleLoad(load(40));
  expect(await settleLoad(load(40))).toEqual(once);
  expect(top(await settleLoad(load(140)))).toBeGreaterThan(top(once) + 4);
  const both = await settleLoad({
    side: SIDE,
    parts: [
      { cut: STICK, count: 60 },
      { cut: { shape: 'slice', thickness: 0.003, diameter: 0.05 }, count: 20 },
    ],
  });
  const meanRank = (of: number) => {
    const ranks = Array.from(both.part.keys()).filter((i) => both.part[i] === of);
    return ranks.reduce((sum, rank) => sum + rank, 0) / ranks.length;
  };
  expect(meanRank(1)).toBeLessThan(meanRank(0) - 15);
});
