'use client';

import type { PlanOutcome } from '@/core/forecast/plan-outcome';
import type { ColourRamp } from '@/core/food/colour-ramp';
import type { PlanFile } from '@/schemas/plan-file';
import { foodColour } from '@/ui/colour/food-colours';
import { useOutcomes } from '@/ui/study/study-context';
import { wholeMinutes } from '@/ui/words/format';
import { stretchText } from '@/ui/words/price-text';
import { nearestSwatch } from '../swatches';

/** Typical browning of a plan at `time` s. */
function browningAt({ browning }: PlanOutcome, time: number): number {
  const sample = Math.min(browning.values.length - 1, Math.round(time / browning.interval));
  return browning.values[sample] ?? 0;
}

/** The ways of a step side by side for this batch: pull, window, colour at the same minute, acrylamide, hands and waiting. */
export function OutcomeTable({
  caption,
  ways,
  document,
  ramp,
}: {
  caption: string;
  ways: readonly { readonly value: string; readonly word: string; readonly document: PlanFile }[];
  document: PlanFile;
  ramp: ColourRamp;
}) {
  const [base, ...outcomes] = useOutcomes([document, ...ways.map((way) => way.document)]);
  const at = base?.pullTime ?? null;
  return (
    <div className="overflow-x-auto">
      {/* fixed widths: what arrives must not move what is below */}
      <table className="w-full min-w-[27rem] table-fixed border-collapse text-[13px]">
        <caption className="mb-1 text-left text-[14px] font-semibold">{caption}</caption>
        <colgroup>
          <col />
          {['w-[3.3rem]', 'w-[3.7rem]', 'w-[3.8rem]', 'w-[4.6rem]', 'w-[3rem]', 'w-[4rem]'].map((width, i) => (
            <col key={i} className={width} />
          ))}
        </colgroup>
        <thead>
          <tr className="border-b-2 border-enamel-deep text-left text-iron-soft">
            {[
              '',
              'pull',
              'right for',
              at === null ? 'colour' : `at ${wholeMinutes(at)} min`,
              'acrylamide',
              'work',
              'to loading',
            ].map((head, i) => (
              <th key={i} scope="col" className="py-1 pr-2 font-normal whitespace-nowrap">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {ways.map((way, i) => {
            const outcome = outcomes[i];
            const isPlanned = way.document === document;
            return (
              <tr key={way.value} className={`border-b border-enamel-deep ${isPlanned ? 'font-semibold' : ''}`}>
                <th scope="row" className="py-1 pr-1 text-left font-[inherit] break-words">
                  {way.word}
                </th>
                {outcome ? (
                  <>
                    <td className="pr-2 whitespace-nowrap">
                      {outcome.pullTime === null ? 'never' : `${wholeMinutes(outcome.pullTime)} min`}
                    </td>
                    <td className="pr-2 whitespace-nowrap">
                      {outcome.windowWidth === 0 ? 'never all' : stretchText(outcome.windowWidth)}
                    </td>
                    <td className="pr-2 whitespace-nowrap">
                      <span className="flex items-center gap-1.5">
                        <span
                          className="inline-block h-4 w-8 rounded-[3px] border border-iron-soft"
                          style={{ background: foodColour(ramp, browningAt(outcome, at ?? 0)) }}
                        />
                        <span className="sr-only">{nearestSwatch(browningAt(outcome, at ?? 0)).word}</span>
                      </span>
                    </td>
                    <td className="pr-2 whitespace-nowrap">{outcome.acrylamide ?? 'none'}</td>
                    <td className="pr-2 whitespace-nowrap">{Math.round(outcome.handsOn / 60)} min</td>
                    <td className="whitespace-nowrap">{Math.round(outcome.preparation / 60)} min</td>
                  </>
                ) : (
                  <td colSpan={6}>{outcome === null ? 'cannot be worked out' : '…'}</td>
                )}
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className="text-[12px] text-iron-soft">
        The colour is that of most faces at that minute. Work and time are those until the drawer is loaded.
      </p>
    </div>
  );
}
