'use client';

import { useEffect, useLayoutEffect, useRef } from 'react';
import { withChosenOpenings } from '@/editing/edit-cook';
import type { PlanFile } from '@/schemas/plan-file';
import { useStudy } from '@/ui/study/study-context';

/** Rest after which the openings are chosen anew, ms. */
const REST = 250;

/** Keeps the openings of a plan that leaves them to Drubek where they suit it, whenever the plan has come to rest. */
export function FollowOpenings({
  document,
  question,
  settled,
  follow,
  onAnswered,
}: {
  document: PlanFile;
  /** @see openingsQuestion */
  question: string;
  settled: boolean;
  follow: (from: PlanFile, to: PlanFile) => void;
  onAnswered: (question: string) => void;
}) {
  const study = useStudy();
  const isFollowing = document.cook.openings === 'chosen' && settled;
  /* a plan that is renamed while the answer is under way is still the plan that was asked about */
  const newest = useRef(document);
  useLayoutEffect(() => void (newest.current = document), [document]);
  useEffect(() => {
    if (!study || !isFollowing) return;
    let callOff = () => {};
    const timer = setTimeout(() => {
      callOff = study.openings(newest.current, (chosen) => {
        follow(newest.current, withChosenOpenings(newest.current, chosen));
        onAnswered(question);
      });
    }, REST);
    return () => {
      clearTimeout(timer);
      callOff();
    };
  }, [study, isFollowing, question, follow, onAnswered]);
  return null;
}
