'use client';

import { useMemo } from 'react';
import { Trouble } from '@/app/_components/trouble/trouble';
import { usePlanAgain } from '@/app/_components/use-plan-again';
import type { ColourRamp } from '@/core/food/colour-ramp';
import { complaintOf } from '@/editing/complaint-of';
import { withoutKnowledge } from '@/editing/with-knowledge';
import type { Batch } from '@/schemas/batch';
import type { PlanFile } from '@/schemas/plan-file';

/** What may have spoilt a batch of which something was complained; nothing where nothing was. */
export function WhatWentWrong({
  batch,
  cooked,
  pulledAt,
  ramp,
  fryerId,
}: {
  batch: Batch;
  cooked: PlanFile;
  pulledAt: number | null;
  ramp: ColourRamp;
  fryerId: string | null;
}) {
  const complaint = useMemo(
    () => (batch.outcome ? complaintOf(batch.outcome, batch.document, pulledAt) : null),
    [batch.outcome, batch.document, pulledAt],
  );
  const { planAgain } = usePlanAgain(fryerId);
  if (!complaint || complaint.symptoms.length === 0) return null;
  return (
    <section aria-labelledby="causes" className="mt-5">
      <h2 id="causes" className="text-[20px]">
        Likely causes, each tried on this very plan{' '}
        <span className="font-text text-[14px] font-normal text-iron-soft">
          upper strip: what it would have given; lower strip: what came out
        </span>
      </h2>
      <div className="mt-2">
        <Trouble
          document={cooked}
          complaint={complaint}
          ramp={ramp}
          cameOut={batch.fingerprint}
          onMend={(mended) => void planAgain(withoutKnowledge(mended))}
        />
      </div>
    </section>
  );
}
