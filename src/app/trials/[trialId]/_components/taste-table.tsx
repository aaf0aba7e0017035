'use client';

import { useState } from 'react';
import { type Taster, TASTERS, type TrialPair } from '@/schemas/trial';
import { Button } from '@/ui/controls/button';

const QUESTIONS = [
  { of: 'crisper', words: 'Which is the crisper?' },
  { of: 'rather', words: 'Which would you rather eat?' },
] as const;

/** Two bowls, two tasters, two questions each; what the first said is hidden from the second. */
export function TasteTable({
  pair,
  busy,
  onTaste,
}: {
  pair: TrialPair;
  busy: boolean;
  onTaste: (said: { taster: Taster; crisper: string; rather: string }) => Promise<unknown>;
}) {
  const [answers, setAnswers] = useState<Partial<Record<Taster, string>>>({});
  const answer = (taster: Taster, code: string) => {
    const crisper = answers[taster];
    if (crisper === undefined) return setAnswers({ ...answers, [taster]: code });
    void onTaste({ taster, crisper, rather: code }).then(() => setAnswers({ ...answers, [taster]: undefined }));
  };
  return (
    <section aria-labelledby="taste">
      <h2 id="taste" className="text-[20px]">
        Taste, without knowing
      </h2>
      <p className="mt-2 flex justify-around" aria-hidden>
        {pair.bowls.map((code) => (
          <span
            key={code}
            className="flex size-24 items-center justify-center rounded-full border-4 border-iron bg-paper font-display text-[20px] font-bold"
          >
            {code}
          </span>
        ))}
      </p>
      <ul className="mt-3 space-y-4">
        {TASTERS.map((taster) => {
          const asked = answers[taster] === undefined ? QUESTIONS[0] : QUESTIONS[1];
          return (
            <li key={taster}>
              <p className="font-semibold">
                Taster {taster}{' '}
                <span className="text-[14px] font-normal text-iron-soft">
                  {pair.tasted.includes(taster)
                    ? 'has tasted; hidden until both have'
                    : `${asked === QUESTIONS[0] ? 1 : 2} of 2`}
                </span>
              </p>
              {!pair.tasted.includes(taster) && (
                <div role="group" aria-label={`Taster ${taster}: ${asked.words}`}>
                  <p className="text-[15px]">{asked.words}</p>
                  <p className="mt-1 flex flex-wrap gap-2">
                    {[pair.bowls[0], 'alike', pair.bowls[1]].map((code) => (
                      <Button key={code} disabled={busy} onClick={() => answer(taster, code)}>
                        {code}
                      </Button>
                    ))}
                  </p>
                </div>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
