'use client';

import { useEffect, useRef, useState } from 'react';
import { bestByWeights } from '@/core/search/trade-off';
import type { PlanFile } from '@/schemas/plan-file';
import { Button } from '@/ui/controls/button';
import { Choice } from '@/ui/controls/choice';
import { TradeOffChart } from '@/ui/charts/trade-off-chart';
import { useStudy } from '@/ui/study/study-context';
import { useUnits } from '@/ui/units-context';
import { massText, percentText, temperatureText, wholeMinutes } from '@/ui/words/format';
import type { FoundPlan, SearchAnswer } from '@/workers/study/protocol';

/** What matters most, as weights of the search. */
const WISHES = [
  { value: 'even', word: 'Even', weights: { time: 0.4, evenness: 4, attention: 0.3 } },
  { value: 'quick', word: 'Quick', weights: { time: 1.5, evenness: 1, attention: 0.2 } },
  { value: 'easy', word: 'Little to do', weights: { time: 0.4, evenness: 1, attention: 2 } },
] as const;

/** Searches loads, dial in one and two stages, preheat and openings for what lies on the board, and lets any of the best be tried. */
export function FindBetter({ document, release }: { document: PlanFile; release: (document: PlanFile) => void }) {
  const study = useStudy();
  const [wish, setWish] = useState<(typeof WISHES)[number]['value']>('even');
  const [answer, setAnswer] = useState<SearchAnswer | null>(null);
  const [failed, setFailed] = useState(false);
  const callOff = useRef<() => void>(() => undefined);
  useEffect(() => () => callOff.current(), []);
  const stop = () => {
    callOff.current();
    setAnswer((before) => before && { ...before, finished: true });
  };
  const search = () => {
    if (!study) return;
    callOff.current();
    setFailed(false);
    setAnswer({ front: [], tried: 0, finished: false });
    callOff.current = study.search(document, {
      onAnswer: setAnswer,
      onFailure() {
        stop();
        setFailed(true);
      },
    });
  };
  const weights = WISHES.find((one) => one.value === wish)!.weights;
  const best = answer ? bestByWeights(answer.front, weights) : null;
  return (
    <section className="border-t-2 border-enamel-deep pt-3" aria-label="Find better">
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <Choice label="What matters most" value={wish} options={WISHES} onChange={setWish} />
        {answer && !answer.finished ? (
          <Button onClick={stop}>Stop</Button>
        ) : (
          <Button onClick={search} disabled={!study}>
            Find better
          </Button>
        )}
      </div>
      {answer && (
        <>
          <p role="status" className="mt-2 text-[14px] text-iron-soft">
            {failed
              ? `The search broke off after ${answer.tried} ways${answer.front.length > 0 ? '; what it found by then stands below' : ''}. Try it again; if it breaks off again, reload the page.`
              : answer.finished
                ? `${answer.tried} ways tried; ${answer.front.length} that no other beats in time, evenness and openings together.`
                : `${answer.tried} ways tried …`}
          </p>
          <TradeOffChart found={answer.front} best={best} onTry={(found) => release(found.document)} />
          {best && <Suggestion found={best} release={release} />}
        </>
      )}
    </section>
  );
}

function Suggestion({ found, release }: { found: FoundPlan; release: (document: PlanFile) => void }) {
  const units = useUnits();
  const { document, batches, score, asItStands } = found;
  if (asItStands) {
    return (
      <p className="mt-1 text-[15px]">
        <strong>The plan as it was suits that best</strong>: about {wholeMinutes(score.time)} min with the preheat,{' '}
        {percentText(score.evenness)} right. No other way gains what you would notice.
      </p>
    );
  }
  const dial = document.cook.stages.map((stage) => temperatureText(stage.temperature_c, units)).join(', then ');
  return (
    <div className="mt-1 flex flex-wrap items-center gap-x-4 gap-y-1">
      <p className="text-[15px]">
        Suits that best:{' '}
        <strong>
          {batches === 1
            ? 'all at once'
            : `${batches} loads of ${massText(document.mass_g / batches, units)} one after the other`}
          , {dial}, {document.fryer.preheat ? 'preheated' : 'from cold'}, {document.cook.events.length} openings
        </strong>
        : about {wholeMinutes(score.time)} min with the preheat, {percentText(score.evenness)} right.
      </p>
      <Button look="main" onClick={() => release(document)}>
        Try it on
      </Button>
    </div>
  );
}
