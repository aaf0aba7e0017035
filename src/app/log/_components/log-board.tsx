'use client';

import clsx from 'clsx';
import Link from 'next/link';
import { type ReactNode, useState } from 'react';
import type { Belief } from '@/core/learn/beliefs';
import type { Finding } from '@/core/learn/findings';
import type { Batch } from '@/schemas/batch';
import { BeliefBar } from '@/ui/charts/belief-bar';
import { Button } from '@/ui/controls/button';
import { useUnits } from '@/ui/units-context';
import { evidenceText, findingText, labelOf } from '@/ui/words/finding-text';
import { LogOnPaper } from './log-on-paper';
import { LogRows } from './log-rows';

/** Findings that stand beside each other. Source: chosen. */
const SHOWN = 3;

/** Batches that can be laid side by side; another takes the place of the oldest ticked. */
const MOST_TICKED = 3;

/** What the kitchen has found out above its batches: an open finding marks those it is from; ticked batches can be laid side by side. */
export function LogBoard({
  batches,
  findings,
  says,
  byDish,
  children,
}: {
  batches: readonly Batch[];
  findings: readonly Finding[];
  says: Readonly<Record<string, Belief>>;
  byDish: boolean;
  /** search and filters, between findings and batches */
  children: ReactNode;
}) {
  const units = useUnits();
  const shown = findings.slice(0, SHOWN);
  const [open, setOpen] = useState(0);
  const [ticked, setTicked] = useState<readonly string[]>([]);
  const tick = (id: string) =>
    setTicked(ticked.includes(id) ? ticked.filter((one) => one !== id) : [...ticked, id].slice(-MOST_TICKED));
  const opened = shown[open];
  const chosen = batches.filter(({ id }) => ticked.includes(id));
  return (
    <>
      {shown.length > 0 && (
        <section aria-labelledby="found-out" className="print:mb-4">
          <div className="flex flex-wrap items-center justify-between gap-x-6 px-5">
            <h2 id="found-out" className="text-[24px]">
              What this kitchen has found out
            </h2>
            <p className="flex gap-x-5 text-[13px] text-iron-soft" aria-hidden>
              <span className="flex items-center gap-2">
                <span className="inline-block h-3 w-7 border border-iron-soft hatched" /> before the batches
              </span>
              <span className="flex items-center gap-2">
                <span className="inline-block h-3 w-7 rounded-[2px] bg-iron" /> now
              </span>
            </p>
          </div>
          <ul
            className="relative z-[1] mt-2 flex gap-2 overflow-x-auto max-sm:mb-2 sm:-mb-0.5 sm:grid sm:grid-cols-3 sm:gap-x-1 sm:overflow-visible sm:px-5"
            tabIndex={0}
            aria-label="Findings"
          >
            {shown.map((finding, i) => (
              <li
                key={findingText(finding, units)}
                className={clsx(
                  'relative shrink-0 rounded-tray border-2 px-4 py-2 max-sm:w-[300px] sm:rounded-b-none sm:border-b-0',
                  i === open ? 'border-rim bg-enamel sm:rising' : 'border-transparent',
                )}
              >
                <button
                  type="button"
                  aria-pressed={i === open}
                  onClick={() => setOpen(i)}
                  className={clsx(
                    'min-h-11 text-left font-display text-[17px] leading-snug font-semibold',
                    i === open ? 'text-iron' : 'text-rim',
                  )}
                >
                  <WithoutBreak text={findingText(finding, units)} />
                </button>
                <BeliefBar before={finding.before} now={finding.now} label={labelOf(finding)} />
                <p className="mt-1 text-[13px] text-iron-soft">
                  {evidenceText(finding)}
                  {i === open && <span className="print:hidden">; marked with a dot below</span>}
                </p>
              </li>
            ))}
          </ul>
        </section>
      )}
      <div className="overflow-hidden tray print:border-0">
        <div className="print:hidden">
          {children}
          <LogRows
            batches={batches}
            says={says}
            marked={opened ? new Set(opened.from) : undefined}
            ticked={ticked}
            onTick={tick}
            byDish={byDish}
          />
        </div>
        <LogOnPaper batches={batches} />
        {chosen.length > 0 && (
          <div className="no-print sticky bottom-0 flex flex-wrap items-center gap-x-5 gap-y-2 border-t-2 border-rim bg-enamel px-5 py-2">
            <p className="grow text-[15px] font-semibold">
              {chosen.map(({ document }) => document.name).join(' and ')}
            </p>
            <Button look="quiet" onClick={() => setTicked([])}>
              Untick {chosen.length === 1 ? 'it' : 'them'}
            </Button>
            {chosen.length > 1 ? (
              <Link
                href={`/log/compare?${chosen.map(({ id }) => `batch=${id}`).join('&')}`}
                className="flex min-h-11 items-center rounded-part bg-rim px-5 text-[15px] font-semibold text-on-rim"
              >
                Lay side by side
              </Link>
            ) : (
              <span className="text-[15px] text-iron-soft">Tick another to lay them side by side</span>
            )}
          </div>
        )}
      </div>
    </>
  );
}

/** A sentence whose last parenthesis stays on one line. */
function WithoutBreak({ text }: { text: string }) {
  const at = text.lastIndexOf('(');
  return (
    <>
      {text.slice(0, at)}
      <span className="whitespace-nowrap">{text.slice(at)}</span>
    </>
  );
}
