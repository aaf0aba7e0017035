'use client';

import { TriangleAlert } from 'lucide-react';
import type { ShownClock } from '@/core/run/shown-clock';
import { DEVICE_KINDS, type DeviceKind } from '@/schemas/device-message';
import { Button } from '@/ui/controls/button';
import type { Devices } from '@/ui/devices/use-devices';
import { useUnits } from '@/ui/units-context';
import { DEVICE_WORDS, failureText, reportText } from '@/ui/words/device-text';
import { notifyError } from '@/ui/notify';

/** Speeds a rehearsal offers. */
const SPEEDS = [1, 10, 60, 120] as const;

/** What the devices say during a run, those that fail, and how fast a rehearsal goes. */
export function DeviceStrip({
  devices,
  used,
  mayBegin,
  clock,
  rehearse,
}: {
  devices: Devices;
  /** whether this run goes with them: stand-ins only take part in a rehearsal */
  used: boolean;
  /** whether a rehearsal may begin still */
  mayBegin: boolean;
  clock: ShownClock;
  /** null where this device only follows */
  rehearse: ((speed: number) => void) | null;
}) {
  const { states } = devices;
  if (!used || !states) {
    if (!rehearse || !mayBegin || devices.answer === null) return null;
    return (
      <Button
        look="quiet"
        className="!px-0 !text-rim-light"
        onClick={async () => {
          const sent = await devices.ask({ kind: 'start' });
          if (sent.kind === 'done') rehearse(1);
          else notifyError(sent.error);
        }}
      >
        Rehearse with stand-in devices
      </Button>
    );
  }
  return (
    <section aria-label="Devices" className="mt-3 border-t-2 border-iron-line pt-2 text-[16px]">
      <ul className="flex flex-wrap gap-x-6 gap-y-1">
        {DEVICE_KINDS.map((kind) => (
          <li key={kind}>
            <DeviceLine kind={kind} state={states[kind]} />
          </li>
        ))}
      </ul>
      {rehearse && devices.faults && (
        <div role="group" aria-label="Speed of the rehearsal" className="mt-2 flex flex-wrap items-center gap-2">
          <span className="text-ash">
            {clock.speed === 1 ? 'Real time' : `Rehearsal, ${clock.speed} times as fast`}:
          </span>
          {SPEEDS.map((speed) => (
            <Button
              key={speed}
              look={clock.speed === speed ? 'light' : 'iron'}
              aria-pressed={clock.speed === speed}
              onClick={() => rehearse(speed)}
            >
              {speed}×
            </Button>
          ))}
        </div>
      )}
    </section>
  );
}

function DeviceLine<Kind extends DeviceKind>({
  kind,
  state,
}: {
  kind: Kind;
  state: NonNullable<Devices['states']>[Kind];
}) {
  const units = useUnits();
  const failure = failureText(kind, state);
  if (failure) {
    return (
      <span role="status" className="flex items-center gap-2 text-oil">
        <TriangleAlert size={16} aria-hidden /> {failure}
      </span>
    );
  }
  return (
    <>
      <span className="text-ash">{DEVICE_WORDS[kind]}</span>{' '}
      {state.kind === 'read' && reportText(kind, state.report, units)}
    </>
  );
}
