/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { scaleLinear } from 'd3';
import { fireEvent } from '@testing-library/react';
import type { HoldForecast, HoldPlace } from '../../core/forecast/hold';
import { produceOf } from '../../core/cut/produce';
import { yieldOfOne } from '../../core/cut/produce-yield';
import { FIRST_PLAN } from '../../schemas/first-plan';
import { planFromFile } from '../../schemas/plan-from-file';
import type { FoundPlan } from '../../workers/study/protocol';
import { TradeOffChart } from '../charts/trade-off-chart';
import { FieldHandles } from '../field/field-handles';
import { UnitsProvider } from '../units-context';
import { CutDrawing } from './cut-drawing';
import { GridDrawing } from './grid-drawing';
import { HoldDrawing } from './hold-drawing';
import { LoadDrawing } from './load-drawing';
import { ParcookDrawing } from './parcook-drawing';
import { PressDrawing } from './press-drawing';
import { SaturationDrawing } from './saturation-drawing';

const plan = planFromFile(FIRST_PLAN);
const drawn = { ramp: plan.food.ramp, large: true };

const hold = (at20: number): HoldForecast => ({
  interval: 60,
  kept: Array.from({ length: 61 }, (_, minute) => 1 - ((1 - at20) * Math.min(20, minute)) / 20),
  hearts: Array.from({ length: 61 }, (_, minute) => 293.15 + 80 * at20 ** (minute / 20)),
  halfLife: at20 <= 0.5 ? 1200 : null,
  dried: 0.2,
  refreshed: 1,
  heartRefreshed: 360,
});
const holds: Record<HoldPlace, HoldForecast> = {
  rack: hold(0.6),
  heap: hold(0.4),
  covered: hold(0.1),
  'warm-oven': hold(0.9),
};

test('waiting is a line a place, told apart by dashes as well, and said in words', () => {
  const { container } = render(<HoldDrawing holds={holds} what="bite" units="metric" chosen="rack" minutes={10} />);
  expect(screen.getByRole('img').getAttribute('aria-label')).toContain('covered 10 % after 20 minutes');
  const dashes = [...container.querySelectorAll('path')].map((path) => path.getAttribute('stroke-dasharray'));
  expect(new Set(dashes).size).toBe(4);
  const labels = [...container.querySelectorAll('text')].slice(-4).map((text) => Number(text.getAttribute('y')));
  labels.sort((a, b) => a - b);
  labels.slice(1).forEach((y, i) => expect(y - labels[i]!).toBeGreaterThan(12));
});

test('where no bite is wished for, waiting is told by how warm the pieces still are', () => {
  render(<HoldDrawing holds={holds} what="warmth" units="us" chosen="rack" minutes={10} />);
  /* 20 °C + 0.6 of 80 °C */
  expect(screen.getByRole('img').getAttribute('aria-label')).toContain('rack 154 °F after 20 minutes');
});

test('the cut grid shows pieces and offcuts of one vegetable, by count', () => {
  const produce = produceOf('potato-floury');
  const { grid } = yieldOfOne(produce, plan.cut, { squaredOff: true, skinOn: false }, plan.food.density);
  const kept = grid.filter((cell) => cell.kept).length;
  const { container } = render(<GridDrawing plan={plan} produce={produce} grid={grid} />);
  expect(screen.getByRole('img').getAttribute('aria-label')).toContain(`${kept} pieces across`);
  const hatched = [...container.querySelectorAll('rect')].filter(
    (rect) => rect.getAttribute('fill') === 'url(#offcut)',
  );
  expect(hatched).toHaveLength(grid.length - kept);
});

test('more oil moves the point along a curve that flattens', () => {
  const factor = (film: number) => 1 - 0.35 * Math.exp(-film / 20);
  const pointAt = (filmGM2: number) => {
    const { container, unmount } = render(<SaturationDrawing filmGM2={filmGM2} heldGM2={90} factor={factor} />);
    const point = container.querySelector('circle')!;
    const place = [Number(point.getAttribute('cx')), Number(point.getAttribute('cy'))] as const;
    unmount();
    return place;
  };
  const [none, some, more, flood] = [0, 30, 60, 400].map(pointAt);
  expect(some![0]).toBeGreaterThan(none![0]);
  expect(none![1] - some![1]).toBeGreaterThan(some![1] - more![1]);
  expect(flood![0]).toBeLessThanOrEqual(340);
});

