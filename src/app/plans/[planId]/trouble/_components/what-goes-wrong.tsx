'use client';

import Link from 'next/link';
import { useMemo, useState } from 'react';
import { Trouble } from '@/app/_components/trouble/trouble';
import { usePlanAgain } from '@/app/_components/use-plan-again';
import { outerRamp } from '@/core/plan/outer-ramp';
import type { Complaint } from '@/core/trouble/diagnose';
import { type Symptom, SYMPTOMS } from '@/core/trouble/symptom';
import { withoutKnowledge } from '@/editing/with-knowledge';
import type { PlanFile } from '@/schemas/plan-file';
import { planFromFile } from '@/schemas/plan-from-file';
import { StudyProvider } from '@/ui/study/study-context';
import { useUnits } from '@/ui/units-context';
import { planPhrases } from '@/ui/words/plan-text';
import { SYMPTOM_WORDS } from '@/ui/words/trouble-text';

/** "Mine always come out soggy": what is complained of, the causes tried on this plan, and the mend as a plan. */
export function WhatGoesWrong({ document, fryerId, planId }: { document: PlanFile; fryerId: string; planId: string }) {
  const units = useUnits();
  const [symptoms, setSymptoms] = useState<readonly Symptom[]>([]);
  const complaint = useMemo<Complaint>(() => ({ pulledAt: null, symptoms }), [symptoms]);
  const ramp = useMemo(() => outerRamp(planFromFile(document)), [document]);
  const { planAgain } = usePlanAgain(fryerId);
  const toggle = (symptom: Symptom) =>
    setSymptoms(symptoms.includes(symptom) ? symptoms.filter((one) => one !== symptom) : [...symptoms, symptom]);
  return (
    <StudyProvider>
      <h1 className="text-[30px]">What goes wrong with it?</h1>
      <p className="text-[15px]">
        <Link href={`/?plan=${planId}`} className="font-semibold text-rim underline underline-offset-4">
          {document.name}
        </Link>{' '}
        <span className="text-iron-soft">{planPhrases(document, units).join(' · ')}</span>
      </p>
      <fieldset className="mt-4">
        <legend className="text-[18px] font-semibold">How do they come out?</legend>
        <div className="mt-2 flex flex-wrap gap-2">
          {SYMPTOMS.map((symptom) => (
            <label
              key={symptom}
              className="flex min-h-11 items-center gap-2 rounded-part border-2 border-enamel-deep bg-paper px-3 text-[15px] has-checked:border-rim has-checked:bg-rim has-checked:text-on-rim"
            >
              <input
                type="checkbox"
                checked={symptoms.includes(symptom)}
                onChange={() => toggle(symptom)}
                className="sr-only"
              />
              {SYMPTOM_WORDS[symptom]}
            </label>
          ))}
        </div>
      </fieldset>
      <section aria-label="Likely causes" className="mt-5">
        {symptoms.length === 0 ? (
          <p className="text-[15px] text-iron-soft">
            Tap all that is true; the causes that give it on this very plan stand here then, likeliest first. That
            pieces stick, break or burst is not computed.
          </p>
        ) : (
          <Trouble
            key={symptoms.join(' ')}
            document={document}
            complaint={complaint}
            ramp={ramp}
            cameOut={[]}
            onMend={(mended) => void planAgain(withoutKnowledge(mended))}
          />
        )}
      </section>
    </StudyProvider>
  );
}
