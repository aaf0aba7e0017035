'use client';

import { useMemo } from 'react';
import { trialName, useBeginTrial } from '@/app/_components/use-begin-trial';
import { schoolsOf } from '@/editing/schools';
import { CHANGE_OVER } from '@/core/forecast/change-over';
import { worthOfTrial } from '@/core/trial/information';
import { type CookedDish, TASTERS } from '@/schemas/trial';
import { Button } from '@/ui/controls/button';
import { StudyProvider, useOutcomes } from '@/ui/study/study-context';
import { useUnits } from '@/ui/units-context';
import { lengthText, percentText } from '@/ui/words/format';
import { differenceText } from '@/ui/words/trial-text';
import { type Candidate, mostTelling, type Weighed } from './most-telling';

/** Pairs by which trials are weighed. Source: chosen. */
const PAIRS = 2;

/** The trials that would tell this kitchen most for their time. */
export function WorthTrying({ dishes, begun }: { dishes: readonly CookedDish[]; begun: readonly string[] }) {
  if (dishes.length === 0) {
    return (
      <p className="mt-2 text-[15px] text-iron-soft">
        Once a few batches are cooked, the trials that would tell most about them stand here.
      </p>
    );
  }
  return (
    <StudyProvider>
      <Proposals dishes={dishes} begun={begun} />
    </StudyProvider>
  );
}

function Proposals({ dishes, begun }: { dishes: readonly CookedDish[]; begun: readonly string[] }) {
  const units = useUnits();
  const candidates = useMemo(
    () =>
      dishes.flatMap((dish) =>
        schoolsOf(dish.document, (mm) => lengthText(mm, units)).flatMap((question): Candidate[] =>
          begun.includes(trialName({ one: dish.document, asks: question.asks }))
            ? []
            : question.others.map((other) => ({ dish, question, other })),
        ),
      ),
    [dishes, begun, units],
  );
  const plans = useMemo(
    () => [...dishes.map(({ document }) => document), ...candidates.map(({ other }) => other.document)],
    [dishes, candidates],
  );
  const outcomes = useOutcomes(plans);
  const known = outcomes.filter((outcome) => outcome !== undefined).length;
  const weighed = candidates.flatMap((candidate, i): Weighed[] => {
    const [one, other] = [outcomes[dishes.indexOf(candidate.dish)], outcomes[dishes.length + i]];
    if (!one || !other || other.atFryer === null) return [];
    const difference = other.peakShare - one.peakShare;
    const worth = worthOfTrial(difference, PAIRS * TASTERS.length, candidate.question.doubt);
    const costs = (PAIRS * (other.atFryer + CHANGE_OVER + Math.max(0, other.preparation - one.preparation))) / 60;
    return [{ ...candidate, ...worth, difference, costs }];
  });
  const proposed = mostTelling(weighed);
  return (
    <>
      <p className="mt-1 text-[14px] text-iron-soft" role="status">
        {known < plans.length
          ? `${known} of ${plans.length} ways tried on the model …`
          : `${plans.length} ways of what you cook tried on the model; these would tell most for their time, in ${PAIRS} pairs.`}
      </p>
      {known === plans.length && (
        <ul className="mt-3 grid gap-4 md:grid-cols-3">
          {proposed.map((one) => (
            <Proposal key={`${one.dish.document.name} ${one.question.asks} ${one.other.word}`} proposal={one} />
          ))}
        </ul>
      )}
      {known === plans.length && proposed.length === 0 && (
        <p className="mt-2 text-[15px]">Every question about these dishes has been put already.</p>
      )}
    </>
  );
}

function Proposal({ proposal }: { proposal: Weighed }) {
  const { dish, question, other, difference, settles, information, costs } = proposal;
  const { begin, busy } = useBeginTrial(dish.fryerId);
  return (
    <li className="flex flex-col rounded-part border-2 border-enamel-deep p-4">
      <h3 className="text-[19px]">
        {dish.document.name}: {question.asks.charAt(0).toLowerCase() + question.asks.slice(1)}
      </h3>
      <p className="mt-1 text-[15px]">
        <strong>{question.planned.word}</strong>, as yours are, against <strong>{other.word}</strong>.
      </p>
      <p className="mt-2 text-[15px]">
        {dish.times === dish.total
          ? 'You cook nothing else.'
          : `${dish.times} of your last ${dish.total} batches were like this.`}{' '}
        The model expects {differenceText(difference, question.planned.word, other.word)}, which it cannot be sure of:
        two pairs settle it {Math.round(10 * settles)} times in 10.
      </p>
      <p className="mt-2 mb-3 text-[14px] text-iron-soft">
        Tells {percentText(information)} of all there is to know · about {Math.round(costs / 5) * 5} min more work and
        cooking in all
      </p>
      <Button
        className="mt-auto"
        disabled={busy}
        onClick={() =>
          begin({
            one: question.planned.document,
            other: other.document,
            wordOne: question.planned.word,
            wordOther: other.word,
            asks: question.asks,
          })
        }
      >
        Begin this trial
      </Button>
    </li>
  );
}
