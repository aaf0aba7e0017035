import { HANDS, type StepKind, type Use } from '@/core/evening/evening-problem';
import { newEvening, withDish } from '@/editing/edit-evening';
import { OWN_DISHES, ownDishFor } from '@/editing/own-dishes';
import type { EveningFile } from '@/schemas/evening-file';
import { FIRST_PLAN } from '@/schemas/first-plan';
import type { DishAtTable, EveningView, PlacedStep, ShownSchedule } from '@/workers/evening/protocol';

export const FRYER = {
  id: '3f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c11',
  name: 'Large drawer',
  powerW: 1500,
  basketCm2: 500,
  basketHeightMm: 90,
  thermostatOffsetC: 0,
};
export const SERVE = new Date(2026, 10, 28, 19, 0).getTime();
export const evening: EveningFile = {
  ...withDish(
    withDish(newEvening('Friday', new Date(SERVE), [FRYER.id]), {
      kind: 'plan',
      id: 'potato',
      plan: { ...FIRST_PLAN, name: 'Potato: sticks', portions: 4 },
    }),
    ownDishFor(OWN_DISHES[0]!, 'dip', 4, 4),
  ),
  cooks: ['Ada', 'B'],
};

/** A step where it was put; its dish stands before the colon. */
export const step = (id: string, kind: StepKind, begin: number, length: number, uses: Use[]): PlacedStep => ({
  id,
  dish: id.split(':')[0]!,
  kind,
  begin,
  length,
  uses,
});
export const hands = (from: number, length: number, deed?: Use['deed']): Use => ({
  resource: HANDS,
  from,
  length,
  ...(deed ? { deed } : {}),
});
export const table = (kept: number, heart = 335): DishAtTable => ({
  dish: 'potato',
  way: `fryer:${FRYER.id} rack`,
  kept,
  heart,
  since: 120,
  fryer: 0,
});
export const SHOWN: ShownSchedule = {
  loss: 12,
  serveAt: SERVE,
  steps: [
    step('potato:board', 'board', 2400, 300, [hands(0, 300)]),
    step('dip:own-1', 'own', 2100, 480, [hands(0, 480)]),
    step('potato:load-1', 'load', 1500, 1200, [
      hands(0, 60, 'fill'),
      hands(600, 30, 'shake'),
      hands(1170, 30, 'empty'),
    ]),
    step('evening:serve', 'serve', 60, 60, [{ resource: HANDS, from: 0, length: 60, amount: 2 }]),
  ],
  work: [
    { step: 'potato:board', from: 2400, to: 2100, cook: 0 },
    { step: 'dip:own-1', from: 2100, to: 1620, cook: 1 },
    { step: 'potato:load-1', from: 1500, to: 1440, cook: 0, deed: 'fill' },
    { step: 'potato:load-1', from: 900, to: 870, cook: 0, deed: 'shake' },
    { step: 'potato:load-1', from: 330, to: 300, cook: 0, deed: 'empty' },
    { step: 'evening:serve', from: 60, to: 0, cook: 0 },
  ],
  table: [table(0.83)],
  warmUps: [{ resource: `fryer:${FRYER.id}`, begin: 1740, until: 1500, step: 'potato:load-1', temperature: 468.15 }],
  orders: [{ fryer: `fryer:${FRYER.id}`, steps: ['potato:load-1'] }],
};
export const VIEW: EveningView = {
  best: SHOWN,
  runnerUp: {
    ...SHOWN,
    loss: 20,
    table: [table(0.71)],
    orders: [{ fryer: `fryer:${FRYER.id}`, steps: ['potato:load-1', 'potato:back'] }],
  },
  proved: true,
  bound: 11.9,
  orders: 148,
  waysOut: [],
  lines: [],
  overdue: [],
  pictures: {},
};
