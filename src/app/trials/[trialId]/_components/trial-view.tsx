'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { usePlanAgain } from '@/app/_components/use-plan-again';
import type { Trial, TrialPair } from '@/schemas/trial';
import { Button } from '@/ui/controls/button';
import { Switch } from '@/ui/controls/switch';
import { notifyError } from '@/ui/notify';
import { send } from '@/ui/send';
import { StudyProvider } from '@/ui/study/study-context';
import { useUnits } from '@/ui/units-context';
import { wholeMinutes } from '@/ui/words/format';
import { planPhrases } from '@/ui/words/plan-text';
import { differenceText, pairsText } from '@/ui/words/trial-text';
import { SoFar } from './so-far';
import { TasteTable } from './taste-table';
import { TrialVerdict } from './trial-verdict';
import { useTrialModel } from '@/app/_components/use-trial-model';

/** A trial: what is expected, the open pair with its lot and its tasting, what was said so far, and the verdict. */
export function TrialView({ trial, fryerName }: { trial: Trial; fryerName: string }) {
  return (
    <StudyProvider>
      <Opened trial={trial} fryerName={fryerName} />
    </StudyProvider>
  );
}

function Opened({ trial, fryerName }: { trial: Trial; fryerName: string }) {
  const router = useRouter();
  const units = useUnits();
  const model = useTrialModel(trial);
  const [busy, setBusy] = useState(false);
  const [sideBySide, setSideBySide] = useState(trial.pairs.at(-1)?.sideBySide ?? false);
  const act = async (method: 'POST' | 'PUT', path: string, body: unknown) => {
    setBusy(true);
    const sent = await send(method, `/api/trials/${trial.id}${path}`, body);
    setBusy(false);
    if (sent.kind === 'done') router.refresh();
    else notifyError(sent.error);
    return sent;
  };
  const last = trial.pairs.at(-1);
  const open = last && last.tastings.length === 0 ? last : null;
  const done = trial.pairs.filter(({ tastings }) => tastings.length > 0).length;
  return (
    <>
      <div className="flex flex-wrap items-baseline gap-x-6 gap-y-1">
        <h1 className="text-[34px]">{trial.name}</h1>
        <p className="min-w-0 text-[15px]">
          {trial.wordOne} against {trial.wordOther}, in {fryerName}. Everything else is kept alike.
          <span className="block text-iron-soft">{planPhrases(trial.one, units).join(' · ')}</span>
        </p>
      </div>
      <p className="mt-2 text-[15px]" role="status">
        {model ? (
          <>
            Expected from the model: <strong>{differenceText(model.difference, trial.wordOne, trial.wordOther)}</strong>
            . {pairsText(model.pairs)}
          </>
        ) : (
          'Working out what to expect …'
        )}
      </p>
      <div className="mt-4 tray">
        {open ? (
          <div className="grid gap-x-8 gap-y-6 p-5 md:grid-cols-2 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)_minmax(0,1fr)]">
            <section aria-labelledby="lot">
              <h2 id="lot" className="text-[20px]">
                Pair {open.pair}: one lot, dealt by chance
              </h2>
              <ul className="mt-2 list-disc space-y-1 pl-5 text-[15px]">
                <li>
                  Cut the whole lot first, {model ? `about ${2 * model.pieces} pieces` : 'twice the plan’s'}; deal them
                  into two heaps one by one, and weigh: within 3 g of each other.
                </li>
                <HowCooked pair={open} warmer={model?.warmer ?? null} />
              </ul>
              <Filler trial={trial} pair={open.pair} />
            </section>
            <TasteTable pair={open} busy={busy} onTaste={(said) => act('PUT', `/pairs/${open.pair}`, said)} />
            {done > 0 && (
              <details>
                <summary className="min-h-11 text-[15px] font-semibold text-rim">
                  So far; folded while you taste
                </summary>
                <SoFar trial={trial} />
              </details>
            )}
          </div>
        ) : (
          <div className="grid gap-x-8 gap-y-6 p-5 md:grid-cols-2">
            <section aria-label="Next pair">
              <h2 className="text-[20px]">
                {trial.ended ? 'Settled' : done === 0 ? 'The first pair' : `Pair ${done + 1}`}
              </h2>
              <p className="mt-2 text-[15px]">
                {trial.ended
                  ? 'The trial is settled with what is known.'
                  : 'Which heap is cooked which way, in which order, and what the bowls are called is drawn by chance and sealed until both of you have tasted.'}
              </p>
              <div className="mt-3 flex flex-wrap gap-3">
                {trial.ended ? (
                  <Button disabled={busy} onClick={() => act('PUT', '', { ended: false })}>
                    Go on with it
                  </Button>
                ) : (
                  <>
                    <Button look="main" disabled={busy} onClick={() => act('POST', '/pairs', { sideBySide })}>
                      Cook pair {done + 1}
                    </Button>
                    <span className="flex items-center gap-1 text-[15px]">
                      <Switch label="Both at once, a drawer each" checked={sideBySide} onChange={setSideBySide} />
                      <span aria-hidden>Both at once, a drawer each</span>
                    </span>
                    {done > 0 && (
                      <Button look="quiet" disabled={busy} onClick={() => act('PUT', '', { ended: true })}>
                        Settle for what is known
                      </Button>
                    )}
                  </>
                )}
              </div>
            </section>
            <SoFar trial={trial} />
          </div>
        )}
        {/* while someone tastes, nothing says how it stands */}
        {!open && <TrialVerdict trial={trial} model={model} />}
      </div>
    </>
  );
}

