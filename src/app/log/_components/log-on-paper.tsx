'use client';

import type { Batch } from '@/schemas/batch';
import { LocalTime } from '@/ui/local-time';
import { useUnits } from '@/ui/units-context';
import { massText, temperatureText, wholeMinutes } from '@/ui/words/format';
import { NEXT_WORDS } from '@/ui/words/labels';
import { cutText } from '@/ui/words/plan-text';
import { dayAndTimeText } from '@/ui/words/day-and-time';
import { againstForecast, outcomePhrase, pulledAfter } from './log-words';

/** The batches of a page as a table for paper, a line each. */
export function LogOnPaper({ batches }: { batches: readonly Batch[] }) {
  const units = useUnits();
  return (
    <table className="hidden w-full border-collapse text-left text-[12px] print:table [&_td]:py-1 [&_td]:pr-3 [&_th]:py-1 [&_th]:pr-3 [&_tr]:border-b [&_tr]:border-enamel-deep [&_tr]:align-top">
      <thead>
        <tr>
          {['When, where', 'Batch', 'Amount, dial', 'Pulled after', 'How it was', 'Next time', 'Note'].map((head) => (
            <th key={head} scope="col">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {batches.map((batch) => {
          const { document, outcome, forecast } = batch;
          const pulled = pulledAfter(batch);
          const against = againstForecast(pulled, forecast.done_min);
          return (
            <tr key={batch.id} className="break-inside-avoid">
              <td>
                <LocalTime at={batch.begunAt} write={(date) => dayAndTimeText(date, 'd MMM yyyy', units)} />
                <br />
                {batch.fryerName}
              </td>
              <th scope="row" className="font-semibold">
                {document.name}
                <span className="block font-normal">{cutText(document, units)}</span>
              </th>
              <td>
                {massText(document.mass_g, units)}
                <br />
                {document.cook.stages.map((stage) => temperatureText(stage.temperature_c, units)).join(', then ')}
              </td>
              <td>
                {pulled !== null && `${wholeMinutes(pulled)} min`}
                {against && <span className="block">{against}</span>}
              </td>
              <td>{outcomePhrase(batch)}</td>
              <td>{outcome?.next && NEXT_WORDS[outcome.next].toLowerCase()}</td>
              <td>{outcome?.note}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
