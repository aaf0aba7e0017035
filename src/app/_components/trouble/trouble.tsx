'use client';

import clsx from 'clsx';
import { Tabs } from 'radix-ui';
import { useMemo, useState } from 'react';
import type { ColourRamp } from '@/core/food/colour-ramp';
import { type Cause } from '@/core/trouble/cause';
import type { Complaint, Diagnosis, SuspectedCause } from '@/core/trouble/diagnose';
import { answered, bestQuestion } from '@/core/trouble/question';
import type { Features } from '@/core/trouble/symptom';
import type { PlanFile } from '@/schemas/plan-file';
import { Button } from '@/ui/controls/button';
import { tabStop } from '@/ui/controls/tab-stop';
import { useUnits } from '@/ui/units-context';
import { percentText, wholeMinutes } from '@/ui/words/format';
import { CAUSE_MENDS, CAUSE_QUESTIONS, CAUSE_WORDS, strengthText, SYMPTOM_WORDS } from '@/ui/words/trouble-text';
import type { TriedMend } from '@/workers/study/protocol';
import { ColourStrip } from './colour-strip';
import { useDiagnosis } from './use-diagnosis';

/** Causes that stand beside each other; the others are hardly worth a look. Source: chosen. */
const SHOWN = 4;

/** A cause less likely than this is not shown. Source: chosen. */
const LEAST = 0.02;

type Answers = readonly { readonly about: Cause; readonly yes: boolean | null }[];

/** What most likely spoilt a batch: each cause tried on this very plan, the question that tells them apart, and the mend with what it gives. */
export function Trouble({
  document,
  complaint,
  ramp,
  cameOut,
  onMend,
}: {
  /** as it was cooked, or is to be */
  document: PlanFile;
  complaint: Complaint;
  ramp: ColourRamp;
  /** browning of the pieces as they came out, palest first; empty where it was not told */
  cameOut: readonly number[];
  /** takes up a mended plan */
  onMend: (mended: PlanFile, cause: Cause) => void;
}) {
  const tried = useDiagnosis(document, complaint);
  const [answers, setAnswers] = useState<Answers>([]);
  const [open, setOpen] = useState<Cause | null>(null);
  const diagnosis = useMemo(
    () =>
      tried &&
      answers.reduce<Diagnosis>(
        (sofar, { about, yes }) => (yes === null ? sofar : answered(sofar, about, yes)),
        tried.diagnosis,
      ),
    [tried, answers],
  );
  if (!tried || !diagnosis) {
    return <p className="py-4 text-iron-soft">Trying what may have done it on this very plan …</p>;
  }
  const shown = diagnosis.causes.slice(0, SHOWN).filter(({ probability }) => probability >= LEAST);
  const chosen = shown.find(({ cause }) => cause === open) ?? shown[0];
  if (!chosen) return <p className="py-4">None of the causes that can be computed explains it.</p>;
  const question = bestQuestion(
    diagnosis,
    answers.map(({ about }) => about),
  );
  const rest = 1 - shown.reduce((sum, { probability }) => sum + probability, 0);
  const answer = (yes: boolean | null) => question && setAnswers([...answers, { about: question, yes }]);
  return (
    <Tabs.Root value={chosen.cause} onValueChange={(value) => setOpen(value as Cause)}>
      <Tabs.List
        aria-label="Likely causes"
        className="relative z-[1] grid grid-cols-1 gap-x-1 max-sm:mb-2 sm:-mb-0.5 sm:grid-cols-[repeat(auto-fit,minmax(150px,1fr))] sm:px-5"
      >
        {shown.map((suspect) => (
          <Tabs.Trigger
            key={suspect.cause}
            value={suspect.cause}
            tabIndex={tabStop(suspect === chosen)}
            className={clsx(
              'relative flex min-h-14 flex-col justify-start rounded-tray border-2 px-4 pt-2 pb-3 text-left sm:rounded-b-none sm:border-b-0',
              suspect === chosen ? 'border-rim bg-enamel sm:rising' : 'border-transparent hover:bg-enamel/60',
            )}
          >
            <CauseHead suspect={suspect} isOpen={suspect === chosen} ramp={ramp} cameOut={cameOut} />
          </Tabs.Trigger>
        ))}
        <p className="px-4 pt-2 pb-3">
          <span className="font-display text-[24px] font-bold text-iron-soft">{percentText(Math.max(0, rest))}</span>{' '}
          <span className="text-[14px] text-iron-soft">another cause, or none of these</span>
        </p>
      </Tabs.List>
      <Tabs.Content
        value={chosen.cause}
        className="grid gap-x-8 gap-y-6 tray p-5 md:grid-cols-2 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)_minmax(0,1fr)]"
      >
        <Why chosen={chosen} complaint={complaint} />
        <section aria-labelledby="question">
          <h3 id="question" className="text-[18px]">
            {question ? 'The one question that tells them apart' : 'Nothing more to ask'}
          </h3>
          {question ? (
            <>
              <p className="mt-2 text-[17px]">{CAUSE_QUESTIONS[question]}</p>
              <div className="mt-3 space-y-2">
                {([true, false, null] as const).map((yes) => (
                  <div key={String(yes)} className="flex items-center gap-3">
                    <Button className="min-w-36" onClick={() => answer(yes)}>
                      {yes === null ? 'I did not look' : yes ? 'Yes' : 'No'}
                    </Button>
                    <span className="text-[14px]">{movedText(diagnosis, question, yes)}</span>
                  </div>
                ))}
              </div>
            </>
          ) : (
            <p className="mt-2 text-[15px] text-iron-soft">No other answer would move this much.</p>
          )}
          {answers.length > 0 && (
            <Button look="quiet" className="mt-1 px-0" onClick={() => setAnswers(answers.slice(0, -1))}>
              Take back the last answer
            </Button>
          )}
        </section>
        <MendPart chosen={chosen} mends={tried.mends} onMend={onMend} />
      </Tabs.Content>
    </Tabs.Root>
  );
}

