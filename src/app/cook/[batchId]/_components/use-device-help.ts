'use client';

import { useCallback, useEffect, useRef } from 'react';
import type { Observation } from '@/core/coach/observation';
import type { BatchEventKind, RecordEvent, Told } from '@/core/run/batch-event';
import type { RunState } from '@/core/run/run-state';
import { REAL_TIME, shownAt } from '@/core/run/shown-clock';
import { browningOfColour, type ColourRamp } from '@/core/food/colour-ramp';
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
  elapsed: number,
  dial: number | null,
  document: PlanFile,
  ramp: ColourRamp,
  record: RecordEvent,
): RecordEvent {
  const { ask, states } = devices;

  /* readings become observations, seldom enough that each tells something new */
  useEffect(() => {
    if (!helps || !states || run.phase !== 'cooking' || elapsed < NOT_BEFORE) return;
    /* what the run has learnt already is read from the run, so that a reload or a second tab does not tell it again */
    const last = (kind: Observation['kind']) => run.observations.findLast((one) => one.kind === kind)?.time ?? 0;
    const due = (kind: Observation['kind']) => elapsed - last(kind) >= LEARN_EVERY;
    const { fryer, scale, colour } = states;
    const isLoaded = (grams: number) => grams > LEAST_LEFT * document.mass_g * currentLoad(document).share;
    if (due('air') && fryer.kind === 'read' && fryer.trust === 'fine' && fryer.report.drawer === 'in') {
      record('air-read', { celsius: fryer.report.air_c, device: true });
    }
    if (due('weight') && scale.kind === 'read' && scale.trust === 'fine' && isLoaded(scale.report.grams)) {
      record('weighed', { grams: scale.report.grams, device: true });
    }
    const opened = run.openings.findLast(({ action }) => action !== 'pull')?.time;
    if (opened === undefined || opened <= last('swatch') || elapsed - opened > BELONGS) return;
    if (colour.kind === 'read' && colour.trust === 'fine') {
      record('looked', { browning: browningOfColour(ramp, colour.report.lab), device: true });
    }
  }, [helps, states, run, elapsed, document, ramp, record]);

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
        record('looked', { browning: browningOfColour(ramp, colour.report.lab), device: true });
      }
      record(kind, ...told);
      if (!helps) return;
      if (kind === 'loaded') {
        const now = Date.now();
        const own = { real: now, shown: Math.round(shownAt(clock, now)), speed: clock.speed };
        void ask({ kind: 'settings', settings: { clock: own } }).then(() =>
          ask({ kind: 'basket', command: { action: 'load', plan: writePlanFile(document) } }),
        );
      } else if (kind === 'oiled') {
        const planned = document.cook.events.find((event) => event.action === 'oil')?.mass_g ?? 0;
        const mass_g = planned * currentLoad(document).share;
        void ask({ kind: 'basket', command: { action: 'oil', mass_g } });
      }
      const action = AT_BASKET[kind];
      if (action) void ask({ kind: 'basket', command: { action } });
    },
    [record, helps, states, ask, clock, document, ramp],
  );
}