test('a basket is drawn with its pieces, a heap by two layers and its stack', () => {
  const pieces = (massG: number) => {
    const document = { ...FIRST_PLAN, mass_g: massG };
    const { container, unmount } = render(<LoadDrawing plan={planFromFile(document)} {...drawn} />);
    const counts = [container.querySelectorAll('g > g > rect').length, container.textContent!.match(/%/g)?.length ?? 0];
    unmount();
    return counts;
  };
  const [sparse, heap] = [pieces(200), pieces(1000)];
  expect(sparse[0]).toBe(26);
  expect(sparse[1]).toBe(0);
  expect(heap[0]!).toBeGreaterThan(80);
  expect(heap[1]).toBe(3);
});

test('par-cooked rings are softer the longer it boiled; pressed blocks are lower', () => {
  const boiled = (minutes: number) => {
    const document = {
      ...FIRST_PLAN,
      prep: [{ step: 'parcook' as const, method: 'boil' as const, minutes, water_c: 75 }],
    };
    const { unmount } = render(<ParcookDrawing plan={planFromFile(document)} {...drawn} />);
    const label = screen.getByRole('img').getAttribute('aria-label')!;
    unmount();
    return Number(/(\d+) % at the heart/.exec(label)![1]);
  };
  expect(boiled(8)).toBeGreaterThan(boiled(3));
  const tofu = { ...FIRST_PLAN, food: 'tofu-firm', prep: [{ step: 'press' as const, minutes: 30 }] };
  render(<PressDrawing plan={planFromFile(tofu)} {...drawn} />);
  expect(screen.getByRole('img')).toHaveAccessibleName(/^12 % of the block leaves as whey/);
});

const found = (time: number, evenness: number, attention: number, batches = 1): FoundPlan => ({
  document: { ...FIRST_PLAN, name: `${time}` },
  batches,
  score: { time, evenness, attention },
  asItStands: false,
});

test('points of the trade-off stand by time and evenness, say both, and are tried by a tap', async () => {
  const onTry = jest.fn();
  const points = [found(900, 0.8, 0), found(1200, 0.95, 3), found(2000, 1, 5, 2)];
  render(<TradeOffChart found={points} best={points[1]!} onTry={onTry} />);
  const buttons = screen.getAllByRole('button');
  expect(buttons.map((button) => button.getAttribute('aria-label'))).toEqual([
    'Try about 15 min, 80 % right, 0 openings, 1 batch',
    'Try about 20 min, 95 % right, 3 openings, 1 batch',
    'Try about 33 min, 100 % right, 5 openings, 2 batches',
  ]);
  const left = screen.getAllByRole('listitem').map((item) => parseFloat(item.style.left));
  expect([...left].sort((a, b) => a - b)).toEqual(left);
  await userEvent.click(buttons[2]!);
  expect(onTry).toHaveBeenCalledWith(points[2]);
});

test('a mark on the field is moved by half minutes with keys, and follows a drag until it is let go', () => {
  const [onMove, onRelease] = [jest.fn(), jest.fn()];
  const x = scaleLinear([0, 1200], [0, 600]);
  render(
    <FieldHandles handles={[{ key: 's', word: 'Shake', at: 420, onMove, onRelease }]} x={x} top={0} height={100} />,
  );
  const mark = screen.getByRole('slider', { name: /Shake/ });
  expect(mark).toHaveAttribute('aria-valuetext', '7 min');
  fireEvent.keyDown(mark, { key: 'ArrowLeft' });
  expect(onRelease).toHaveBeenLastCalledWith(390);
  mark.setPointerCapture = jest.fn();
  fireEvent.pointerMove(mark, { clientX: 300 });
  expect(onMove).not.toHaveBeenCalled();
  fireEvent.pointerDown(mark, { pointerId: 1, clientX: 210 });
  fireEvent.pointerMove(mark, { clientX: 300 });
  fireEvent.pointerUp(mark, { clientX: 300 });
  expect(onMove).toHaveBeenCalledTimes(1);
  expect(onRelease).toHaveBeenCalledTimes(2);
});

test('rulers and baskets follow the kitchen’s units', () => {
  const text = (units: 'metric' | 'us') => {
    const { container, unmount } = render(
      <UnitsProvider units={units}>
        <CutDrawing plan={plan} {...drawn} />
        <LoadDrawing plan={plan} {...drawn} />
      </UnitsProvider>,
    );
    const words = container.textContent!;
    unmount();
    return words;
  };
  expect(text('metric')).toMatch(/12 cm.*basket 22 cm square/);
  expect(text('us')).toMatch(/4 in.*basket 8.8 in square/);
});
