'use client';

import { useCallback, useEffect, useLayoutEffect, useRef, useState } from 'react';
import { isMixing } from '@/core/plan/plan';
import type { PlanFile } from '@/schemas/plan-file';

/** Longest that anything waits for openings, ms; a batch begins with those that are there. Source: chosen. */
const LONGEST = 10_000;

/** What is asked about the openings of a plan, as one word to compare: they themselves, the rest and the name change nothing about which would suit. */
export function openingsQuestion(document: PlanFile): string {
  return JSON.stringify({
    ...document,
    name: '',
    after: [],
    cook: { ...document.cook, events: document.cook.events.filter((event) => !isMixing(event.action)) },
    mixing: document.cook.events.map((event) => event.action).find(isMixing),
  });
}

/**
 * Whether the openings that Drubek chooses have still to follow the plan: its moment to pull is then not the last word. The plan that
 * a page begins with has them.
 * @param reading whether another plan may yet take the place of this one
 */
export function useFollowing(document: PlanFile, reading: boolean) {
  const question = openingsQuestion(document);
  const [answered, setAnswered] = useState(question);
  const pending = reading || (document.cook.openings === 'chosen' && answered !== question);
  const waiting = useRef<(() => void)[]>([]);
  const isPending = useRef(pending);
  useLayoutEffect(() => void (isPending.current = pending), [pending]);
  useEffect(() => {
    if (!pending) waiting.current.splice(0).forEach((goOn) => goOn());
  }, [pending]);
  /** Resolves once they have followed, or after the longest wait. */
  const whenFollowed = useCallback(async (): Promise<void> => {
    if (!isPending.current) return;
    await new Promise<void>((resolve) => {
      waiting.current.push(resolve);
      setTimeout(resolve, LONGEST);
    });
  }, []);
  return { pending, question, setAnswered, whenFollowed };
}
