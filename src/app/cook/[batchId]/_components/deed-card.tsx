'use client';

import clsx from 'clsx';
import { TriangleAlert } from 'lucide-react';
import { useState } from 'react';
import type { RecordEvent } from '@/core/run/batch-event';
import type { Fryer } from '@/core/plan/fryer';
import { HeatUpDrawing } from '@/ui/drawings/heat-up-drawing';
import { SpoonsDrawing } from '@/ui/drawings/spoons-drawing';
import { useUnits } from '@/ui/units-context';
import { Button } from '@/ui/controls/button';
import { clockText } from '@/ui/words/format';
import type { Deed } from './prep-deeds';

/** A timer this far off its plan is asked about, s and share. Source: chosen; what nobody would notice is not asked. */
const NOTICED = 60;
const NOTICED_SHARE = 0.1;

/** One deed: what, how much, how long, its caution, and the answers to it. `large` for the one that is due. */
export function DeedCard({
  deed,
  large = false,
  due,
  fryer,
  record,
}: {
  deed: Deed;
  /** what a preheat warms */
  fryer: Fryer;
  large?: boolean;
  /** s until it must begin, where that is not at once */
  due: number | null;
  record: RecordEvent;
}) {
  const units = useUnits();
  const [asking, setAsking] = useState(false);
  const { index, name, order, waits, begun, left } = deed;
  const running = begun !== undefined;
  const passed = deed.task.duration - left;
  const isOff = running && Math.abs(left) > Math.max(NOTICED, NOTICED_SHARE * deed.task.duration);
  const step = { step: index };
  const finish = (minutes: number | null) => {
    if (minutes !== null) record('prep-took', { ...step, minutes });
    record('prep-done', step);
  };
  return (
    <div>
      <p className="text-[15px] text-ash">
        {running ? (left <= 0 ? 'over' : 'running') : large ? 'now' : due !== null && due <= 0 ? 'begin now' : 'then'}
      </p>
      <p
        className={clsx(
          'font-display leading-[1.05] font-bold',
          large ? 'text-[clamp(40px,6vw,76px)]' : 'text-[32px]',
          !large && !running && 'text-ash',
        )}
      >
        {name}
      </p>
      <p
        role="timer"
        aria-label={`${order.text}: ${clockText(left)}`}
        className={clsx(
          'font-display leading-none font-bold',
          large ? 'text-[clamp(64px,10vw,124px)]' : 'text-[44px]',
          !large && !running && 'text-ash',
        )}
      >
        {left < 0 ? `+${clockText(-left)}` : clockText(left)}
      </p>
      <p className={clsx('mt-2 font-semibold', large ? 'text-[24px]' : 'text-[18px]')}>{order.text}</p>
      {order.amount !== null && <p className={large ? 'text-[20px]' : 'text-[17px]'}>{order.amount}</p>}
      {deed.spooned && <SpoonsDrawing {...deed.spooned} />}
      {deed.task.kind === 'preheat' && deed.task.temperature !== undefined && (
        <HeatUpDrawing
          fryer={fryer}
          stage={{ duration: deed.task.duration, temperature: deed.task.temperature }}
          passed={running ? passed : 0}
          units={units}
        />
      )}
      {due !== null && (
        <p className="text-[17px] text-ash" role={due <= 0 ? 'status' : undefined}>
          {due > 0
            ? `Begin it in ${clockText(due)}, to be hot when the rest is ready.`
            : 'Begin it now: it will be hot when the rest is ready.'}
        </p>
      )}
      {order.caution !== null && (
        <p className="mt-2 flex gap-2 text-[16px]">
          <TriangleAlert size={20} aria-hidden className="mt-0.5 shrink-0" />
          <span>
            <span className="sr-only">Caution: </span>
            {order.caution}
          </span>
        </p>
      )}
      <div className="mt-3 flex flex-wrap gap-2">
        {!running && (
          <Button
            look={(large && waits) || (due !== null && due <= 0) ? 'light' : 'iron'}
            className="min-w-24"
            onClick={() => record('prep-begun', step)}
          >
            Start
          </Button>
        )}
        <Button
          look={large && (running ? left <= 0 : !waits) ? 'light' : 'iron'}
          className="min-w-24"
          onClick={() => (isOff && waits ? setAsking(true) : finish(null))}
        >
          Done
        </Button>
        {waits && deed.task.kind !== 'preheat' && (
          <Button look="iron" onClick={() => setAsking(true)}>
            Took another time
          </Button>
        )}
        <Button look="iron" onClick={() => record('prep-skipped', step)}>
          Left out
        </Button>
      </div>
      {asking && (
        <TookForm
          planned={deed.task.duration / 60}
          measured={running ? passed / 60 : deed.task.duration / 60}
          onAnswer={finish}
        />
      )}
    </div>
  );
}

/** How long it really took, in minutes; as measured unless said otherwise. */
function TookForm({
  planned,
  measured,
  onAnswer,
}: {
  planned: number;
  measured: number;
  onAnswer: (minutes: number | null) => void;
}) {
  const [minutes, setMinutes] = useState(String(Math.max(0.5, Math.round(measured * 2) / 2)));
  const value = Number(minutes.replace(',', '.'));
  const isValid = value >= 0.5 && value <= 2880;
  return (
    <form
      className="mt-3 flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (isValid) onAnswer(value);
      }}
    >
      <label className="text-[16px]">
        It took, min
        <input
          autoFocus
          inputMode="decimal"
          value={minutes}
          aria-invalid={!isValid}
          onChange={(event) => setMinutes(event.target.value)}
          className="ml-2 min-h-11 w-24 rounded-part border-2 border-rim-light bg-iron px-3 text-[20px] text-enamel"
        />
      </label>
      <Button look="light" type="submit" disabled={!isValid}>
        Count that
      </Button>
      <Button look="iron" onClick={() => onAnswer(null)}>
        {`As planned, ${Math.round(planned)} min`}
      </Button>
      {!isValid && <p className="basis-full text-[15px]">Between half a minute and 48 hours, as 35 or 12.5.</p>}
    </form>
  );
}
