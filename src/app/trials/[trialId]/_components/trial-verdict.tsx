import { chanceOfPick, preferenceOf } from '@/core/trial/paired-tasting';
import type { Trial } from '@/schemas/trial';
import { percentText } from '@/ui/words/format';
import { picksOf, verdictText } from './trial-words';
import type { TrialModel } from './use-trial-model';

/** How far the model may be off in what it expects, share of the pieces either way. Source: assumed. */
const MODEL_DOUBT = 0.08;

/** The verdict in a sentence, and how often the other way would be picked: by the model before, by the tastings now. */
export function TrialVerdict({ trial, model }: { trial: Trial; model: TrialModel | null }) {
  const crisper = picksOf(trial, 'crisper');
  const tasted = crisper.one + crisper.other + crisper.alike;
  const now = preferenceOf(crisper);
  const rather = preferenceOf(picksOf(trial, 'rather'));
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
        </p>
      )}
      <div className="relative mt-4 h-16" aria-hidden>
        <span className="absolute top-10 right-0 left-0 h-0.5 bg-iron" />
        <span className="absolute top-0 left-1/2 h-11 border-l-2 border-dotted border-iron" />
        {model && (
          <Bar
            from={chanceOfPick(model.difference - MODEL_DOUBT)}
            to={chanceOfPick(model.difference + MODEL_DOUBT)}
            className="top-1 border border-iron-soft hatched"
          />
        )}
        {tasted > 0 && <Bar from={now.from} to={now.to} className="top-5 bg-iron" />}
        <span className="absolute top-11 left-0 text-[13px]">{trial.wordOne}</span>
        <span className="absolute top-11 left-1/2 -translate-x-1/2 text-[13px] text-iron-soft">no difference</span>
        <span className="absolute top-11 right-0 text-[13px]">{trial.wordOther}</span>
      </div>
      <p className="flex flex-wrap gap-x-5 text-[13px] text-iron-soft">
        <span className="flex items-center gap-2">
          <span className="inline-block h-3 w-7 border border-iron-soft hatched" /> the model, before
        </span>
        <span className="flex items-center gap-2">
          <span className="inline-block h-3 w-7 rounded-[2px] bg-iron" /> the tastings, 8 times in 10
        </span>
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
