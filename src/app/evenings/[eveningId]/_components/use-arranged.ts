'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import { withFryer } from '@/editing/edit-plan';
import { withKnowledge } from '@/editing/with-knowledge';
import type { Knowledge } from '@/core/learn/knowledge';
import type { Paces } from '@/editing/evening-problem';
import type { EveningEvent } from '@/schemas/evening-event';
import type { EveningFile } from '@/schemas/evening-file';
import type { KitchenFryer } from '@/schemas/kitchen';
import type { PlanFile } from '@/schemas/plan-file';
import { createEveningPlanner, type EveningPlanner } from '@/workers/evening/client';
import type { EveningView } from '@/workers/evening/protocol';

/** Rest after a change before it is put in order, ms. */
const REST = 150;

/** Rest before an evening that could not be put in order is tried again, ms. Source: chosen, as that of the other workers. */
const AGAIN = 10_000;

/** Work that takes no longer than this is not worth a line that moves all below it, ms. */
const WORTH_SAYING = 600;

/** How far putting in order has come. */
export interface Arranged {
  readonly view: EveningView | null;
  /** whether the view is about the evening as it stands */
  readonly isCurrent: boolean;
  /** dishes forecast and how many there are, while it works */
  readonly working: { readonly done: number; readonly of: number } | null;
  readonly failed: boolean;
}

/** Each plan in each fryer of the evening, with what the kitchen knows of it, by the dish. */
export function plansIn(
  evening: EveningFile,
  fryers: readonly KitchenFryer[],
  knowledge: Knowledge,
  day: Date,
): Record<string, PlanFile[]> {
  return Object.fromEntries(
    evening.dishes.flatMap((dish) => {
      if (dish.kind === 'own') return [];
      const each = evening.fryers.map(({ fryer_id, drawers }) => {
        const fryer = fryers.find(({ id }) => id === fryer_id) ?? fryers[0]!;
        const own = withFryer(dish.plan, fryer);
        const inDrawer = drawers === 2 ? { ...own, fryer: { ...own.fryer, drawers } } : own;
        return withKnowledge(inDrawer, fryer.name, knowledge, day);
      });
      return [[dish.id, each] as const];
    }),
  );
}

/** The evening put in order in a worker, anew whenever it changes, something is told, or `tick` says that the clock has changed it. @param clock what time it is at a real moment, ms since 1970 */
export function useArranged(
  evening: EveningFile,
  plans: Record<string, PlanFile[]>,
  paces: Paces,
  told: readonly EveningEvent[],
  tick: number,
  clock: (real: number) => number,
): Arranged {
  const [planner, setPlanner] = useState<EveningPlanner | null>(null);
  const [state, setState] = useState<Omit<Arranged, 'isCurrent'> & { readonly question: string }>({
    view: null,
    question: '',
    working: null,
    failed: false,
  });
  const newest = useRef({ evening, plans, paces, told, clock });
  useEffect(() => void (newest.current = { evening, plans, paces, told, clock }));
  useEffect(() => {
    const started = createEveningPlanner();
    /* a worker is an outside system that begins with the page */
    // eslint-disable-next-line react-hooks/set-state-in-effect
    setPlanner(started);
    return () => started.end();
  }, []);
  /* names and notes change nothing about the order */
  const question = useMemo(
    () => JSON.stringify([{ ...evening, name: '' }, plans, told.map(({ id }) => id)]),
    [evening, plans, told],
  );
  useEffect(() => {
    if (!planner) return;
    let wanted = true;
    /* how far it has come goes another way than the answer and may arrive after it */
    let isAnswered = false;
    let progress: Arranged['working'] = null;
    let isLong = false;
    const show = () => {
      if (wanted && !isAnswered && isLong && progress) setState((before) => ({ ...before, working: progress }));
    };
    const patience = setTimeout(() => {
      isLong = true;
      show();
    }, REST + WORTH_SAYING);
    const arrange = () => {
      isAnswered = false;
      const { clock: now, ...asked } = newest.current;
      planner
        .arrange({ ...asked, now: now(Date.now()) }, (done, of) => {
          progress = { done, of };
          show();
        })
        .then((view) => {
          isAnswered = true;
          if (wanted && view) setState({ view, question, working: null, failed: false });
        })
        .catch(() => {
          isAnswered = true;
          if (!wanted) return;
          setState((before) => ({ ...before, working: null, failed: true }));
          timer = setTimeout(arrange, AGAIN);
        });
    };
    let timer = setTimeout(arrange, REST);
    return () => {
      wanted = false;
      clearTimeout(timer);
      clearTimeout(patience);
    };
  }, [planner, question, tick]);
  const { question: answered, ...arranged } = state;
  return { ...arranged, isCurrent: answered === question };
}
