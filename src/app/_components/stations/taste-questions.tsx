import { useMemo, useState } from 'react';
import { schoolsOf, type SchoolQuestion } from '@/editing/schools';
import type { PlanFile } from '@/schemas/plan-file';
import { Button } from '@/ui/controls/button';
import { Choice } from '@/ui/controls/choice';
import { useUnits } from '@/ui/units-context';
import { lengthText } from '@/ui/words/format';
import { differenceText, pairsText } from '@/ui/words/trial-text';
import { useBeginTrial } from '../use-begin-trial';
import { useExpectedDifference } from '../use-trial-model';
import type { StationId } from './station';

/** What cooks differ on at this station, for this plan, each to be begun as a trial. */
export function TasteQuestions({
  document,
  station,
  fryerId,
}: {
  document: PlanFile;
  station: StationId;
  fryerId: string;
}) {
  const units = useUnits();
  const questions = useMemo(
    () => schoolsOf(document, (mm) => lengthText(mm, units)).filter((question) => question.station === station),
    [document, station, units],
  );
  if (questions.length === 0) {
    return <p className="pb-2 text-[15px] text-iron-soft">Nothing here on which cooks differ for this plan.</p>;
  }
  return (
    <div className="space-y-4 pb-2">
      {questions.map((question) => (
        <Question key={question.asks} question={question} fryerId={fryerId} />
      ))}
    </div>
  );
}

function Question({ question: { asks, planned, others }, fryerId }: { question: SchoolQuestion; fryerId: string }) {
  const [chosen, setChosen] = useState(others[0]!.word);
  const other = others.find(({ word }) => word === chosen) ?? others[0]!;
  const ways = { one: planned.document, other: other.document };
  const model = useExpectedDifference(ways);
  const { begin, busy } = useBeginTrial(fryerId);
  return (
    <section>
      {others.length > 1 ? (
        <Choice
          label={asks}
          value={other.word}
          options={others.map(({ word }) => ({ value: word, word }))}
          onChange={setChosen}
        />
      ) : (
        <h4 className="text-[15px]">{asks}</h4>
      )}
      <p className="mt-1 text-[15px]" role="status">
        Yours, <strong>{planned.word}</strong>, against <strong>{other.word}</strong>:{' '}
        {model
          ? `the model expects ${differenceText(model.difference, planned.word, other.word)}. ${pairsText(model.pairs)}`
          : 'working out what to expect …'}
      </p>
      <Button
        className="mt-2"
        disabled={busy}
        onClick={() => begin({ ...ways, wordOne: planned.word, wordOther: other.word, asks })}
      >
        Try both on one lot
      </Button>
    </section>
  );
}
