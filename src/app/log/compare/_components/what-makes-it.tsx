'use client';

import { format } from 'date-fns';
import { useEffect, useState } from 'react';
import type { Aspect, Explained } from '@/editing/explain-difference';
import { useStudy } from '@/ui/study/study-context';
import { halfMinutes } from '@/ui/words/format';
import type { Cooked } from './cooked';

const ASPECT_WORDS: Record<Aspect, string> = {
  food: 'the food',
  cut: 'the cut',
  amount: 'the amount',
  preparation: 'the preparation',
  start: 'how warm pieces and fryer began',
  fryer: 'the fryer’s size and power',
  known: 'what was known of fryer, food and taste',
  dial: 'the dial',
  openings: 'the openings',
};

/** Less than this is not said, s. Source: half of what is shown. */
const LEAST = 15;

/** "2½ min later". */
function shiftText(seconds: number): string {
  return `${halfMinutes(Math.abs(seconds))} min ${seconds > 0 ? 'later' : 'sooner'}`;
}

/** What explains that one batch was right later than the other: each thing that differs tried by itself, and what no plan explains. */
export function WhatMakesIt({ one, other }: { one: Cooked; other: Cooked }) {
  const study = useStudy();
  const [explained, setExplained] = useState<Explained | null>(null);
  useEffect(() => study?.explain(one.document, other.document, setExplained), [study, one, other]);
  const forecast = explained && explained.other - explained.one;
  const real = one.pulledAt !== null && other.pulledAt !== null ? other.pulledAt - one.pulledAt : null;
  const alike = one.batch.document.name === other.batch.document.name;
  const nameOf = ({ batch }: Cooked) => (alike ? `the one of ${format(batch.begunAt, 'd MMMM')}` : batch.document.name);
  const names = { one: nameOf(one), other: nameOf(other) };
  const rest = forecast !== null && real !== null ? real - forecast : null;
  return (
    <section aria-label={`What makes ${other.batch.document.name} differ`} className="mt-4 tray p-4 sm:p-6">
      <h2 className="text-[20px]">What explains the difference</h2>
      {!explained && <p className="mt-2 text-iron-soft">Trying each thing by itself …</p>}
      {explained && forecast !== null && (
        <>
          <p className="mt-2 text-[15px]">
            By the plans, {names.other} is right{' '}
            {Math.abs(forecast) < LEAST ? 'as soon as' : <strong>{shiftText(forecast)}</strong>}
            {Math.abs(forecast) < LEAST ? '' : ' than'} {names.one}
            {real !== null && `; it was pulled ${Math.abs(real) < LEAST ? 'as soon' : shiftText(real)}`}.
          </p>
          <ul className="mt-2 space-y-1 text-[15px]">
            {explained.parts
              .filter(({ makes }) => Math.abs(makes) >= LEAST)
              .map(({ aspect, makes }) => (
                <Bar key={aspect} words={ASPECT_WORDS[aspect]} seconds={makes} most={scaleOf(explained, rest)} />
              ))}
            {Math.abs(explained.together) >= LEAST && (
              <Bar words="these only together" seconds={explained.together} most={scaleOf(explained, rest)} />
            )}
            {rest !== null && Math.abs(rest) >= LEAST && (
              <Bar
                words="not explained by the plans: the day, the hand, the fryer"
                seconds={rest}
                most={scaleOf(explained, rest)}
                open
              />
            )}
          </ul>
          {explained.parts.every(({ makes }) => Math.abs(makes) < LEAST) && (
            <p className="mt-1 text-[15px]">Nothing that was planned makes half a minute by itself.</p>
          )}
        </>
      )}
    </section>
  );
}

function scaleOf({ parts, together }: Explained, rest: number | null): number {
  return Math.max(60, Math.abs(together), Math.abs(rest ?? 0), ...parts.map(({ makes }) => Math.abs(makes)));
}

/** One thing with the minutes it makes, to the right where later. */
function Bar({ words, seconds, most, open = false }: { words: string; seconds: number; most: number; open?: boolean }) {
  const share = (50 * Math.abs(seconds)) / most;
  return (
    <li className="grid items-center gap-x-4 sm:grid-cols-[minmax(0,280px)_120px_minmax(0,1fr)]">
      <span>{words}</span>
      <strong>{shiftText(seconds)}</strong>
      <span className="relative block h-4 border-enamel-deep max-sm:hidden" aria-hidden>
        <span
          className={`absolute top-0.5 h-3 rounded-[2px] ${open ? 'border border-iron-soft hatched' : 'bg-iron'}`}
          style={seconds > 0 ? { left: '50%', width: `${share}%` } : { right: '50%', width: `${share}%` }}
        />
        <span className="absolute left-1/2 h-4 w-0.5 bg-iron-soft" />
      </span>
    </li>
  );
}
