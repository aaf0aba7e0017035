'use client';

import clsx from 'clsx';
import Link from 'next/link';
import { useMemo, useRef } from 'react';
import { looksOfColours } from '@/core/batch/record-statistics';
import { deriveRun } from '@/core/run/run-state';
import { REAL_TIME } from '@/core/run/shown-clock';
import { medianOf } from '@/core/numeric/quantile';
import type { Belief } from '@/core/learn/beliefs';
import type { Batch } from '@/schemas/batch';
import { planFood, planFromFile } from '@/schemas/plan-from-file';
import { foodColour } from '@/ui/colour/food-colours';
import { BasketDrawing } from '@/ui/drawings/basket-drawing';
import { LocalTime } from '@/ui/local-time';
import { useUnits } from '@/ui/units-context';
import { dayAndTimeText } from '@/ui/words/day-and-time';
import { useNear } from '@/ui/use-near';
import { loadBefore } from '@/ui/words/drawer-word';
import { wholeMinutes } from '@/ui/words/format';
import { saysText } from '@/ui/words/belief-text';
import { NEXT_WORDS } from '@/ui/words/labels';
import { cutText } from '@/ui/words/plan-text';
import { againstForecast, outcomePhrase, pulledAfter } from './log-words';

/** Minutes of the common scale where no batch was longer, and its steps. Source: chosen. */
const LEAST_SCALE = 25;
const SCALE_STEP = 5;

/** Pieces drawn in the small basket of a row. */
const DRAWN = 40;

/** Solid for again, hatched for changed, empty for not again. */
const VERDICT_MARKS = { again: 'bg-iron', changed: 'hatched', 'not-again': '' } as const;

/** Share of the water gone of a batch of which only the colours were kept. Source: assumed; shrinks what is drawn. */
const WATER_GONE = 0.5;

/** The list of the log: every batch by its drawer, with its pull on one scale beside what was forecast. */
export function LogRows({
  batches,
  says = {},
  marked,
  ticked = [],
  onTick,
  byDish = false,
}: {
  batches: readonly Batch[];
  /** what each says of its fryer's thermostat by itself, K */
  says?: Readonly<Record<string, Belief>>;
  /** those that the open finding is from */
  marked?: ReadonlySet<string> | undefined;
  ticked?: readonly string[];
  /** ticks one, or takes its tick away; without it nothing can be ticked */
  onTick?: (id: string) => void;
  /** a heading wherever another dish begins */
  byDish?: boolean;
}) {
  const longest = Math.max(
    LEAST_SCALE,
    ...batches.flatMap((batch) => [(pulledAfter(batch) ?? 0) / 60, batch.forecast.done_p90_min ?? 0]),
  );
  const scale = Math.min(60, Math.ceil(longest / SCALE_STEP) * SCALE_STEP);
  /* on a long scale every other number, or they run into one another */
  const apart = scale > 40 ? 2 * SCALE_STEP : SCALE_STEP;
  const ticks = Array.from({ length: scale / SCALE_STEP + 1 }, (_, i) => i * SCALE_STEP).filter(
    (tick) => tick === scale || (tick % apart === 0 && scale - tick >= apart),
  );
  return (
    <>
      <p
        className={clsx(
          'mt-2 hidden pr-5 text-[12px] text-iron-soft md:grid md:grid-cols-[56px_minmax(0,1.2fr)_minmax(0,0.8fr)_minmax(0,1.6fr)_minmax(0,0.9fr)_88px] md:gap-x-4',
          onTick ? 'pl-16' : 'pl-5',
        )}
      >
        <span />
        <span>batch</span>
        <span>when, where</span>
        <span className="relative block h-4" aria-hidden>
          {ticks.map((tick) => (
            <span key={tick} className="absolute -translate-x-1/2" style={{ left: `${(tick / scale) * SCALE_WIDTH}%` }}>
              {tick === scale ? `${tick} min` : tick}
            </span>
          ))}
        </span>
        <span>what it said</span>
        <span>next time</span>
      </p>
      <ul className="mt-1 divide-y divide-enamel-deep">
        {batches.map((batch, i) => (
          <li key={batch.id}>
            {byDish && batch.document.name !== batches[i - 1]?.document.name && (
              <h3 className="px-5 pt-3 pb-1 text-[18px]">{batch.document.name}</h3>
            )}
            <div className={clsx('flex items-center', ticked.includes(batch.id) && 'bg-rim/10')}>
              {onTick && (
                <label className="no-print flex min-h-11 min-w-11 items-center justify-center pl-3">
                  <input
                    type="checkbox"
                    checked={ticked.includes(batch.id)}
                    onChange={() => onTick(batch.id)}
                    aria-label={`Tick ${batch.document.name}`}
                    className="size-5 accent-rim"
                  />
                </label>
              )}
              <Row
                batch={batch}
                scale={scale}
                says={says[batch.id] ?? null}
                isMarked={marked?.has(batch.id) ?? false}
              />
            </div>
          </li>
        ))}
      </ul>
    </>
  );
}

/** Share of a row's bar that the minutes take, %; the rest is for the words at its end. */
const SCALE_WIDTH = 78;

