'use client';

import { useCallback, useEffect, useRef } from 'react';
import type { Observation } from '@/core/coach/observation';
import type { BatchEventKind, RecordEvent, RecordEventAt, Told } from '@/core/run/batch-event';
import type { RunState } from '@/core/run/run-state';
import { REAL_TIME, shownAt } from '@/core/run/shown-clock';
import { browningOfColour, type ColourRamp } from '@/core/food/colour-ramp';
import { preparedPlan } from '@/editing/as-cooked';
import type { BasketCommand } from '@/schemas/device-message';
import type { PlanFile } from '@/schemas/plan-file';
import type { Devices } from '@/ui/devices/use-devices';
import { notifyError } from '@/ui/notify';
import { currentLoad } from '@/schemas/load-order';
import { writePlanFile } from '@/schemas/write-plan';

/** Between two readings that the run learns from, s. More would be the same noise again, and count for more than it knows. */
const LEARN_EVERY = 240;

/** Pieces that were just loaded tell nothing yet, s. */
const NOT_BEFORE = 90;

/** A scale that shows less than this share of what was put in has not got the pieces on it. Source: assumed; food keeps its solids, a tenth at least. */
const LEAST_LEFT = 0.05;

/** How long after an opening the air is not taken in, s: it comes back too fast for a forecast to say where it was. Source: simulated; off by 10 K at first, by the noise of a reading at this time. */
const SETTLES = 90;

/** How long after an opening a colour reading still belongs to it, s. */
const BELONGS = 120;

/** What hands do at the drawer, as a stand-in is told. */
const AT_BASKET: Partial<Record<BatchEventKind, Exclude<BasketCommand['action'], 'load' | 'oil'>>> = {
  shaken: 'shake',
  tossed: 'toss',
  flipped: 'flip',
  added: 'add',
  swapped: 'swap',
  'pulled-some': 'pull',
  'drawer-open': 'open',
  done: 'empty',
};

/**
 * Lets devices help a run: their readings become observations, the dial follows the stages, and stand-ins are told what hands
 * did and which clock goes.
 * @param helps whether it does: on the device that leads the run alone, else everything would be told twice
 * @param dial °C the fryer should be at now, or null for off
 */
export function useDeviceHelp(
  devices: Devices,
  helps: boolean,
  run: RunState,
  dial: number | null,
  document: PlanFile,
  ramp: ColourRamp,
  record: RecordEvent,
  recordAt: RecordEventAt,
): RecordEvent {
  const { ask, states, readAt } = devices;

  /* readings become observations, seldom enough that each tells something new */
  useEffect(() => {
    if (!helps || !states || run.phase !== 'cooking') return;
    /* what was read belongs to its own moment: at sixty times the speed a reading is soon a minute old */
    const time = (readAt - run.loadedAt!) / 1000;
    if (time < NOT_BEFORE) return;
    /* what the run has learnt already is read from the run, so that a reload or a second tab does not tell it again */
    const last = (kind: Observation['kind']) => run.observations.findLast((one) => one.kind === kind)?.time ?? 0;
    const due = (kind: Observation['kind']) => time - last(kind) >= LEARN_EVERY;
    const { fryer, scale, colour } = states;
    const isLoaded = (grams: number) => grams > LEAST_LEFT * document.mass_g * currentLoad(document).share;
    const openedBefore = run.openings.filter((opening) => opening.time <= time);
    const isSettled = time - (openedBefore.at(-1)?.time ?? -Infinity) >= SETTLES;
    if (due('air') && isSettled && fryer.kind === 'read' && fryer.trust === 'fine' && fryer.report.drawer === 'in') {
      recordAt(readAt, 'air-read', { celsius: fryer.report.air_c, device: true });
    }
    if (due('weight') && scale.kind === 'read' && scale.trust === 'fine' && isLoaded(scale.report.grams)) {
      recordAt(readAt, 'weighed', { grams: scale.report.grams, device: true });
    }
    const opened = openedBefore.findLast(({ action }) => action !== 'pull')?.time;
    if (opened === undefined || opened <= last('swatch') || time - opened > BELONGS) return;
    if (colour.kind === 'read' && colour.trust === 'fine') {
      recordAt(readAt, 'looked', { browning: browningOfColour(ramp, colour.report.lab), device: true });
    }
  }, [helps, states, readAt, run, document, ramp, recordAt]);

  /* the dial follows the stages */
  const turned = useRef<number | null | undefined>(undefined);
  useEffect(() => {
    if (!helps || turned.current === dial || (dial === null && turned.current === undefined)) return;
    turned.current = dial;
    void ask({ kind: 'dial', command: { dial_c: dial } }).then((sent) => {
      if (sent.kind !== 'done') notifyError('The fryer did not take its dial; turn it by hand.');
    });
  }, [helps, dial, ask]);

  /* stand-ins follow the run's clock */
  const { clock } = run;
  useEffect(() => {
    if (!helps || clock === REAL_TIME) return;
    void ask({ kind: 'settings', settings: { clock: { ...clock, shown: Math.round(clock.shown) } } });
  }, [helps, clock, ask]);

  return useCallback(
    <Kind extends BatchEventKind>(kind: Kind, ...told: Told<Kind>) => {
      const colour = states?.colour;
      if (helps && kind === 'done' && colour?.kind === 'read' && colour.trust === 'fine') {
        recordAt(readAt, 'looked', { browning: browningOfColour(ramp, colour.report.lab), device: true });
      }
      record(kind, ...told);
      if (!helps) return;
      if (kind === 'loaded') {
        const now = Date.now();
        const own = { real: now, shown: Math.round(shownAt(clock, now)), speed: clock.speed };
        void ask({ kind: 'settings', settings: { clock: own } }).then(() =>
          ask({
            kind: 'basket',
            command: { action: 'load', plan: writePlanFile(preparedPlan(document, run)), at: own.shown },
          }),
        );
      } else if (kind === 'oiled') {
        const planned = document.cook.events.find((event) => event.action === 'oil')?.mass_g ?? 0;
        const mass_g = planned * currentLoad(document).share;
        void ask({ kind: 'basket', command: { action: 'oil', mass_g } });
      }
      const action = AT_BASKET[kind];
      if (action) void ask({ kind: 'basket', command: { action } });
    },
    [record, recordAt, helps, states, readAt, ask, run, clock, document, ramp],
  );
}
