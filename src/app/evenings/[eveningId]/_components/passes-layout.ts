import { OVEN, RING } from '@/core/evening/places';
import { HANDS } from '@/core/evening/evening-problem';
import type { PlacedStep, ShownSchedule } from '@/workers/evening/protocol';
import type { Work } from '@/core/evening/share-out-hands';

/** What a bar stands for: hands, waiting by itself, a load in a fryer, food kept for the table, a fryer getting hot. */
export type BarKind = 'hands' | 'waiting' | 'load' | 'keep' | 'warm-up';

/** A stretch of time in a lane, s before serving. */
export interface Bar {
  readonly key: string;
  readonly kind: BarKind;
  readonly from: number;
  readonly to: number;
  /** row within the lane, from 0 on */
  readonly row: number;
  /** null for a fryer that is made hot */
  readonly step: PlacedStep | null;
  readonly work?: Work;
}

/** One pass of the kitchen. */
export interface Lane {
  readonly id: string;
  readonly place: 'basin' | 'ring' | 'cook' | 'fryer' | 'oven' | 'rack';
  /** of the cook or the fryer */
  readonly index: number;
  readonly rows: number;
  readonly bars: readonly Bar[];
}

type Loose = Omit<Bar, 'row'>;

/** Overlap up to which two bars only touch, s. */
const TOUCH = 1;

/** Bars in as few rows as keep them apart, the earliest first. */
export function inRows(bars: readonly Loose[]): { rows: number; bars: Bar[] } {
  const ends: number[] = [];
  const placed = bars
    .toSorted((a, b) => b.from - a.from || b.to - a.to)
    .map((bar): Bar => {
      const free = ends.findIndex((end) => end >= bar.from - TOUCH);
      const row = free < 0 ? ends.length : free;
      ends[row] = bar.to;
      return { ...bar, row };
    });
  return { rows: ends.length, bars: placed };
}

function usesOf(step: PlacedStep, resource: string) {
  return step.uses.filter((use) => use.resource === resource);
}

/** From when on food waits on a rack, s before serving; only longer waits are shown. */
const WORTH_SHOWING = 60;

/** The passes of a kitchen with what lies in each: basin, hob, a cook, fryers, the other cooks, oven, rack. Those that stay empty are left out, but for cooks and fryers. */
export function passesOf({ steps, work, warmUps }: ShownSchedule, fryers: readonly string[], cooks: number): Lane[] {
  const stretch = (kind: BarKind, step: PlacedStep, from: number, to: number): Loose => ({
    key: `${kind}-${step.id}`,
    kind,
    step,
    from,
    to: Math.max(0, to),
  });
  const whole = (step: PlacedStep) => [step.begin, step.begin - step.length] as const;
  const isFried = (step: PlacedStep) => step.uses.some(({ resource }) => fryers.includes(resource));
  const waiting = (step: PlacedStep) => {
    const hands = usesOf(step, HANDS)
      .filter(({ from }) => from === 0)
      .reduce((most, { length }) => Math.max(most, length), 0);
    return stretch('waiting', step, step.begin - hands, step.begin - step.length);
  };
  const basin = steps
    .filter(
      (step) => !isFried(step) && step.kind !== 'serve' && usesOf(step, RING).length + usesOf(step, OVEN).length === 0,
    )
    .map(waiting)
    .filter(({ from, to }) => from - to > WORTH_SHOWING);
  const rings = steps
    .filter((step) => usesOf(step, RING).length > 0)
    .map((step) => stretch('waiting', step, ...whole(step)));
  const baked = steps.flatMap((step) =>
    usesOf(step, OVEN).map(({ from, length }) =>
      length === Infinity ? stretch('keep', step, step.begin - from, 0) : stretch('waiting', step, ...whole(step)),
    ),
  );
  const backOf = (dish: string) => steps.find((step) => step.dish === dish && step.kind === 'back');
  const rack = steps
    .filter((step) => (step.kind === 'load' || step.kind === 'back') && usesOf(step, OVEN).length === 0)
    .map((step) => {
      const back = step.kind === 'load' ? backOf(step.dish) : undefined;
      return stretch('keep', step, step.begin - step.length, back ? back.begin : 0);
    })
    .filter(({ from, to }) => from - to > WORTH_SHOWING);
  const cookLane = (cook: number): Lane => ({
    id: `cook-${cook}`,
    place: 'cook',
    index: cook,
    ...inRows(
      (work ?? [])
        .filter((one) => one.cook === cook)
        .map((one) => ({
          key: `${one.step}-${one.from}`,
          kind: 'hands' as const,
          step: steps.find(({ id }) => id === one.step)!,
          from: one.from,
          to: one.to,
          work: one,
        })),
    ),
  });
  const warmUpOf = (resource: string) =>
    warmUps
      .filter((one) => one.resource === resource)
      .map(({ begin, until }): Loose => ({
        key: `warm-${resource}`,
        kind: 'warm-up',
        step: null,
        from: begin,
        to: until,
      }));
  const fryerLane = (fryer: string, index: number): Lane => ({
    id: fryer,
    place: 'fryer',
    index,
    ...inRows([
      ...steps.filter((step) => usesOf(step, fryer).length > 0).map((step) => stretch('load', step, ...whole(step))),
      ...warmUpOf(fryer),
    ]),
  });
  const lane = (id: Lane['place'], bars: readonly Loose[]): Lane[] =>
    bars.length > 0 ? [{ id, place: id, index: 0, ...inRows(bars) }] : [];
  return [
    ...lane('basin', basin),
    ...lane('ring', rings),
    cookLane(0),
    ...fryers.map(fryerLane),
    ...Array.from({ length: cooks - 1 }, (_, i) => cookLane(i + 1)),
    ...lane('oven', baked.length > 0 ? [...baked, ...warmUpOf(OVEN)] : []),
    ...lane('rack', rack),
  ];
}

/** Room for words over a bar: up to the next one in its row, s. Infinity after the last. */
export function roomAfter(bar: Bar, bars: readonly Bar[]): number {
  const next = bars.filter((other) => other.row === bar.row && other.from < bar.from).map((other) => other.from);
  return next.length > 0 ? bar.from - Math.max(...next) : Infinity;
}

/** The bar that a touch at `at` means: the nearest with a step, no farther than `reach`; both s. Null where none is near. */
export function nearestBar(bars: readonly Bar[], at: number, reach: number): Bar | null {
  const distance = ({ from, to }: Bar) => Math.max(0, at - from, to - at);
  const near = bars.filter((bar) => bar.step !== null && distance(bar) <= reach);
  return near.toSorted((a, b) => distance(a) - distance(b))[0] ?? null;
}

/** Minutes between two marks of the clock so that they have room. @param perMinute px */
export function markEvery(perMinute: number): number {
  return [5, 10, 15, 30, 60, 120, 240, 720].find((minutes) => minutes * perMinute >= 70) ?? 1440;
}