/** Less than this is not worth a word, s. Source: chosen. */
const HARDLY = 15;

/** Which goes in first, or into which drawer, and what cannot be kept alike. */
function HowCooked({ pair: { first, bowls, sideBySide }, warmer }: { pair: TrialPair; warmer: number | null }) {
  const second = bowls.find((bowl) => bowl !== first);
  if (sideBySide) {
    return (
      <>
        <li>
          <strong>{first}</strong> goes into drawer 1, <strong>{second}</strong> into drawer 2, both at once.
        </li>
        <li>
          Alike: weight, oil, load, shakes, moment, light. Not alike: the drawers; which way lies in which is drawn anew
          for each pair, so that neither has the better one for good. Pull each by its own forecast; what is out first
          waits on a rack. Put both back in for two minutes before tasting.
        </li>
      </>
    );
  }
  return (
    <>
      <li>
        <strong>{first}</strong> goes in first, then {second}.
      </li>
      <li>
        Alike: weight, oil, load, shakes, plate, light. Not alike: the second goes in after the first
        {warmer !== null && Math.abs(warmer) >= HARDLY
          ? `, into a fryer as that leaves it, and is right about ${wholeMinutes(Math.abs(warmer))} min ${warmer > 0 ? 'sooner' : 'later'}: pull it by its own forecast`
          : ', which hardly matters here'}
        ; the first waits on a rack. Put both back in for two minutes before tasting.
      </li>
    </>
  );
}

/** Which bowl holds what, for whoever fills them: shown on this device only, and noted. */
function Filler({ trial, pair }: { trial: Trial; pair: number }) {
  const [codeOne, setCodeOne] = useState<string | null>(null);
  const { planAgain, saving } = usePlanAgain(trial.fryerId);
  const look = async () => {
    const sent = await send('POST', `/api/trials/${trial.id}/pairs/${pair}/reveal`, {});
    if (sent.kind === 'done') setCodeOne((sent.answer as { codeOne: string }).codeOne);
    else notifyError(sent.error);
  };
  const other = trial.pairs.find((one) => one.pair === pair)!.bowls.find((bowl) => bowl !== codeOne);
  return (
    <div className="mt-3 text-[15px]">
      {codeOne === null ? (
        <>
          <Button onClick={look}>I fill the bowls: show me which is which</Button>
          <p className="mt-1 text-[14px] text-iron-soft">
            Only whoever cooks looks, and lets someone else move the bowls about before tasting with the others.
          </p>
        </>
      ) : (
        <>
          <p>
            <strong>{codeOne}</strong>: {trial.wordOne}. <strong>{other}</strong>: {trial.wordOther}.
          </p>
          <p className="mt-2 flex flex-wrap gap-2">
            {(
              [
                [trial.one, trial.wordOne],
                [trial.other, trial.wordOther],
              ] as const
            ).map(([document, word]) => (
              <Button key={word} disabled={saving} onClick={() => planAgain(document, `pair ${pair}`)}>
                Cook “{word}”
              </Button>
            ))}
          </p>
          <Button look="quiet" className="px-0" onClick={() => setCodeOne(null)}>
            Hide it again
          </Button>
        </>
      )}
    </div>
  );
}
