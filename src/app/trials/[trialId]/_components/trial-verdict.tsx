import { EIGHT_IN_TEN } from '@/core/learn/beliefs';
import { differenceAfter, MODEL_DOUBT } from '@/core/trial/difference';
import { chanceOfPick, preferenceOf } from '@/core/trial/paired-tasting';
import type { Trial } from '@/schemas/trial';
import { percentText } from '@/ui/words/format';
import { picksOf, togetherText, verdictText } from './trial-words';
import type { TrialModel } from '@/app/_components/use-trial-model';

/** The verdict in a sentence, and how often the other way would be picked: by the model before, by the tastings now. */
export function TrialVerdict({ trial, model }: { trial: Trial; model: TrialModel | null }) {
  const crisper = picksOf(trial, 'crisper');
  const tasted = crisper.one + crisper.other + crisper.alike;
  const now = preferenceOf(crisper);
  const rather = preferenceOf(picksOf(trial, 'rather'));
  const together = model && tasted > 0 ? differenceAfter(model.difference, crisper) : null;
  return (
    <section aria-labelledby="verdict" className="border-t-2 border-enamel-deep p-5">
      <h2 id="verdict" className="text-[24px]">
        {verdictText(trial)}
      </h2>
      {tasted > 0 && (
        <p className="mt-1 text-[15px]">
          Most likely “{trial.wordOther}” is called the crisper {percentText(now.mean)} of the time; it may be anything
          from {percentText(now.from)} to {percentText(now.to)}, and it is the one rather eaten{' '}
          {percentText(rather.mean)} of the time.
          {together && ` ${togetherText(trial, together)}`}
        </p>
      )}
      <div className="relative mt-4 h-[74px]" aria-hidden>
        <span className="absolute top-[50px] right-0 left-0 h-0.5 bg-iron" />
        <span className="absolute top-0 left-1/2 h-[54px] border-l-2 border-dotted border-iron" />
        {model && (
          <Bar
            from={chanceOfPick(model.difference - EIGHT_IN_TEN * MODEL_DOUBT)}
            to={chanceOfPick(model.difference + EIGHT_IN_TEN * MODEL_DOUBT)}
            className="top-0 border border-iron-soft hatched"
          />
        )}
        {tasted > 0 && <Bar from={now.from} to={now.to} className="top-[15px] bg-iron" />}
        {together && (
          <Bar
            from={chanceOfPick(together.from)}
            to={chanceOfPick(together.to)}
            className="top-[30px] border-2 border-rim bg-enamel"
          />
        )}
        <span className="absolute top-[54px] left-0 text-[13px]">{trial.wordOne}</span>
        <span className="absolute top-[54px] left-1/2 -translate-x-1/2 text-[13px] text-iron-soft">no difference</span>
        <span className="absolute top-[54px] right-0 text-[13px]">{trial.wordOther}</span>
      </div>
      <p className="flex flex-wrap gap-x-5 text-[13px] text-iron-soft">
        <span className="flex items-center gap-2">
          <span className="inline-block h-3 w-7 border border-iron-soft hatched" /> the model, before
        </span>
        <span className="flex items-center gap-2">
          <span className="inline-block h-3 w-7 rounded-[2px] bg-iron" /> the tastings, 8 times in 10
        </span>
        {together && (
          <span className="flex items-center gap-2">
            <span className="inline-block h-3 w-7 rounded-[2px] border-2 border-rim bg-enamel" /> both together
          </span>
        )}
      </p>
    </section>
  );
}

function Bar({ from, to, className }: { from: number; to: number; className: string }) {
  return (
    <span
      className={`absolute h-3 rounded-[2px] ${className}`}
      style={{ left: `${100 * from}%`, width: `${100 * (to - from)}%` }}
    />
  );
}