function CauseHead({
  suspect,
  isOpen,
  ramp,
  cameOut,
}: {
  suspect: SuspectedCause;
  isOpen: boolean;
  ramp: ColourRamp;
  cameOut: readonly number[];
}) {
  const units = useUnits();
  return (
    <>
      <span className="flex items-baseline gap-2">
        <span className={clsx('font-display text-[24px] font-bold', isOpen ? 'text-iron' : 'text-rim')}>
          {percentText(suspect.probability)}
        </span>
        <span className={clsx('text-[15px] leading-tight font-semibold', isOpen ? 'text-iron' : 'text-rim')}>
          {CAUSE_WORDS[suspect.cause]}
        </span>
      </span>
      <span className="mb-1.5 block text-[13px] text-iron-soft">
        {strengthText(suspect.cause, suspect.strength, units)}
      </span>
      <span className="mt-auto block space-y-0.5">
        <ColourStrip
          colours={suspect.features.colours}
          ramp={ramp}
          label="What it would have given, palest to darkest"
        />
        {cameOut.length > 0 && <ColourStrip colours={cameOut} ramp={ramp} label="What came out, palest to darkest" />}
      </span>
    </>
  );
}

/** "pale, tender, uneven", of a batch with these features. */
function featuresText({ shade, crispness, spread, tenderness }: Features): string {
  const colour = shade < 0.6 ? 'pale' : shade > 1.8 ? 'too dark' : 'the wished colour';
  const bite = crispness < 0.5 ? 'soft' : crispness < 1 ? 'not quite crisp' : crispness > 3.2 ? 'hard' : 'crisp';
  const even = spread < 1.7 ? 'all alike' : spread < 2.6 ? 'some differ' : 'uneven';
  return [colour, bite, even, ...(tenderness < 0.5 ? ['raw inside'] : [])].join(', ');
}

function Why({ chosen, complaint }: { chosen: SuspectedCause; complaint: Complaint }) {
  const units = useUnits();
  const { cause, strength, features, pulledAt } = chosen;
  return (
    <section aria-labelledby="why">
      <h3 id="why" className="text-[18px]">
        Why
      </h3>
      <p className="mt-2 text-[15px]">
        {CAUSE_WORDS[cause]} ({strengthText(cause, strength, units)}), and pulled after {wholeMinutes(pulledAt)} min,
        this plan would have given pieces that are <strong>{featuresText(features)}</strong>.
      </p>
      <p className="mt-2 text-[15px] text-iron-soft">
        You said: {complaint.symptoms.map((symptom) => SYMPTOM_WORDS[symptom].toLowerCase()).join(', ')}.
      </p>
    </section>
  );
}

/** "fryer runs cool 40 → 76 %", of an answer. */
function movedText(diagnosis: Diagnosis, about: Cause, yes: boolean | null): string {
  if (yes === null) return 'nothing moves';
  const after = answered(diagnosis, about, yes);
  const cause = yes ? about : after.causes[0]!.cause;
  const share = (of: Diagnosis) => percentText(of.causes.find((one) => one.cause === cause)!.probability);
  return `${CAUSE_WORDS[cause].toLowerCase()} ${share(diagnosis)} → ${share(after)}`;
}

function MendPart({
  chosen: { cause },
  mends,
  onMend,
}: {
  chosen: SuspectedCause;
  mends: readonly TriedMend[];
  onMend: (mended: PlanFile, cause: Cause) => void;
}) {
  const mend = mends.find((one) => one.cause === cause);
  return (
    <section aria-labelledby="mend">
      <h3 id="mend" className="text-[18px]">
        The mend <span className="font-text text-[14px] font-normal">{CAUSE_MENDS[cause]}</span>
      </h3>
      {mend ? (
        <>
          <p className="mt-2 text-[15px]">
            {mend.pullTime === null ? (
              'It would still not be done within its stages.'
            ) : (
              <>
                Pull after about{' '}
                <span className="font-display text-[28px] font-bold">{wholeMinutes(mend.pullTime)} min</span>
              </>
            )}
          </p>
          <p className="text-[15px]">
            <strong>{percentText(mend.right)} right</strong> together when pulled, were it this.
          </p>
          <Button look="main" className="mt-3 w-full" onClick={() => onMend(mend.document, cause)}>
            Plan it again, corrected
          </Button>
        </>
      ) : (
        <p className="mt-2 text-[15px] text-iron-soft">Answer the question first; it is too unlikely to be tried.</p>
      )}
    </section>
  );
}
