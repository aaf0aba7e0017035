'use client';

import { useCallback } from 'react';
import { DEVICE_KINDS, type DeviceFault } from '@/schemas/device-message';
import { Button } from '@/ui/controls/button';
import { Choice } from '@/ui/controls/choice';
import { useDevices } from '@/ui/devices/use-devices';
import { notifyError } from '@/ui/notify';
import { useUnits } from '@/ui/units-context';
import { DEVICE_WORDS, reportText } from '@/ui/words/device-text';

const FAULTS: readonly { readonly value: DeviceFault | 'none'; readonly word: string }[] = [
  { value: 'none', word: 'Works' },
  { value: 'silent', word: 'Silent' },
  { value: 'stuck', word: 'Stuck' },
  { value: 'noisy', word: 'Noisy' },
];

/** The kitchen's devices: what each says, and for stand-ins how each fails. */
export function DevicePanel() {
  const units = useUnits();
  const shownNow = useCallback(() => Date.now(), []);
  const { answer, states, faults, ask } = useDevices(shownNow, false, true);
  const order = async (request: Parameters<typeof ask>[0]) => {
    const sent = await ask(request);
    if (sent.kind !== 'done') notifyError(sent.error);
  };
  return (
    <section aria-labelledby="devices">
      <h2 id="devices" className="text-[26px]">
        Devices
      </h2>
      <p className="mt-1 text-[15px] text-iron-soft">
        A fryer that reports its air, a scale, a probe and a colour reader help a run to correct itself. Stand-ins come
        with Drubek: with them a whole evening can be rehearsed, faster than the clock, and each can be made to fail.
      </p>
      {answer === null && <p className="mt-3 text-[15px]">Looking for devices …</p>}
      {answer === false && (
        <p className="mt-3 flex flex-wrap items-center gap-3 text-[15px]">
          No device answers.
          <Button look="main" onClick={() => order({ kind: 'start' })}>
            Start the stand-ins
          </Button>
        </p>
      )}
      {answer && states && (
        <ul className="mt-3 divide-y divide-enamel-deep">
          {DEVICE_KINDS.map((kind) => {
            const state = states[kind];
            return (
              <li key={kind} className="grid items-center gap-x-6 gap-y-1 py-2 sm:grid-cols-[1fr_auto]">
                <p className="text-[15px]">
                  <strong>{DEVICE_WORDS[kind]}</strong>{' '}
                  {state.kind === 'silent'
                    ? state.why
                    : `${reportText(kind, state.report, units)}${state.trust === 'fine' ? '' : `, ${state.trust}: not used`}`}
                </p>
                {faults && (
                  <Choice
                    label={`${DEVICE_WORDS[kind]} as a stand-in`}
                    hideLabel
                    value={faults[kind] ?? 'none'}
                    options={FAULTS}
                    onChange={(value) =>
                      order({ kind: 'settings', settings: { faults: { [kind]: value === 'none' ? null : value } } })
                    }
                  />
                )}
              </li>
            );
          })}
        </ul>
      )}
    </section>
  );
}
