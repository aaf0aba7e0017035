'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { judgeReadings, type TimedNumber, type Trust, WATCHED } from '../../core/run/reading-watch';
import {
  DEVICE_KINDS,
  type DeviceFault,
  type DeviceKind,
  type DeviceReadings,
  type DeviceReports,
  type DeviceRequestBody,
} from '../../schemas/device-message';
import { send, type Sent } from '../send';

/** Where a device stands: its report and whether it can be used, or why there is none. */
export type DeviceState<Kind extends DeviceKind> =
  | { readonly kind: 'read'; readonly report: DeviceReports[Kind]; readonly trust: Trust }
  | { readonly kind: 'silent'; readonly why: string };

/** The kitchen's devices as a page knows them. */
export interface Devices {
  /** whether any answers; null until asked */
  readonly answer: boolean | null;
  readonly states: { readonly [Kind in DeviceKind]: DeviceState<Kind> } | null;
  /** ms by the shown clock when they were read */
  readonly readAt: number;
  readonly faults: Partial<Record<DeviceKind, DeviceFault>> | null;
  ask(request: DeviceRequestBody): Promise<Sent>;
}

const unasked = { kind: 'silent', why: 'cannot be asked while the server is away' } as const;
const UNASKED = { fryer: unasked, scale: unasked, probe: unasked, colour: unasked };

/** Rest between two readings, ms: while they matter, and just to see whether any answers. */
const OFTEN = 1000;
const SELDOM = 10_000;

/** A number further off the line of its neighbours than this is no slow change: K, g, K, L*. Source: assumed, many times the noise of a good instrument. */
const JUMPS: Record<DeviceKind, number> = { fryer: 8, scale: 10, probe: 5, colour: 6 };

const NUMBER_OF: { [Kind in DeviceKind]: (report: DeviceReports[Kind]) => number } = {
  fryer: (report) => report.air_c,
  scale: (report) => report.grams,
  probe: (report) => report.centre_c,
  colour: (report) => report.lab[0],
};

/**
 * Reads the devices again and again. `shownNow` is the clock that changes are judged by; `moving` whether the numbers should
 * be moving, so that one that stands still is stuck; `often` whether somebody goes by them now.
 */
export function useDevices(shownNow: () => number, moving: boolean, often: boolean): Devices {
  const [latest, setLatest] = useState<Omit<Devices, 'ask'>>({
    answer: null,
    states: null,
    readAt: 0,
    faults: null,
  });
  const past = useRef<Record<DeviceKind, TimedNumber[]>>({ fryer: [], scale: [], probe: [], colour: [] });
  const watch = useRef({ shownNow, moving });
  useEffect(() => {
    watch.current = { shownNow, moving };
  });

  const read = useCallback(async (): Promise<void> => {
    let told: DeviceReadings;
    const asked = watch.current.shownNow();
    try {
      const response = await fetch('/api/devices');
      if (!response.ok) throw new Error(String(response.status));
      told = (await response.json()) as DeviceReadings;
    } catch {
      /* what was read before is not true any more */
      setLatest((before) => (before.states ? { ...before, states: UNASKED } : before));
      return;
    }
    const at = Math.round((asked + watch.current.shownNow()) / 2);
    const stateOf = <Kind extends DeviceKind>(kind: Kind): DeviceState<Kind> => {
      const reading = told.readings[kind];
      if (reading.kind === 'silent') return { kind: 'silent', why: reading.why };
      const history = past.current[kind];
      history.push({ at, value: NUMBER_OF[kind](reading.report) });
      if (history.length > WATCHED) history.shift();
      const trust = judgeReadings(history, JUMPS[kind]);
      return {
        kind: 'read',
        report: reading.report,
        trust: trust === 'stuck' && !watch.current.moving ? 'fine' : trust,
      } as DeviceState<Kind>;
    };
    const states = {
      fryer: stateOf('fryer'),
      scale: stateOf('scale'),
      probe: stateOf('probe'),
      colour: stateOf('colour'),
    };
    const answer = told.faults !== null || DEVICE_KINDS.some((kind) => states[kind].kind === 'read');
    setLatest({ answer, states, readAt: at, faults: told.faults });
  }, []);

  useEffect(() => {
    let ended = false;
    let timer: ReturnType<typeof setTimeout>;
    const again = async () => {
      await read();
      if (!ended) timer = setTimeout(again, often ? OFTEN : SELDOM);
    };
    void again();
    return () => {
      ended = true;
      clearTimeout(timer);
    };
  }, [read, often]);

  const ask = useCallback(
    async (request: DeviceRequestBody) => {
      const sent = await send('POST', '/api/devices', request);
      if (request.kind === 'start' || request.kind === 'settings') await read();
      return sent;
    },
    [read],
  );
  return { ...latest, ask };
}
