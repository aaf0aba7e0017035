import { flipBed, mixBed, swapRacks } from '../fryer/bed';
import type { RandomSource } from '../numeric/seeded-random';
import { type CookAction, type CookEvent, dialTemperature, type Plan } from '../plan/plan';
import { addNext, type CookRun, oilAgain, pullSome, seasonAgain, stepRun } from './cook-run';
import type { Resolution } from './resolution';

/** Drawer out for each action, s, the share of pieces that change places, and of those that come to lie anew. Source: assumed. */
const ACTIONS: Record<CookAction, { readonly open: number; readonly mixing: number; readonly tumbling: number }> = {
  shake: { open: 16, mixing: 0.8, tumbling: 0.9 },
  toss: { open: 40, mixing: 0.95, tumbling: 1 },
  flip: { open: 60, mixing: 0, tumbling: 0 },
  open: { open: 30, mixing: 0, tumbling: 0 },
  swap: { open: 35, mixing: 0, tumbling: 0 },
  pull: { open: 25, mixing: 0.3, tumbling: 0.5 },
  oil: { open: 30, mixing: 0.5, tumbling: 0.8 },
  season: { open: 25, mixing: 0.5, tumbling: 0.8 },
  add: { open: 30, mixing: 0, tumbling: 0 },
};

/** How long the drawer is out for an action, s. */
export function drawerOutFor(action: CookAction): number {
  return ACTIONS[action].open;
}

/** Moments nearer than this are one, s. Source: numerics. */
const SAME_MOMENT = 1e-6;

/** Does at the drawer what an event says; returns how long the drawer is out, s. */
export function actAtDrawer(
  run: CookRun,
  event: Omit<CookEvent, 'time' | 'part'>,
  racks: number,
  random: RandomSource,
): number {
  const { open, mixing, tumbling } = ACTIONS[event.action];
  if (mixing > 0) mixBed(run.bed, mixing, tumbling, random);
  if (event.action === 'flip') flipBed(run.bed);
  if (event.action === 'swap') swapRacks(run.bed, racks);
  if (event.action === 'pull') pullSome(run, event.pulled ?? 'right');
  if (event.action === 'oil') oilAgain(run, event.oilMass ?? 0);
  if (event.action === 'season') seasonAgain(run, event.seasoning ?? 0);
  if (event.action === 'add') addNext(run);
  return open;
}

/** Where a cook stands: s since the start, and until when the drawer is out. What is due at that very moment is still to be done. */
export interface ClockPlace {
  readonly time: number;
  readonly openUntil: number;
}

/** A cook that goes on by itself: steps of the resolution, ended exactly where the drawer moves and where the dial turns. @param from where it stands already */
export function createCook(
  plan: Pick<Plan, 'fryer' | 'stages' | 'events'>,
  run: CookRun,
  random: RandomSource,
  resolution: Pick<Resolution, 'step'>,
  from: ClockPlace = { time: 0, openUntil: 0 },
) {
  const events = [...plan.events].sort((a, b) => a.time - b.time);
  const turns: number[] = [];
  plan.stages.reduce((end, stage) => (turns.push(end + stage.duration), end + stage.duration), 0);
  let { time, openUntil } = from;
  let event = events.filter((one) => one.time < time - SAME_MOMENT).length;
  return {
    place: (): ClockPlace => ({ time, openUntil }),
    goOn(until: number): void {
      while (time < until - SAME_MOMENT) {
        while (event < events.length && events[event]!.time <= time + SAME_MOMENT) {
          openUntil = Math.max(openUntil, time + actAtDrawer(run, events[event]!, plan.fryer.racks, random));
          event++;
        }
        const open = openUntil > time + SAME_MOMENT;
        let end = Math.min(until, time + resolution.step);
        if (open) end = Math.min(end, openUntil);
        if (event < events.length) end = Math.min(end, events[event]!.time);
        for (const turn of turns) if (turn > time + SAME_MOMENT && turn < end) end = turn;
        stepRun(run, plan, dialTemperature(plan.stages, time), open, end - time);
        time = end;
      }
    },
  };
}
