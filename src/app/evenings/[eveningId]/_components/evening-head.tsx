'use client';

import { useCallback } from 'react';
import { servedAt } from '@/editing/edit-evening';
import type { EveningFile } from '@/schemas/evening-file';
import { ClockPlate } from '@/ui/clock-plate';
import { Button } from '@/ui/controls/button';
import { TimeField } from '@/ui/controls/time-field';
import { LocalTime } from '@/ui/local-time';
import { wholeMinutes } from '@/ui/words/format';
import type { EveningView, ShownSchedule } from '@/workers/evening/protocol';
import { behind } from './evening-status';
import { ServingLines } from './serving-choice';
import type { Told } from './use-told';

/** What evening it is, when it begins, how far it is behind; when it is served, or between which lines to choose. */
export function EveningHead({
  evening,
  view,
  planned,
  serveAt,
  startBy,
  isUnderWay,
  words,
  undo,
  change,
  tell,
}: {
  evening: EveningFile;
  view: EveningView | null;
  /** as it was before anything slipped */
  planned: ShownSchedule | null;
  /** ms since 1970 */
  serveAt: number;
  /** ms since 1970; null once it is under way and where it is not known */
  startBy: number | null;
  isUnderWay: boolean;
  /** how saving stands */
  words: string;
  /** null where there is nothing to take back */
  undo: (() => void) | null;
  change: (next: (before: EveningFile) => EveningFile) => void;
  tell: (told: Told) => void;
}) {
  const late = view ? behind(view) : 0;
  const setServe = useCallback(
    (time: string) => {
      const [hour = 0, minute = 0] = time.split(':').map(Number);
      change((before) => {
        const moved = new Date(before.serve_at);
        moved.setHours(hour, minute, 0, 0);
        return servedAt(before, moved);
      });
    },
    [change],
  );
  return (
    <div className="flex flex-wrap items-end justify-between gap-x-6 gap-y-2">
      <div className="min-w-0 grow basis-72">
        <h1 className="text-[clamp(26px,4vw,38px)]">{late > 0 ? `${wholeMinutes(late)} min behind` : evening.name}</h1>
        <p className="text-[16px]">
          {late > 0 && `${evening.name}: choose your line. `}
          For {evening.people},{' '}
          <LocalTime
            at={serveAt}
            write={(date) => date.toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long' })}
          />
          {startBy !== null && (
            <>
              . Start by <ClockPlate at={startBy} />
            </>
          )}
          <span className="ml-2 text-[14px] text-iron-soft" role="status">
            {words}
          </span>
        </p>
      </div>
      {undo && (
        <Button look="quiet" onClick={undo}>
          Undo
        </Button>
      )}
      {view && late > 0 ? (
        <ServingLines
          view={view}
          evening={evening}
          planned={planned}
          onTake={(by) => tell({ kind: 'serve-at', detail: { at: serveAt + by * 1000 } })}
        />
      ) : isUnderWay ? (
        <p className="text-[16px]">
          On the table at <ClockPlate at={serveAt} />
        </p>
      ) : (
        <LocalField at={new Date(serveAt)} onChange={setServe} />
      )}
    </div>
  );
}

/** The time at the table, as this device's clock has it. */
function LocalField({ at, onChange }: { at: Date; onChange: (time: string) => void }) {
  return (
    <TimeField
      label="On the table at"
      value={`${String(at.getHours()).padStart(2, '0')}:${String(at.getMinutes()).padStart(2, '0')}`}
      onChange={onChange}
    />
  );
}
