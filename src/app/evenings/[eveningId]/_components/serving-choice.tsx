'use client';

import { leastWords } from './evening-status';
import { servedAt, withoutDish } from '@/editing/edit-evening';
import { EVENING_LIMITS, type EveningFile } from '@/schemas/evening-file';
import { ClockPlate } from '@/ui/clock-plate';
import { Button } from '@/ui/controls/button';
import { useUnits } from '@/ui/units-context';
import { dishOfEvening, shortDishName } from '@/ui/words/evening-text';
import { wholeMinutes } from '@/ui/words/format';
import type { EveningView, ShownSchedule } from '@/workers/evening/protocol';

/** The lines between which the cook chooses once the evening is behind: soonest, or all as planned. */
export function ServingLines({
  view,
  evening,
  planned,
  onTake,
}: {
  view: EveningView;
  evening: EveningFile;
  /** the table as it was planned, where it is known */
  planned: ShownSchedule | null;
  /** serves so many s later */
  onTake: (by: number) => void;
}) {
  const units = useUnits();
  if (view.lines.length === 0) return null;
  return (
    <div role="group" aria-label="When to serve" className="flex flex-wrap gap-2">
      {view.lines.map(({ by, shown }) => (
        <button
          key={by}
          type="button"
          onClick={() => onTake(by)}
          className="min-h-14 rounded-part border-2 border-rim bg-enamel px-3 py-1.5 text-left hover:bg-paper"
        >
          <span className="block text-[20px] text-rim">
            <ClockPlate at={shown.serveAt} />
          </span>
          <span className="text-[15px]">{leastWords(shown, planned, evening, units)}</span>
        </button>
      ))}
    </div>
  );
}

/** What could be given up where not everything can be kept, each as a button. */
export function WaysOutList({
  view,
  evening,
  change,
}: {
  view: EveningView;
  evening: EveningFile;
  change: (next: (before: EveningFile) => EveningFile) => void;
}) {
  if (view.best || evening.dishes.length === 0) return null;
  return (
    <div role="alert" className="rounded-part border-2 border-alarm px-4 py-2">
      <p className="text-[16px] font-semibold">
        Not everything can be kept:{' '}
        {view.waysOut.length > 0 ? 'give up one of these.' : 'take something out, or serve much later.'}
      </p>
      <p className="mt-1 flex flex-wrap gap-2">
        {view.waysOut.map((way) => {
          switch (way.give) {
            case 'time':
              return (
                <Button
                  key="time"
                  onClick={() =>
                    change((before) => servedAt(before, new Date(Date.parse(before.serve_at) + way.by * 1000)))
                  }
                >
                  Serve {wholeMinutes(way.by)} min later
                </Button>
              );
            case 'hands':
              return evening.cooks.length < EVENING_LIMITS.cooks ? (
                <Button
                  key="hands"
                  onClick={() =>
                    change((before) => ({ ...before, cooks: [...before.cooks, 'ABC'[before.cooks.length]!] }))
                  }
                >
                  Another pair of hands
                </Button>
              ) : null;
            case 'pins':
              return (
                <Button key="pins" onClick={() => change((before) => ({ ...before, pins: [] }))}>
                  Let go what is kept in its place
                </Button>
              );
            case 'dish': {
              const dish = dishOfEvening(evening, way.dish);
              return dish ? (
                <Button key={way.dish} onClick={() => change((before) => withoutDish(before, way.dish))}>
                  Without {shortDishName(dish).toLowerCase()}
                </Button>
              ) : null;
            }
          }
        })}
      </p>
    </div>
  );
}
