'use client';

import { basketCount } from '@/core/plan/basket-count';
import type { Forecast } from '@/core/forecast/forecast';
import { pullTimeIn } from '@/core/forecast/pull-time-in';
import type { PullInterval } from '@/core/forecast/pull-interval';
import type { Plan } from '@/core/plan/plan';
import { outerRamp } from '@/core/plan/outer-ramp';
import type { PlanFile } from '@/schemas/plan-file';
import { foodColour } from '@/ui/colour/food-colours';
import { useUnits } from '@/ui/units-context';
import { halfMinutes, wholeMinutes } from '@/ui/words/format';
import { intervalText, pullText, windowText } from '@/ui/words/forecast-text';
import { openingsText } from '@/ui/words/opening-text';

/** The one moment to pull, large, and the three things that a cook does about it, each with its mark in the field. */
export function ForecastHead({
  forecast,
  interval,
  document,
  plan,
}: {
  forecast: Forecast;
  interval: PullInterval | null;
  document: PlanFile;
  plan: Plan;
}) {
  const units = useUnits();
  const count = basketCount(plan);
  const right = Math.round(forecast.pull.share * count);
  const [, words, minutes] = /^(.*?)(\d+ min)$/.exec(pullText(forecast))!;
  const ramp = outerRamp(plan);
  return (
    <div>
      <div className="flex flex-wrap items-end gap-x-3">
        <h2 className="text-[20px] leading-tight">
          {words}{' '}
          <span className="block text-[52px] leading-[0.98] font-bold tracking-tight @lg:text-[68px]">{minutes}</span>
        </h2>
        <p
          className="pb-1 text-[24px] text-iron-soft"
          title="Eight of ten such batches are pulled within these minutes."
        >
          {intervalText(interval) ?? ' '}
        </p>
      </div>
      <ul className="mt-3 space-y-2 text-[16px]">
        <Deed
          mark={
            <>
              <path d="M1 16V4M12 16V4M23 16V4" stroke="currentColor" strokeWidth={1.6} />
              <circle cx={1.8} cy={3} r={2.4} fill="currentColor" />
              <circle cx={12} cy={3} r={2.4} fill="currentColor" />
              <circle cx={22.2} cy={3} r={2.4} fill="currentColor" />
            </>
          }
        >
          <span className="block first-letter:uppercase">
            {openingsText(document, units, pullTimeIn(forecast)) || 'Not opened on the way'}
          </span>
        </Deed>
        <Deed mark={<path d="M1 3v10h22V3" stroke="currentColor" strokeWidth={2.4} fill="none" />}>
          <strong>Look after {wholeMinutes(forecast.firstCheck)} min</strong>
          {rightWords(forecast)}
        </Deed>
        <Deed
          mark={
            <>
              <rect x={0} y={2} width={8} height={13} fill={foodColour(ramp, 0.6)} />
              <rect x={8} y={2} width={8} height={13} fill={foodColour(ramp, 0.9)} />
              <rect x={16} y={2} width={8} height={13} fill={foodColour(ramp, 1.2)} />
            </>
          }
        >
          <strong>
            {right} of {count} right
          </strong>{' '}
          together{right < count && `, ${count - right} not`}
        </Deed>
      </ul>
    </div>
  );
}

/** How long it stays right, as it follows on the first look. */
function rightWords(forecast: Forecast): string {
  const { window, inTime } = forecast;
  if (!inTime || !window.held) return `. ${windowText(forecast)}`;
  return `; right from ${halfMinutes(window.from)} to ${halfMinutes(window.to)} min`;
}

function Deed({ mark, children }: { mark: React.ReactNode; children: React.ReactNode }) {
  return (
    <li className="flex gap-3">
      <svg viewBox="0 0 24 18" className="mt-1 h-[18px] w-6 shrink-0" aria-hidden>
        {mark}
      </svg>
      <span className="min-w-0">{children}</span>
    </li>
  );
}
