'use client';

import { ChevronUp } from 'lucide-react';
import { useEffect, useMemo, useRef } from 'react';
import { pullTimeIn } from '@/core/forecast/pull-time-in';
import { basketCount } from '@/core/plan/basket-count';
import { isMixing, type Plan } from '@/core/plan/plan';
import { Button } from '@/ui/controls/button';
import { BasketDrawing } from '@/ui/drawings/basket-drawing';
import { EmptyDrawer } from '@/ui/drawings/empty-drawer';
import { fieldBackground } from '@/ui/field/field-background';
import { useAlive } from '@/ui/use-alive';
import { fieldParts } from '@/ui/field/field-parts';
import { paintField } from '@/ui/field/paint-field';
import type { PlanFile } from '@/schemas/plan-file';
import { type LiveForecastStore, questionOf } from '@/ui/live-forecast';
import { useNewest } from '@/ui/use-forecast';
import { intervalText, pullText } from '@/ui/words/forecast-text';

/** The forecast at the foot of a small screen, in view while levers are moved above; tapped or dragged up it opens whole. */
export function ForecastStrip({
  live,
  pending,
  document,
  plan,
  onOpen,
  onCook,
  cooking,
}: {
  live: LiveForecastStore;
  /** whether the openings have still to follow the plan: a moment with its range is one that stays */
  pending: boolean;
  document: PlanFile;
  plan: Plan;
  onOpen: () => void;
  onCook: () => void;
  cooking: boolean;
}) {
  const { forecast, interval, failed, question } = useNewest(live);
  const isOfPlan = question === questionOf(document);
  const alive = useAlive();
  const canvas = useRef<HTMLCanvasElement>(null);
  const from = useRef<number | null>(null);
  const parts = useMemo(() => fieldParts(plan), [plan]);
  useEffect(() => {
    if (canvas.current && forecast) paintField(canvas.current, forecast.record, parts);
  }, [forecast, parts]);
  if (!forecast) return null;
  const [, words, minutes] = /^(.*?)(\d+ min)$/.exec(pullText(forecast))!;
  const count = basketCount(plan);
  const pullTime = pullTimeIn(forecast);
  const mixing = plan.events.filter(({ action, time }) => isMixing(action) && (pullTime === null || time < pullTime));
  const times =
    mixing.length === 0
      ? 'not opened'
      : `${mixing[0]!.action} ${mixing.length === 1 ? 'once' : `${mixing.length} times`}`;
  return (
    <aside
      aria-label="Forecast in short"
      className="no-print fixed inset-x-0 bottom-0 z-10 touch-none rounded-t-tray border-2 border-b-0 border-rim bg-enamel px-4 pb-2 md:hidden"
      onPointerDown={(event) => {
        from.current = event.clientY;
      }}
      onPointerMove={(event) => {
        if (from.current === null || from.current - event.clientY < 40) return;
        from.current = null;
        onOpen();
      }}
      onPointerUp={() => {
        from.current = null;
      }}
    >
      <button
        type="button"
        aria-label="Open the whole forecast"
        onClick={onOpen}
        className="-mx-4 flex h-11 w-[calc(100%+2rem)] flex-col items-center justify-start text-rim"
      >
        <ChevronUp size={20} aria-hidden />
        <canvas
          ref={canvas}
          className="h-4 w-[calc(100%-2rem)] rounded-[2px] [image-rendering:pixelated]"
          style={alive ? undefined : fieldBackground(forecast.record, parts)}
          aria-hidden
        />
      </button>
      <div className="flex items-center gap-3">
        {alive ? (
          <BasketDrawing
            plan={plan}
            record={forecast.record}
            sample={Math.min(forecast.record.samples - 1, Math.round(forecast.pull.time / forecast.record.interval))}
            label="The basket at the moment to pull"
            className="size-[84px] shrink-0"
          />
        ) : (
          <EmptyDrawer className="size-[84px] shrink-0" />
        )}
        <div className="min-w-0 grow">
          <div className="flex flex-wrap items-end gap-x-2">
            <h2 className="text-[14px] leading-tight">
              {words} <span className="block text-[30px] leading-none font-bold tracking-tight">{minutes}</span>
            </h2>
            <p className="text-[17px] leading-none text-iron-soft">
              {intervalText(pending || !isOfPlan ? null : interval) ?? ' '}
            </p>
          </div>
          {failed ? (
            <p role="alert" className="mt-1 text-[13px] leading-tight font-semibold text-alarm">
              From before: the plan could not be worked out; trying again
            </p>
          ) : (
            <p className="mt-1 text-[13px] leading-tight">
              {times}
              <br />
              {Math.round(forecast.pull.share * count)} of {count} right
            </p>
          )}
        </div>
        <Button look="main" className="shrink-0 self-end px-4" onClick={onCook} disabled={cooking || !alive}>
          {cooking ? 'Setting up …' : 'Cook this'}
        </Button>
      </div>
    </aside>
  );
}