function Row({
  batch,
  scale,
  says,
  isMarked,
}: {
  batch: Batch;
  scale: number;
  says: Belief | null;
  isMarked: boolean;
}) {
  const units = useUnits();
  const plan = useMemo(() => planFromFile(batch.document), [batch.document]);
  const looks = useMemo(() => looksOfColours(batch.fingerprint, WATER_GONE), [batch]);
  const pulled = pulledAfter(batch);
  const { done_min } = batch.forecast;
  const saysOf = says && saysText(says, units);
  const row = useRef<HTMLDivElement>(null);
  /* hundreds of drawers are not drawn for those who look at ten */
  const near = useNear(row);
  return (
    <div ref={row} className="min-w-0 grow">
      <Link
        href={`/log/${batch.id}`}
        className="grid grid-cols-[72px_1fr] items-center gap-x-4 gap-y-0.5 px-5 py-1.5 hover:bg-paper focus-visible:-outline-offset-2 md:grid-cols-[56px_minmax(0,1.2fr)_minmax(0,0.8fr)_minmax(0,1.6fr)_minmax(0,0.9fr)_88px]"
      >
        <span className="row-span-3 md:row-span-1">
          {batch.fingerprint.length > 0 && !near ? (
            <span className="block size-[72px] rounded-part bg-iron-soft/30 md:size-[52px]" />
          ) : batch.fingerprint.length > 0 ? (
            <BasketDrawing
              plan={plan}
              record={looks}
              sample={1}
              most={DRAWN}
              label="Colours when pulled"
              className="size-[72px] md:size-[52px]"
            />
          ) : (
            <span className="flex size-[72px] items-center justify-center rounded-part border border-iron-soft text-center text-[11px] text-iron-soft md:size-[52px]">
              no colours yet
            </span>
          )}
        </span>
        <span className="min-w-0">
          <span className="line-clamp-2 font-display text-[16px] leading-tight font-semibold text-rim">
            {batch.document.name}
          </span>
          <span className="line-clamp-2 text-[14px]">{cutText(batch.document, units)}</span>
        </span>
        <span className="text-[14px]">
          <LocalTime at={batch.begunAt} write={(date) => dayAndTimeText(date, 'EEE d MMM', units)} />
          <span className="block text-iron-soft max-md:inline">
            <span className="md:hidden">, </span>
            {loadBefore(batch.document)}
            {batch.fryerName}
            {deriveRun(batch.events).clock !== REAL_TIME && ', a rehearsal'}
          </span>
        </span>
        <PullBar batch={batch} pulled={pulled} scale={scale} />
        <span className="relative text-[14px] max-md:col-start-2 md:pl-4">
          {isMarked && (
            <span className="absolute top-1.5 left-0 size-2.5 rounded-full bg-iron max-md:-left-4">
              <span className="sr-only">counts for the line opened above</span>
            </span>
          )}
          {saysOf && <strong className="block text-[15px]">{saysOf}</strong>}
          {outcomePhrase(batch)}
          <span className="sr-only">
            {done_min !== null && `, to pull after ${wholeMinutes(done_min * 60)} min`}
            {pulled !== null && `, pulled after ${wholeMinutes(pulled)} min`}
          </span>
        </span>
        <span className="flex items-center gap-2 text-[14px] max-md:col-start-2">
          {batch.outcome?.next && (
            <>
              <span
                aria-hidden
                className={clsx(
                  'inline-block size-3.5 rounded-[3px] border-2 border-iron',
                  VERDICT_MARKS[batch.outcome.next],
                )}
              />
              {NEXT_WORDS[batch.outcome.next].toLowerCase()}
            </>
          )}
        </span>
      </Link>
    </div>
  );
}

/** From the load to the pull in the food's own colours, with the forecast's moment and minutes as a bracket below. */
function PullBar({ batch, pulled, scale }: { batch: Batch; pulled: number | null; scale: number }) {
  const { ramp } = planFood(batch.document);
  const { done_min, done_p10_min, done_p90_min } = batch.forecast;
  const at = (minutes: number) => `${Math.min(SCALE_WIDTH, (minutes / scale) * SCALE_WIDTH)}%`;
  const colour = batch.fingerprint.length > 0 ? medianOf(Float32Array.from(batch.fingerprint)) : 0.6;
  const words = againstForecast(pulled, done_min);
  const ends = Math.max((pulled ?? 0) / 60, done_p90_min ?? done_min ?? 0);
  return (
    <span className="relative block h-10 max-md:hidden" aria-hidden>
      {pulled !== null && (
        <>
          <span
            className="absolute top-3 left-0 h-3 rounded-l-[2px] border border-iron-soft"
            style={{
              width: at(pulled / 60),
              background: `linear-gradient(90deg, ${foodColour(ramp, 0)}, ${foodColour(ramp, colour * 0.4)} 65%, ${foodColour(ramp, colour)})`,
            }}
          />
          <span
            className="absolute top-0.5 size-0 -translate-x-1/2 border-x-[5px] border-t-[8px] border-x-transparent border-t-iron"
            style={{ left: at(pulled / 60) }}
          />
          <span className="absolute top-1 h-5 w-0.5 -translate-x-1/2 bg-iron" style={{ left: at(pulled / 60) }} />
        </>
      )}
      {done_p10_min !== null && done_p90_min !== null && (
        <span
          className="absolute top-7 h-2 border-x-2 border-b-2 border-iron-soft"
          style={{ left: at(done_p10_min), width: `calc(${at(done_p90_min)} - ${at(done_p10_min)})` }}
        />
      )}
      {done_min !== null && (
        <span className="absolute top-7 h-3 w-0.5 -translate-x-1/2 bg-iron" style={{ left: at(done_min) }} />
      )}
      {words && (
        <span
          className="absolute top-2 pl-2 text-[13px] font-semibold whitespace-nowrap"
          style={{ left: at(Math.min(scale, ends)) }}
        >
          {words}
        </span>
      )}
    </span>
  );
}
